package oldtallow.core.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Against the product's reference sheet §10, recomputed there from Lamé's equations, and against a textbook example. */
class PressFitTest {

    @ParameterizedTest
    @CsvSource({"GREY_IRON,15.5795,4228.8", "ALUMINIUM,12.5719,3412.4"})
    void agreesWithTheSheetOnASixtyMillimetreRing(HubMaterial hub, double megapascals, double newtons) {
        PressFit fit = fit(hub, 60, 50, 90, 12, 0.05);

        assertThat(fit.pressure()).isCloseTo(megapascals, within(1e-3));
        assertThat(fit.force().newtons()).isCloseTo(newtons, within(0.5));
    }

    @ParameterizedTest
    @CsvSource({"GREY_IRON,15.99,4301,24.0", "DUCTILE_IRON,20.30,5463,", "ALUMINIUM,12.84,3454,"})
    void agreesWithTheSheetOnACommonTrailerCup(HubMaterial hub, double megapascals, double newtons, Double shrinks) {
        PressFit fit = fit(hub, 59.975, 49.5, 90, 11.9, 0.05);

        assertThat(fit.pressure()).isCloseTo(megapascals, within(0.01));
        assertThat(fit.force().newtons()).isCloseTo(newtons, within(2.0));
        if (shrinks != null) {
            assertThat(fit.raceShrinks().micrometres()).isCloseTo(shrinks, within(0.1));
        }
    }

    /**
     * Timoshenko, Strength of Materials, part II, article on shrink fits: a 4, b 6, c 8 in, radial interference 0.005 in, E
     * 30·10⁶ psi, 4050 psi (from memory). Both rings are steel, so Poisson's ratio cancels and E scales: 30·10⁶ psi is 206.84
     * GPa, here 207.
     */
    @Test
    void agreesWithTimoshenkosShrinkFit() {
        var fit = new PressFit(
                HubMaterial.STEEL,
                Length.ofInches(12),
                Length.ofInches(8),
                Length.ofInches(16),
                Length.ofInches(1),
                Length.ofInches(0.010));
        double psi = fit.pressure() / 6.894757293168361e-3 * 30e6 / (207_000 / 6.894757293168361e-3);

        assertThat(psi).isCloseTo(4050, within(1.5));
        assertThat(fit.hoopStress() / fit.pressure()).isCloseTo(14_468 / 4050.93, within(1e-3));
    }

    /** A solid shaft in an endless plate of the same steel: p = E·δ/(2d), 86.25 MPa for 0.05 on 60 mm (reference sheet §10). */
    @Test
    void approachesTheSolidShaftInAnEndlessPlate() {
        assertThat(fit(HubMaterial.STEEL, 60, 0.001, 999, 12, 0.05).pressure()).isCloseTo(86.25, within(0.35));
    }

    @ParameterizedTest
    @EnumSource(HubMaterial.class)
    void moreInterferenceIsMorePressureInProportion(HubMaterial hub) {
        double once = fit(hub, 65, 55, 95, 14, 0.03).pressure();

        assertThat(fit(hub, 65, 55, 95, 14, 0.09).pressure()).isCloseTo(3 * once, within(1e-9));
    }

    @ParameterizedTest
    @EnumSource(HubMaterial.class)
    void aThinWallIsStretchedMore(HubMaterial hub) {
        assertThat(fit(hub, 65, 55, 75, 14, 0.05).hoopStress())
                .isGreaterThan(fit(hub, 65, 55, 110, 14, 0.05).hoopStress());
    }

    @Test
    void saysWhatAHubCannotStand() {
        assertThat(fit(HubMaterial.ALUMINIUM, 60, 50, 70, 12, 0.05).hoopStress())
                .isLessThan(HubMaterial.ALUMINIUM.hoopLimit());
        assertThat(fit(HubMaterial.ALUMINIUM, 60, 50, 70, 12, 0.3).hoopStress())
                .isGreaterThan(HubMaterial.ALUMINIUM.hoopLimit());
    }

    @Test
    void refusesWhatCannotBe() {
        assertThatThrownBy(() -> fit(HubMaterial.STEEL, 60, 61, 90, 12, 0.05))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("less than the cup's outside diameter");
        assertThatThrownBy(() -> fit(HubMaterial.STEEL, 60, 50, 58, 12, 0.05))
                .hasMessageContaining("more than the cup's outside diameter");
        assertThatThrownBy(() -> fit(HubMaterial.STEEL, 60, 50, 90, 12, -0.01))
                .hasMessageContaining("a loose cup has no pressure");
    }

    private static PressFit fit(
            HubMaterial hub, double joint, double inside, double outside, double length, double over) {
        return new PressFit(
                hub,
                Length.ofMillimetres(joint),
                Length.ofMillimetres(inside),
                Length.ofMillimetres(outside),
                Length.ofMillimetres(length),
                Length.ofMillimetres(over));
    }
}
