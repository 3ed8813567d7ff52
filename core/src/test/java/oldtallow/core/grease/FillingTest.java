package oldtallow.core.grease;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import oldtallow.core.bearing.BearingSet;
import oldtallow.core.bearing.RollerGeometry;
import oldtallow.core.grease.Filling.Amount;
import oldtallow.core.grease.Filling.Place;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.Fittings.CavityFill;
import oldtallow.core.hub.HubDimension;
import oldtallow.core.hub.WheelEndShape;
import oldtallow.core.hub.section.PartName;
import oldtallow.core.hub.section.Point;
import oldtallow.core.hub.section.Section;
import oldtallow.core.hub.section.Shapes;
import oldtallow.core.quantity.Length;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;

/** How much grease goes where, each place by plain geometry; thicknesses and doubts are common practice. */
class FillingTest {

    private static final WheelEndShape HUB = Shapes.preset(Construction.STEPPED_BRAKED);

    /** A bed of 1 mm all over both cups, to 30 % either way by hand: 2π · mean radius · width. */
    @ParameterizedTest
    @MethodSource("oldtallow.core.hub.section.Shapes#presets")
    void aBedCoversBothCups(WheelEndShape shape) {
        double bed = Stream.of(shape.inboard(), shape.outboard())
                .mapToDouble(
                        set -> 2 * Math.PI * raceAtMiddle(set) * set.cupWidth().millimetres() / 1000)
                .sum();

        hasAbout(shape, Place.BEDS, bed, 0.3);
    }

    /** Half-way along the cup, which stands flush with the wide end of the set. */
    private static double raceAtMiddle(BearingSet set) {
        RollerGeometry inside = RollerGeometry.of(set);
        double fromNarrow = set.width().millimetres() - set.cupWidth().millimetres() / 2;
        return inside.radiusAt(inside.raceAngle(), fromNarrow);
    }

    /** 12 mm along the seal land, 1 mm thick. */
    @Test
    void aFilmGoesUnderTheSeal() {
        hasAbout(HUB, Place.SEAL_AND_SEATS, Math.PI * HUB.size(HubDimension.SEAL_LAND) * 12 / 1000, 0.3);
    }

    /** A cap is a third of its bore deep, or gets a film of 1 mm. */
    @Test
    void aCapIsFilledOrFilmed() {
        double bore = HUB.size(HubDimension.CAP_BORE);
        double area = Math.PI / 4 * bore * bore;

        assertThat(Filling.of(HUB, CavityFill.RING, true, false).amounts().get(Place.CAP))
                .satisfies(about(area * 0.35 * bore / 1000, 0.3));
        assertThat(Filling.of(HUB, CavityFill.RING, false, false).amounts().get(Place.CAP))
                .satisfies(about(area / 1000, 0.3));
    }

    /** 3 cm³ in the channel of a light trailer's spindle, and none where there is no channel. */
    @Test
    void aChannelTakesItsOwn() {
        WheelEndShape through = Shapes.preset(Construction.GREASE_THROUGH);

        assertThat(Filling.of(through, CavityFill.FULL, false, true).amounts().get(Place.CHANNEL))
                .satisfies(about(3 * through.scale(), 0.3));
        assertThat(Filling.of(through, CavityFill.FULL, false, false).amounts()).doesNotContainKey(Place.CHANNEL);
    }

    /** The hollow, turned about its axis: frustums one after another, against the product's integral over the outline. */
    @ParameterizedTest
    @MethodSource("oldtallow.core.hub.section.Shapes#presets")
    void theCavityIsMadeOfFrustums(WheelEndShape shape) {
        double frustums = Section.of(shape).part(PartName.CAVITY).stream()
                .flatMap(part -> part.outlines().stream())
                .mapToDouble(outline -> {
                    List<Point> points = outline.points();
                    double sum = 0;
                    for (int i = 0; i < points.size(); i++) {
                        Point a = points.get(i);
                        Point b = points.get((i + 1) % points.size());
                        sum += Math.PI * (b.x() - a.x()) * (a.y() * a.y() + a.y() * b.y() + b.y() * b.y()) / 3;
                    }
                    return Math.abs(sum);
                })
                .sum();

        assertThat(Filling.cavity(shape)).isCloseTo(frustums / 1000, within(1e-9 * frustums));
    }

    /** None, 15 %, a third, all of it; good to a quarter where the hub's sizes are assumed, to a tenth where measured. */
    @ParameterizedTest
    @CsvSource({"EMPTY, 0", "RING, 0.15", "THIRD, 0.33333333333", "FULL, 1"})
    void aPracticeFillsItsShare(CavityFill fill, double share) {
        WheelEndShape measured = measured();

        assertThat(Filling.of(HUB, fill, false, false).amounts().get(Place.CAVITY))
                .satisfies(about(share * Filling.cavity(HUB), 0.25));
        assertThat(Filling.of(measured, fill, false, false).amounts().get(Place.CAVITY))
                .satisfies(about(share * Filling.cavity(measured), 0.1));
    }

    /** The whole is the sum of its places, at both ends of the range. */
    @Test
    void addsUp() {
        Filling filling = Filling.of(HUB, CavityFill.THIRD, true, true);

        assertThat(filling.total().least())
                .isCloseTo(
                        filling.amounts().values().stream()
                                .mapToDouble(Amount::least)
                                .sum(),
                        within(1e-9));
        assertThat(filling.total().most())
                .isCloseTo(
                        filling.amounts().values().stream()
                                .mapToDouble(Amount::most)
                                .sum(),
                        within(1e-9));
        assertThat(filling.amounts().get(Place.INBOARD_CONE)).isEqualTo(Filling.freeVolume(HUB.inboard()));
    }

    @Test
    void weighsASetWithinItsEnvelope() {
        BearingSet set = HUB.inboard();
        double solid = Filling.envelope(set) * 7.8;

        assertThat(Filling.freeVolume(set, solid * 0.5)).isCloseTo(Filling.envelope(set) / 2, within(1e-9));
        assertThatThrownBy(() -> Filling.freeVolume(set, solid)).hasMessageContaining("mass of the set");
        assertThatThrownBy(() -> Filling.freeVolume(set, 0)).hasMessageContaining("mass of the set");
    }

    @Test
    void takesTheEndsOfAStroke() {
        assertThat(Filling.strokes(1, 0.1)).isCloseTo(10, within(1e-9));
        assertThat(Filling.strokes(1, 10)).isCloseTo(0.1, within(1e-9));
        assertThatThrownBy(() -> Filling.strokes(1, 10.01)).hasMessageContaining("0.1 to 10 cm³");
    }

    @ParameterizedTest
    @EnumSource(CavityFill.class)
    void saysWhatEachFillingDoes(CavityFill fill) {
        Set<String> all = Stream.of(CavityFill.values()).map(Filling::effect).collect(Collectors.toSet());

        assertThat(all).hasSize(CavityFill.values().length).contains(Filling.effect(fill));
        assertThat(Filling.effect(fill)).isNotBlank();
    }

    /** The hub with every size it was drawn by as if measured. */
    private static WheelEndShape measured() {
        Map<HubDimension, Length> sizes = HUB.sizes();
        return new WheelEndShape(
                HUB.construction(),
                HUB.inboard(),
                HUB.outboard(),
                true,
                HUB.threadDiameter(),
                HUB.fastening(),
                HUB.fittings(),
                sizes);
    }

    private static void hasAbout(WheelEndShape shape, Place place, double middle, double either) {
        assertThat(Filling.of(shape, CavityFill.RING, false, false).amounts().get(place))
                .satisfies(about(middle, either));
    }

    private static Consumer<Amount> about(double middle, double either) {
        return amount -> {
            assertThat(amount.least()).isCloseTo(middle * (1 - either), within(1e-9 + 1e-9 * middle));
            assertThat(amount.most()).isCloseTo(middle * (1 + either), within(1e-9 + 1e-9 * middle));
        };
    }
}
