package oldtallow.core.setting.rolling;

import static oldtallow.core.bearing.Sets.set;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import oldtallow.core.bearing.BearingSet;
import oldtallow.core.fit.HubMaterial;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.HubDimension;
import oldtallow.core.hub.WheelEndShape;
import oldtallow.core.hub.section.Shapes;
import oldtallow.core.quantity.Force;
import oldtallow.core.quantity.Length;
import oldtallow.core.words.LifeWords;
import oldtallow.core.words.SettingWords;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What the model of a pair can be asked, its words by the part, and its surfaces by plain geometry. */
class RollingBoundsTest {

    private static final BearingPair PAIR = ModelHub.PAIR;

    /** Parts a mechanic would say, the nearest by ratio; within a tenth of all it is all. This product's own words. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1 1 1 | about the same life",
                "0.91 1.09 1 | about the same life",
                "0.5 0.5 0.5 | about half of the life",
                "0.5 0.33 0.5 | between a third and half of the life",
                "0.05 0.11 0.2 | between a twentieth and a fifth of the life",
                "0.8 0.66 0.7 | between two thirds and four fifths of the life",
                "1 1.5 1.2 | the same to 1.5 times the life",
                "2 2 2 | about twice the life",
                "2 3 1.25 | between 1.25 times and 3 times the life",
                "5 10 9 | between 5 times and 10 times the life",
                "0.8 1 0.9 | between four fifths and all of the life",
                "0.001 0.001 0.001 | about a twentieth of the life",
                "100 100 100 | about 10 times the life"
            })
    void saysItInParts(String lives, String words) {
        List<Double> each =
                List.of(lives.split(" ", -1)).stream().map(Double::valueOf).toList();
        var life = new RelativeLife(each.get(0), each.get(1), each.get(2));

        assertThat(LifeWords.of(life)).isEqualTo(words);
        assertThat(life.least()).isEqualTo(each.stream().min(Double::compare).orElseThrow());
        assertThat(life.most()).isEqualTo(each.stream().max(Double::compare).orElseThrow());
    }

    @Test
    void isHeldAgainstAnotherSetting() {
        RelativeLife over = new RelativeLife(0.6, 0.5, 0.9).over(new RelativeLife(0.3, 0.2, 0.6));

        assertThat(over.likely()).isCloseTo(2, within(1e-12));
        assertThat(over.softer()).isCloseTo(2.5, within(1e-12));
        assertThat(over.stiffer()).isCloseTo(1.5, within(1e-12));
    }

    /** By a factor of two either way; told from 5 K on, in steps of 5 degrees, below them by the degree. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "2.4 | adds no warmth a hand would feel",
                "2.5 | adds some 1 to 5 °C (2 to 10 °F)",
                "10 | adds some 5 to 20 °C (10 to 35 °F)",
                "40 | adds some 20 to 80 °C (35 to 145 °F)"
            })
    void saysWhatASettingAdds(double kelvin, String words) {
        assertThat(SettingWords.heat(new AddedHeat(kelvin))).isEqualTo(words);
    }

    /**
     * Barrel π·(D1 + D2)/2·L, end π/4·D2², both faces of the flange beyond the barrel to 1.25 stud circles: a straight spindle's hub.
     */
    @Test
    void aHubHasItsSurface() {
        WheelEndShape shape = Shapes.preset(Construction.STEPPED_BRAKED);
        double inboard = shape.size(HubDimension.HUB_OUTSIDE_INBOARD);
        double outboard = shape.size(HubDimension.HUB_OUTSIDE_OUTBOARD);
        double rim = 1.25 * shape.size(HubDimension.STUD_CIRCLE);
        double square = Math.PI * (inboard + outboard) / 2 * shape.size(HubDimension.BACK_FACE_DISTANCE)
                + Math.PI * outboard * outboard / 4
                + Math.PI * (rim * rim - inboard * inboard) / 2;

        assertThat(HubSurface.of(shape).squareMetres()).isCloseTo(square / 1e6, within(1e-12));
        BearingSet inner = set("L68149/L68111");
        BearingSet outer = set("L44649/L44610");
        double a = 1.33 * 59.975;
        double b = 1.33 * 50.292;
        double flange = 1.25 * 1.9 * 59.975;
        assertThat(HubSurface.of(inner, outer, mm(60)).squareMetres())
                .isCloseTo(
                        (Math.PI * (a + b) / 2 * 60 + Math.PI / 4 * b * b + Math.PI / 2 * (flange * flange - a * a))
                                / 1e6,
                        within(1e-5));
    }

    @Test
    void boundsTheSurface() {
        assertThat(new HubSurface(0.002).cooling(0)).isCloseTo(0.02, within(1e-12));
        assertThat(new HubSurface(2).cooling(100)).isCloseTo(2 * (10 + 6 * Math.pow(100, 0.78)), within(1e-9));
        assertThatThrownBy(() -> new HubSurface(0.0019)).hasMessageContaining("surface of the hub");
        assertThatThrownBy(() -> new HubSurface(2.01)).hasMessageContaining("surface of the hub");
        assertThatThrownBy(() -> new HubSurface(1).cooling(-0.1)).hasMessageContaining("speed");
        assertThatThrownBy(() -> new HubSurface(1).cooling(100.1)).hasMessageContaining("speed");
    }

    @Test
    void boundsTheWarmth() {
        assertThat(warmth(0.2, -40, 0, 0).perMinute()).isZero();
        assertThat(warmth(50, 60, 5000, 5000).ambientCelsius()).isEqualTo(60);
        assertThatThrownBy(() -> warmth(0.19, 20, 700, 150)).hasMessageContaining("cooling of the hub");
        assertThatThrownBy(() -> warmth(50.1, 20, 700, 150)).hasMessageContaining("cooling of the hub");
        assertThatThrownBy(() -> warmth(2, -40.1, 700, 150)).hasMessageContaining("outside temperature");
        assertThatThrownBy(() -> warmth(2, 60.1, 700, 150)).hasMessageContaining("outside temperature");
        assertThatThrownBy(() -> warmth(2, 20, -1, 150)).hasMessageContaining("speed of the wheel");
        assertThatThrownBy(() -> warmth(2, 20, 5001, 150)).hasMessageContaining("speed of the wheel");
        assertThatThrownBy(() -> warmth(2, 20, 700, -1)).hasMessageContaining("drag of the seal");
        assertThatThrownBy(() -> warmth(2, 20, 700, 5001)).hasMessageContaining("drag of the seal");
    }

    private static HubWarmth warmth(double cooling, double ambient, double perMinute, double seal) {
        return new HubWarmth(Friction.USUAL_OIL, cooling, ambient, perMinute, seal);
    }

    @Test
    void boundsTheLoad() {
        assertThat(load(100_000, 500, 50, 100_000).weight().newtons()).isEqualTo(100_000);
        assertThat(load(1, -500, 1000, -1).offset().millimetres()).isEqualTo(-500);
        assertThatThrownBy(() -> load(0, 0, 330, 0)).hasMessageContaining("load on the wheel");
        assertThatThrownBy(() -> load(100_001, 0, 330, 0)).hasMessageContaining("load on the wheel");
        assertThatThrownBy(() -> load(1000, 0, 49.9, 0)).hasMessageContaining("rolling radius");
        assertThatThrownBy(() -> load(1000, 0, 1000.1, 0)).hasMessageContaining("rolling radius");
        assertThatThrownBy(() -> load(1000, 500.1, 330, 0)).hasMessageContaining("offset of the tyre");
        assertThatThrownBy(() -> load(1000, -500.1, 330, 0)).hasMessageContaining("offset of the tyre");
        assertThatThrownBy(() -> load(1000, 0, 330, 1000.1)).hasMessageContaining("side force");
        assertThatThrownBy(() -> load(1000, 0, 330, -1000.1)).hasMessageContaining("side force");
    }

    private static WheelLoad load(double newtons, double offset, double radius, double side) {
        return new WheelLoad(Force.ofNewtons(newtons), mm(offset), mm(radius), Force.ofNewtons(side));
    }

    @Test
    void boundsTheBearings() {
        assertThat(new BearingPair(ModelHub.INNER, ModelHub.OUTER, 5.01).spread())
                .isEqualTo(5.01);
        assertThat(new BearingPair(ModelHub.INNER, ModelHub.OUTER, 999).spread())
                .isEqualTo(999);
        assertThatThrownBy(() -> new BearingPair(ModelHub.INNER, ModelHub.OUTER, 5))
                .hasMessageContaining("spread of the bearings");
        assertThatThrownBy(() -> new BearingPair(ModelHub.INNER, ModelHub.OUTER, 1000))
                .hasMessageContaining("spread of the bearings");
        assertThat(bearing(0.051, 5, 6, 10, 47).rollers()).isEqualTo(5);
        assertThat(bearing(1.19, 100, 6, 10, 47).rollers()).isEqualTo(100);
        assertThatThrownBy(() -> bearing(0.05, 20, 6, 10, 47)).hasMessageContaining("tangent");
        assertThatThrownBy(() -> bearing(1.2, 20, 6, 10, 47)).hasMessageContaining("tangent");
        assertThatThrownBy(() -> bearing(0.3, 4, 6, 10, 47)).hasMessageContaining("rollers");
        assertThatThrownBy(() -> bearing(0.3, 101, 6, 10, 47)).hasMessageContaining("rollers");
        assertThatThrownBy(() -> bearing(0.3, 20, 0, 10, 47)).hasMessageContaining("smaller than its bearing");
        assertThatThrownBy(() -> bearing(0.3, 20, 6, 0, 47)).hasMessageContaining("smaller than its bearing");
        assertThatThrownBy(() -> bearing(0.3, 20, 6, 10, 12)).hasMessageContaining("smaller than its bearing");
        assertThatThrownBy(() -> new RollerBearing(0.3, 20, 6, 10, 47, 0))
                .hasMessageContaining("smaller than its bearing");
        assertThatThrownBy(() -> BearingPair.of(set("L68149/L68111"), set("L44649/L44610"), mm(31)))
                .hasMessageContaining("31.5 mm or more: so wide are both cones");
        assertThat(BearingPair.of(set("L68149/L68111"), set("L44649/L44610"), mm(31.5))
                        .spread())
                .isGreaterThan(5);
    }

    private static RollerBearing bearing(double tangent, int rollers, double diameter, double length, double pitch) {
        return new RollerBearing(tangent, rollers, diameter, length, pitch, 47);
    }

    /**
     * a = (d + D)·1.5·tan α/6 − T/2 from the back face (bearing catalogues, from memory): 35 × 72 × 17 with e 0.38 has its
     * effective centre 15.5 mm behind its front, and spread is back faces and both.
     */
    @Test
    void theSpreadGoesFromCentreToCentre() {
        BearingSet inner = set("L68149/L68111");
        BearingSet outer = set("L44649/L44610");
        double a = (34.987 + 59.975) * inner.e() / 6 - 15.875 / 2;
        double b = (26.988 + 50.292) * outer.e() / 6 - 14.224 / 2;

        assertThat(BearingPair.of(inner, outer, mm(60)).spread()).isCloseTo(60 + a + b, within(2e-3));
    }

    /** The rollers lie inwards of the centres by half the pitch times the tangent: 62 − 23.75·0.28 − 19.3·0.24667. */
    @Test
    void rollersLieBetweenTheCentres() {
        assertThat(PAIR.betweenRollers().millimetres()).isCloseTo(62 - 23.75 * 0.28 - 19.3 * 0.37 / 1.5, within(1e-9));
    }

    @Test
    void boundsRock() {
        assertThat(new TyrePlay(PAIR, mm(20)).radius()).isEqualTo(mm(20));
        assertThat(new TyrePlay(PAIR, mm(1000)).radius()).isEqualTo(mm(1000));
        assertThatThrownBy(() -> new TyrePlay(PAIR, mm(19.9))).hasMessageContaining("radius it is measured at");
        assertThatThrownBy(() -> new TyrePlay(PAIR, mm(1000.1))).hasMessageContaining("radius it is measured at");
        var tyre = new TyrePlay(PAIR, mm(330));
        assertThat(new RockReading(tyre, mm(60), mm(5)).rock()).isEqualTo(mm(60));
        assertThat(new RockReading(tyre, mm(0), mm(0.01)).rock()).isEqualTo(mm(0));
        assertThatThrownBy(() -> new RockReading(tyre, mm(60.1), mm(1))).hasMessageContaining("rock at the tyre");
        assertThatThrownBy(() -> new RockReading(tyre, mm(-0.1), mm(1))).hasMessageContaining("rock at the tyre");
        assertThatThrownBy(() -> new RockReading(tyre, mm(1), mm(0.009))).hasMessageContaining("what it is read to");
        assertThatThrownBy(() -> new RockReading(tyre, mm(1), mm(5.1))).hasMessageContaining("what it is read to");
    }

    /** The smaller cup loses its fit first; 1 ‰ of it over (23.9 − 11.5)·10⁻⁶ is 80.6 K for every size. Iron never does. */
    @Test
    void boundsThermalPlay() {
        var aluminium = new ThermalPlay(PAIR, HubMaterial.ALUMINIUM, mm(5), mm(60), mm(50));
        assertThat(aluminium.fitGoneAt()).isCloseTo(1e-3 / 12.4e-6, within(1e-6));
        assertThat(aluminium.change(80.6, 0)).isPresent();
        assertThat(aluminium.change(80.7, 0)).isEmpty();
        assertThat(new ThermalPlay(PAIR, HubMaterial.GREY_IRON, mm(500), mm(60), mm(50)).fitGoneAt())
                .isInfinite();
        assertThatThrownBy(() -> new ThermalPlay(PAIR, HubMaterial.STEEL, mm(4.9), mm(60), mm(50)))
                .hasMessageContaining("distance of the rollers");
        assertThatThrownBy(() -> new ThermalPlay(PAIR, HubMaterial.STEEL, mm(500.1), mm(60), mm(50)))
                .hasMessageContaining("distance of the rollers");
        assertThatThrownBy(() -> aluminium.change(251, 0)).hasMessageContaining("warming");
        assertThatThrownBy(() -> aluminium.change(0, -251)).hasMessageContaining("warming");
        assertThat(aluminium.change(-250, 0)).isPresent();
    }

    private static Length mm(double millimetres) {
        return Length.ofMillimetres(millimetres);
    }
}
