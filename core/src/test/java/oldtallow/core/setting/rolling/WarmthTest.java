package oldtallow.core.setting.rolling;

import static oldtallow.core.bearing.Sets.set;
import static oldtallow.core.setting.rolling.ModelHub.INNER;
import static oldtallow.core.setting.rolling.ModelHub.OUTER;
import static oldtallow.core.setting.rolling.ModelHub.PAIR;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import oldtallow.core.fit.HubMaterial;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.setting.rolling.Equilibrium.Settled;
import oldtallow.core.words.SettingWords;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Friction, heat and rock against the product's reference sheet §8 and §9. */
class WarmthTest {

    /** Turns of the wheel at 90 km/h on a tyre of 330 mm. */
    private static final double TOWING = 723.4316;

    /** L68111's. */
    private static final Length CUP = Length.ofMillimetres(59.975);

    /** §8's clean vector: dm 50, n 750, ν 100, f0 6 → 133.3835; Y 1.6, Fa 2000 → 128.000 N·mm; 20.5290 W. */
    @Test
    void agreesWithPalmgrensFriction() {
        var bearing = new RollerBearing(0.25, 17, 7, 11, 50, 50);
        BearingLoad load = new BearingLoad(100, 2000, 1, 1, 1, 1, 0);

        Friction friction = Friction.of(bearing, load, 750, 100);

        assertThat(friction.churning()).isCloseTo(133.3835, within(1e-4));
        assertThat(friction.load()).isCloseTo(128.000, within(1e-9));
        assertThat(friction.heat(750)).isCloseTo(20.5290, within(1e-4));
    }

    /** §8, the model hub at 90 km/h: churning at 150 and 30 mm²/s, load at three thrusts. */
    @ParameterizedTest
    @CsvSource({"150,1758,146.122,78.751,95.397,88.124", "30,5000,49.973,26.932,271.323,250.638"})
    void agreesWithTheSheetOnTheModelHub(
            double viscosity, double thrust, double inChurn, double outChurn, double inLoad, double outLoad) {
        Friction inner = Friction.of(INNER, BearingLoad.thrust(INNER, thrust), TOWING, viscosity);
        Friction outer = Friction.of(OUTER, BearingLoad.thrust(OUTER, thrust), TOWING, viscosity);

        assertThat(inner.churning()).isCloseTo(inChurn, within(2e-3));
        assertThat(outer.churning()).isCloseTo(outChurn, within(2e-3));
        assertThat(inner.load()).isCloseTo(inLoad, within(0.02));
        assertThat(outer.load()).isCloseTo(outLoad, within(0.02));
    }

    /** §8, steady hub temperatures at 20 °C outside; hA → loose, zero play by the catalogue's thrusts. */
    @ParameterizedTest
    @CsvSource({"2,40.4,40.9", "3,34.9,35.3", "4,31.9,32.1", "6,28.5,28.7"})
    void agreesWithTheSheetOnHowWarmAHubGets(double cooling, double loose, double zero) {
        var warmth = new HubWarmth(Friction.USUAL_OIL, cooling, 20, TOWING, 150);

        assertThat(warmth.steady(PAIR, thrusts(1450))).isCloseTo(loose, within(0.15));
        assertThat(warmth.steady(PAIR, thrusts(1758))).isCloseTo(zero, within(0.15));
    }

    /** §8: temperature tells a seized nut, not a loose one. */
    @ParameterizedTest
    @CsvSource({"2,51.2,81.1", "3,42.2,61.8", "6,32.3,42.1"})
    void aNutLeftAtItsSeatingTorqueShowsAsHeat(double cooling, double preloaded, double seated) {
        var warmth = new HubWarmth(Friction.USUAL_OIL, cooling, 20, TOWING, 150);

        assertThat(warmth.steady(PAIR, thrusts(5000))).isCloseTo(preloaded, within(0.15));
        assertThat(warmth.steady(PAIR, thrusts(13_345))).isCloseTo(seated, within(0.25));
    }

    /** §9: R 330, s 75, tan α 0.25 both, G 0.127: rocked 0.27940, pushed and pulled 0.40640 mm. */
    @Test
    void turnsEndPlayIntoRockAndBack() {
        var alike = new RollerBearing(0.25, 17, 6, 9, 45, 45);
        var play = new TyrePlay(new BearingPair(alike, alike, 75), Length.ofMillimetres(330));
        Length five = Length.ofMillimetres(0.127);

        assertThat(play.couple(five).millimetres()).isCloseTo(0.27940, within(1e-5));
        assertThat(play.pushPull(five).millimetres()).isCloseTo(0.40640, within(1e-5));
        assertThat(play.endPlay(Length.ofMillimetres(0.40640)).millimetres()).isCloseTo(0.127, within(1e-6));
        var model = new TyrePlay(PAIR, Length.ofMillimetres(330));
        assertThat(model.pushPull(five).millimetres()).isCloseTo(0.48301, within(1e-4));
        assertThat(model.couple(five).millimetres()).isCloseTo(0.37854, within(1e-4));
        assertThat(model.pushPull(Length.ofMillimetres(-0.02))).isEqualTo(Length.ZERO);
    }

    /** §9: Dpw 47.5 and 38.6, L 46, cones 20 K hotter than the cups of the same steel: −26.9 µm, about a thou lost. */
    @Test
    void hotConesTakeUpPlay() {
        // a hub of bearing steel's own expansion is not among the materials: the difference to steel stays, 0.7e-6/K
        var play = new ThermalPlay(PAIR, HubMaterial.STEEL, Length.ofMillimetres(46), CUP, CUP);

        assertThat(play.change(0, 20).orElseThrow().micrometres()).isCloseTo(-26.9, within(0.1));
    }

    /** §17: cups 82.931 and 59.131, tan α .22 and .2733, L 60, 40 K: +0.0269 mm, with ρ .385. */
    @Test
    void anAluminiumHubLetsGoOfItsCupsInPart() {
        var pair = new BearingPair(
                new RollerBearing(0.22, 20, 8, 14, 65, 65), new RollerBearing(0.2733, 17, 6.1, 9.2, 38.6, 38.64), 80);
        var play = new ThermalPlay(
                pair,
                HubMaterial.ALUMINIUM,
                Length.ofMillimetres(60),
                Length.ofMillimetres(82.931),
                Length.ofMillimetres(59.131));

        assertThat(play.letGo()).as("ρ, reference sheet §10").isCloseTo(0.385, within(0.001));
        assertThat(play.change(40, 40).orElseThrow().millimetres()).isCloseTo(0.0269, within(0.0001));
    }

    /** Where the fit is gone the cup may turn, and no play is given: 0.001 in per inch is lost at 80 K (§10: 0.05 mm at 67 K). */
    @Test
    void saysNothingOfThePlayWhereTheCupHasNoFitLeft() {
        Length between = Length.ofMillimetres(46);
        var aluminium = new ThermalPlay(PAIR, HubMaterial.ALUMINIUM, between, CUP, CUP);
        var iron = new ThermalPlay(PAIR, HubMaterial.GREY_IRON, between, CUP, CUP);

        assertThat(aluminium.fitGoneAt()).isCloseTo(1e-3 / 12.4e-6, within(0.1));
        assertThat(aluminium.change(80, 80)).isPresent();
        assertThat(aluminium.change(81, 81)).isEmpty();
        assertThat(iron.change(250, 250)).isPresent();
        assertThat(Math.abs(iron.change(40, 40).orElseThrow().micrometres())).isLessThan(10);
        assertThatThrownBy(() -> iron.change(400, 0)).isInstanceOf(OutOfRangeException.class);
    }

    /** hA = (10 + 6·v^0.78)·A: 83.9 W/m²K at 25 m/s; still air leaves a tenth of it. */
    @Test
    void theWindTakesTheHeatBySurfaceAndSpeed() {
        var surface = new HubSurface(0.05);

        assertThat(surface.cooling(25)).isCloseTo(0.05 * (10 + 6 * Math.pow(25, 0.78)), within(1e-12));
        assertThat(surface.cooling(0)).isCloseTo(0.5, within(1e-12));
        assertThatThrownBy(() -> surface.cooling(-1)).hasMessageContaining("speed");
    }

    /** A larger hub of the same pair, as its section is drawn, has more surface; the light trailer's some 0.05 m² (§8: 2 to 6 W/K). */
    @Test
    void aLightTrailersHubHasAUsualSurface() {
        HubSurface light = HubSurface.of(set("L68149/L68111"), set("L44649/L44610"), Length.ofMillimetres(64));

        assertThat(light.squareMetres()).isBetween(0.03, 0.08);
        assertThat(light.cooling(25)).isBetween(2.0, 6.0);
    }

    /** A factor of two either way; what nobody feels is not given in degrees. */
    @Test
    void saysWhatASettingAddsAndHowSure() {
        assertThat(SettingWords.heat(new AddedHeat(20))).isEqualTo("adds some 10 to 40 °C (20 to 70 °F)");
        assertThat(SettingWords.heat(new AddedHeat(3))).isEqualTo("adds some 2 to 5 °C (3 to 10 °F)");
        assertThat(SettingWords.heat(new AddedHeat(2.4))).isEqualTo("adds no warmth a hand would feel");
        var warmth = HubWarmth.usual(new HubSurface(0.05), 20, TOWING, 25);
        assertThat(warmth.added(34, 35).kelvin()).isZero();
        assertThat(warmth.added(60, 35).kelvin()).isEqualTo(25);
    }

    /**
     * The lever beyond which the hub slides the same way pushed and pulled: a search over all its positions, by the geometry alone,
     * finds the product's figure on both sides of it.
     */
    @ParameterizedTest
    @CsvSource({"0.28,0.2467,330,62", "0.5333,0.24,150,60", "0.5333,0.24,330,60", "0.22,0.5,400,50"})
    void rocksAsFarAsTheHubCanMove(double inner, double outer, double radius, double spread) {
        double play = 0.1;
        double most = Double.NEGATIVE_INFINITY;
        double least = Double.POSITIVE_INFINITY;
        for (int i = 0; i <= 400; i++) {
            double along = play * (i / 400.0 - 0.5);
            double atInner = (play / 2 + along) * inner;
            double atOuter = (play / 2 - along) * outer;
            double tilt = (atInner + atOuter) / spread;
            most = Math.max(most, along + radius * tilt);
            least = Math.min(least, along - radius * tilt);
        }
        var pair = new BearingPair(
                new RollerBearing(inner, 17, 6, 9, 45, 45), new RollerBearing(outer, 17, 6, 9, 45, 45), spread);

        assertThat(new TyrePlay(pair, Length.ofMillimetres(radius))
                        .pushPull(Length.ofMillimetres(play))
                        .millimetres())
                .isCloseTo(most - least, within(1e-9));
    }

    @Test
    void refusesWhatCannotBe() {
        assertThatThrownBy(() -> HubWarmth.usual(new HubSurface(0.05), 90, 700, 25))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("outside temperature");
        assertThatThrownBy(() -> new TyrePlay(PAIR, Length.ofMillimetres(330)).endPlay(Length.ofMillimetres(-1)))
                .hasMessageContaining("rock at the tyre");
        assertThatThrownBy(() -> HubWarmth.usual(new HubSurface(0.05), Double.NaN, 700, 25))
                .isInstanceOf(OutOfRangeException.class);
    }

    /** Both bearings under a thrust, radial loads of the model hub straight ahead. */
    private static Settled thrusts(double thrust) {
        return new Settled(
                0, new BearingLoad(5022.19, thrust, 1, 1, 1, 1, 0), new BearingLoad(2762.20, thrust, 1, 1, 1, 1, 0), 1);
    }
}
