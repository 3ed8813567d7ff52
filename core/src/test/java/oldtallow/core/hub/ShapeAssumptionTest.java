package oldtallow.core.hub;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import oldtallow.core.bearing.BearingSet;
import oldtallow.core.bearing.CatalogueEntry;
import oldtallow.core.bearing.StandardCatalogue;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class ShapeAssumptionTest {

    private static final List<BearingSet> CATALOGUE =
            StandardCatalogue.entries().stream().map(CatalogueEntry::set).toList();

    @ParameterizedTest
    @EnumSource(Construction.class)
    void takesTheUsualSetsWhereNothingIsKnown(Construction construction) {
        HubPreset usual = HubPreset.of(construction);
        WheelEndShape shape = assumption(construction, 19, Map.of(), Optional.empty(), Optional.empty())
                .shape();

        assertThat(shape.inboard().designation()).isEqualTo(usual.inboard());
        assertThat(shape.outboard().designation()).isEqualTo(usual.outboard());
        assertThat(shape.bearingsKnown()).isFalse();
    }

    @Test
    void takesTheNearestSetThatGoesOnAMeasuredSeat() {
        WheelEndShape shape = assumption(
                        Construction.STEPPED_BRAKED,
                        25.4,
                        Map.of(HubDimension.OUTBOARD_SEAT, Length.ofMillimetres(31.72)),
                        Optional.empty(),
                        Optional.empty())
                .shape();

        assertThat(shape.outboard().bore().millimetres()).isBetween(31.7, 32.1);
        assertThat(shape.size(HubDimension.OUTBOARD_SEAT)).isEqualTo(31.72);
    }

    @Test
    void keepsToTheUsualSetWhereNoneGoesWithTheSizes() {
        WheelEndShape shape = assumption(
                        Construction.STEPPED_BRAKED,
                        25.4,
                        Map.of(HubDimension.OUTBOARD_SEAT, Length.ofMillimetres(110)),
                        Optional.empty(),
                        Optional.empty())
                .shape();

        assertThat(shape.outboard().designation())
                .isEqualTo(HubPreset.of(Construction.STEPPED_BRAKED).outboard());
    }

    @Test
    void refusesAKnownConeOverAThickerThread() {
        Optional<BearingSet> small = Optional.of(set("LM11949"));

        assertThatThrownBy(() -> assumption(Construction.STEPPED_BRAKED, 25.4, Map.of(), Optional.empty(), small)
                        .shape())
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("passes over it");
        assertThat(assumption(Construction.STEPPED_BRAKED, 19.05, Map.of(), Optional.empty(), small)
                        .shape()
                        .outboard())
                .isEqualTo(small.orElseThrow());
    }

    /** A thread as thick as the spindle leaves out sets that could not pass over it. */
    @Test
    void assumesNoConeSmallerThanTheThread() {
        WheelEndShape shape = assumption(
                        Construction.STEPPED_UNBRAKED, 30, Map.of(), Optional.empty(), Optional.empty())
                .shape();

        assertThat(shape.outboard().bore().millimetres()).isGreaterThanOrEqualTo(30);
    }

    private static ShapeAssumption assumption(
            Construction construction,
            double thread,
            Map<HubDimension, Length> measured,
            Optional<BearingSet> inboard,
            Optional<BearingSet> outboard) {
        HubPreset usual = HubPreset.of(construction);
        return new ShapeAssumption(
                construction,
                inboard,
                outboard,
                Length.ofMillimetres(thread),
                Fastening.of(usual.lock()),
                usual.fittings(),
                measured,
                CATALOGUE);
    }

    private static BearingSet set(String cone) {
        return CATALOGUE.stream()
                .filter(one -> one.designation().cone().equals(cone))
                .findFirst()
                .orElseThrow();
    }
}
