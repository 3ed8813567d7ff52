package oldtallow.core.rolling;

import static oldtallow.core.rolling.ModelHub.INNER;
import static oldtallow.core.rolling.ModelHub.OUTER;
import static oldtallow.core.rolling.ModelHub.PAIR;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import oldtallow.core.fit.HubMaterial;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.rolling.Equilibrium.Settled;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Friction, heat and rock against the product's reference sheet §8 and §9. */
class WarmthTest {

    /** Turns of the wheel at 90 km/h on a tyre of 330 mm. */
    private static final double TOWING = 723.4316;

    /** §8's clean vector: dm 50, n 750, ν 100, f0 6 → 133.3835; Y 1.6, Fa 2000 → 128.000 N·mm; 20.5290 W. */
    @Test
    void agreesWithPalmgrensFriction() {
        var bearing = new RollerBearing(0.25, 17, 7, 11, 50, 50);
        BearingLoad load = new BearingLoad(100, 2000, 1, 1, 1, 0);

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
        var play = new ThermalPlay(PAIR, HubMaterial.STEEL, Length.ofMillimetres(46));

        assertThat(play.change(0, 20).micrometres()).isCloseTo(-26.9, within(0.1));
    }

    /** An aluminium hub as warm as its spindle grows away from the cones, an iron one hardly moves. */
    @Test
    void aWarmAluminiumHubLoosens() {
        Length between = Length.ofMillimetres(46);

        assertThat(new ThermalPlay(PAIR, HubMaterial.ALUMINIUM, between)
                        .change(40, 40)
                        .micrometres())
                .isGreaterThan(40);
        assertThat(Math.abs(new ThermalPlay(PAIR, HubMaterial.GREY_IRON, between)
                        .change(40, 40)
                        .micrometres()))
                .isLessThan(10);
        assertThatThrownBy(() -> new ThermalPlay(PAIR, HubMaterial.STEEL, between).change(400, 0))
                .isInstanceOf(OutOfRangeException.class);
    }

    @Test
    void refusesWhatCannotBe() {
        assertThatThrownBy(() -> HubWarmth.usual(90, 700))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("outside temperature");
        assertThatThrownBy(() -> new TyrePlay(PAIR, Length.ofMillimetres(330)).endPlay(Length.ofMillimetres(-1)))
                .hasMessageContaining("rock at the tyre");
        assertThatThrownBy(() -> HubWarmth.usual(Double.NaN, 700)).isInstanceOf(OutOfRangeException.class);
    }

    /** Both bearings under a thrust, radial loads of the model hub straight ahead. */
    private static Settled thrusts(double thrust) {
        return new Settled(
                0, new BearingLoad(5022.19, thrust, 1, 1, 1, 0), new BearingLoad(2762.20, thrust, 1, 1, 1, 0), 1);
    }
}
