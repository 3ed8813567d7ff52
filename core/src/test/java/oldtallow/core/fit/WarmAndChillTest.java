package oldtallow.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import oldtallow.core.fit.WarmAndChill.Cold;
import oldtallow.core.fit.WarmAndChill.CupMass;
import oldtallow.core.quantity.Force;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Against the product's reference sheet §10, recomputed there: 0.05 mm on a cup of 59.975 mm. */
class WarmAndChillTest {

    private static final Length CUP = Length.ofMillimetres(59.975);
    private static final CupFit.Seat SEAT = new CupFit.Seat(
            Length.ofMillimetres(49.5), Length.ofMillimetres(90), Length.ofMillimetres(11.9), Force.ofNewtons(5000));
    private static final CupMass MASS = new CupMass(CUP, Length.ofMillimetres(49.5), Length.ofMillimetres(11.9));

    @ParameterizedTest
    @CsvSource({"GREY_IRON,78.6,125.9", "ALUMINIUM,34.9,55.8"})
    void warmsTheHubUntilTheFitIsGone(HubMaterial hub, double toZero, double toDropIn) {
        assertThat(tight(hub).clearance(20 + toZero, 20).millimetres()).isCloseTo(0, within(1e-4));
        assertThat(tight(hub).hubForDropIn(20)).isCloseTo(20 + toDropIn, within(0.1));
    }

    @ParameterizedTest
    @CsvSource({"-40,0.0414", "-54,0.0510"})
    void aCupShrinksInTheCold(double celsius, double millimetres) {
        WarmAndChill fit = tight(HubMaterial.STEEL);

        assertThat(fit.clearance(20, celsius).minus(fit.clearance(20, 20)).millimetres())
                .isCloseTo(millimetres, within(1e-4));
    }

    /** The sheet's figure: an aluminium hub loses a fit of 0.05 mm at 67 K above the room; iron does not lose it. */
    @Test
    void anAluminiumHubLosesItsFitWhenItRunsHot() {
        SizeRange cup = size(59.975);
        SizeRange bore = size(59.925);

        assertThat(CupFit.of(HubMaterial.ALUMINIUM, cup, bore, SEAT)
                        .looseAtCelsius()
                        .orElseThrow())
                .isCloseTo(87, within(0.5));
        assertThat(CupFit.of(HubMaterial.GREY_IRON, cup, bore, SEAT).looseAtCelsius())
                .isEmpty();
    }

    @ParameterizedTest
    @EnumSource(HubMaterial.class)
    void warmingTheHubOrChillingTheCupNeverLowersTheClearance(HubMaterial hub) {
        WarmAndChill fit = tight(hub);
        for (double warm = 20; warm < 120; warm += 5) {
            assertThat(fit.clearance(warm + 5, 20)).isGreaterThan(fit.clearance(warm, 20));
            assertThat(fit.clearance(warm, -2 - warm / 2.5)).isGreaterThan(fit.clearance(warm, -warm / 2.5));
        }
    }

    @ParameterizedTest
    @EnumSource(HubMaterial.class)
    void theHubItAsksForIsTheOneThatDropsIn(HubMaterial hub) {
        WarmAndChill fit = tight(hub);
        double celsius = fit.hubForDropIn(Cold.DRY_ICE.celsius());

        assertThat(fit.clearance(celsius, Cold.DRY_ICE.celsius()).millimetres())
                .isCloseTo(WarmAndChill.DROP_IN.millimetres(), within(1e-9));
    }

    @Test
    void aColderCupOrAWarmerHubLeavesMoreTime() {
        WarmAndChill fit = tight(HubMaterial.GREY_IRON);
        double fromFreezer = fit.secondsLeft(115, -18, MASS).orElseThrow();
        double fromDryIce = fit.secondsLeft(115, -50, MASS).orElseThrow();

        assertThat(fromFreezer).isPositive();
        assertThat(fromDryIce).isGreaterThan(fromFreezer);
        assertThat(fit.secondsLeft(120, -50, MASS).orElseThrow()).isGreaterThan(fromDryIce);
        assertThat(fit.secondsLeft(60, -18, MASS)).hasValue(0.0);
    }

    /** At the moment it says, the cup that warmed by Newton's law of cooling has just the clearance to drop in. */
    @Test
    void theTimeLeftEndsWhereTheCupNoLongerDropsIn() {
        WarmAndChill fit = tight(HubMaterial.GREY_IRON);
        double seconds = fit.secondsLeft(100, -50, MASS).orElseThrow();
        // the ring by itself: 7800 kg/m³, 460 J/(kg·K); its four faces in air at 20 W/(m²·K)
        double ring = Math.PI / 4 * (0.059975 * 0.059975 - 0.0495 * 0.0495);
        double joulesPerKelvin = ring * 0.0119 * 7800 * 460;
        double faces = Math.PI * (0.059975 + 0.0495) * 0.0119 + 2 * ring;
        double cup = -50;
        double step = seconds / 100_000;
        for (int i = 0; i < 100_000; i++) {
            cup += step * 20 * faces * (20 - cup) / joulesPerKelvin;
        }

        assertThat(fit.clearance(100, cup).micrometres()).isCloseTo(WarmAndChill.DROP_IN.micrometres(), within(0.01));
    }

    @Test
    void anAluminiumHubWarmEnoughTakesACupAtRoomTemperatureAtLeisure() {
        assertThat(tight(HubMaterial.ALUMINIUM).secondsLeft(90, 20, MASS)).isEmpty();
    }

    @Test
    void refusesTemperaturesThatSpoilSomething() {
        assertThatThrownBy(() -> tight(HubMaterial.STEEL).clearance(180, 20))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("120 °C");
        assertThatThrownBy(() -> tight(HubMaterial.STEEL).clearance(80, -78)).hasMessageContaining("bath");
        assertThatThrownBy(() -> new WarmAndChill(HubMaterial.STEEL, CUP, Length.ofMillimetres(-0.02)))
                .hasMessageContaining("a loose cup needs no warming");
    }

    private static WarmAndChill tight(HubMaterial hub) {
        return new WarmAndChill(hub, CUP, Length.ofMillimetres(0.05));
    }

    private static SizeRange size(double millimetres) {
        return new SizeRange(Length.ofMillimetres(millimetres), Length.ofMillimetres(millimetres));
    }
}
