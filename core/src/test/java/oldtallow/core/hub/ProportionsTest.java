package oldtallow.core.hub;

import static oldtallow.core.bearing.Sets.set;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import oldtallow.core.quantity.Length;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * What a hub is drawn by where nobody measured it: this product's own proportions, from a light trailer hub on a 35 mm bore
 * (common practice), worked by hand for sets of ISO 355 (30207: 35 × 72 × 18.25, cone 17; 30205: 25 × 52 × 16.25, cone 15;
 * 30214: 70 × 125 × 26.25, cone 24; 30212: 60 × 110 × 23.75, cone 22).
 */
class ProportionsTest {

    /** At the model's own size, on a thread of 24 mm. */
    @ParameterizedTest
    @CsvSource({
        "OUTBOARD_SEAT, 25",
        "INBOARD_SEAT, 35",
        "BACK_FACE_DISTANCE, 68.5",
        "SEAL_LAND, 43.7",
        "SHOULDER, 57.7",
        "OUTBOARD_BORE, 52",
        "INBOARD_BORE, 72",
        "SEAL_BORE, 77",
        "SEAL_WIDTH, 10",
        "HUB_OUTSIDE_OUTBOARD, 66",
        "HUB_OUTSIDE_INBOARD, 93",
        "FLANGE_THICKNESS, 10",
        "STUD_CIRCLE, 127",
        "STUD_DIAMETER, 12.7",
        "WASHER_OUTSIDE, 38.88",
        "WASHER_THICKNESS, 3.2",
        "NUT_ACROSS_FLATS, 36",
        "NUT_HEIGHT, 20.88",
        "CAP_BORE, 52",
        "SHAFT_DIAMETER, 14.88"
    })
    void fillsInALightHub(HubDimension dimension, double millimetres) {
        assertThat(shape(Construction.STEPPED_BRAKED, "30207", "30205", 24, Map.of())
                        .size(dimension))
                .isCloseTo(millimetres, within(1e-9));
    }

    /** Twice as large, on a thread of 50 mm: nuts that large are flat and hardly wider than their thread. */
    @ParameterizedTest
    @CsvSource({
        "BACK_FACE_DISTANCE, 118",
        "SEAL_LAND, 87.4",
        "SHOULDER, 115.4",
        "SEAL_BORE, 135",
        "SEAL_WIDTH, 20",
        "HUB_OUTSIDE_OUTBOARD, 138",
        "HUB_OUTSIDE_INBOARD, 167",
        "FLANGE_THICKNESS, 20",
        "STUD_CIRCLE, 235",
        "STUD_DIAMETER, 22",
        "NUT_ACROSS_FLATS, 65",
        "NUT_HEIGHT, 25",
        "CAP_BORE, 110"
    })
    void fillsInAHeavyHub(HubDimension dimension, double millimetres) {
        assertThat(shape(Construction.STEPPED_BRAKED, "30214", "30212", 50, Map.of())
                        .size(dimension))
                .isCloseTo(millimetres, within(1e-9));
    }

    /** Where the nut is wider than the cup, the cap goes over it: across corners 1.155 times the flats, and 6 mm. */
    @Test
    void aCapGoesOverTheNut() {
        WheelEndShape wide =
                shape(Construction.STEPPED_BRAKED, "30207", "30205", 24, Map.of(HubDimension.NUT_ACROSS_FLATS, mm(60)));

        assertThat(wide.size(HubDimension.CAP_BORE)).isCloseTo(60 * 1.155 + 6, within(1e-9));
        assertThat(wide.assumes(HubDimension.CAP_BORE)).isTrue();
        assertThat(wide.assumes(HubDimension.NUT_ACROSS_FLATS)).isFalse();
        assertThat(wide.assumes(HubDimension.NUT_ACROSS_FLATS, HubDimension.CAP_BORE))
                .isTrue();
    }

    /** Ring and double nuts of driven axles are flat at any size; the spacer set's shaft is the thread itself. */
    @Test
    void drivenHubsHaveFlatNuts() {
        WheelEndShape driven = shape(Construction.LOCKING_HUB_FRONT, "30207", "30205", 24, Map.of());

        assertThat(driven.size(HubDimension.NUT_ACROSS_FLATS)).isCloseTo(31.2, within(1e-9));
        assertThat(driven.size(HubDimension.NUT_HEIGHT)).isCloseTo(12, within(1e-9));
        assertThat(shape(Construction.SPACER_SET, "30207", "30205", 24, Map.of())
                        .size(HubDimension.SHAFT_DIAMETER))
                .isEqualTo(24);
    }

    /** A seat to 1 mm down or 0.03 up; a bore from 0.3 mm under the cup to 0.5 over. */
    @ParameterizedTest
    @CsvSource({
        "INBOARD_SEAT, 35.03, 35.04",
        "INBOARD_SEAT, 34, 33.99",
        "OUTBOARD_SEAT, 25.03, 25.04",
        "OUTBOARD_SEAT, 24, 23.99",
        "INBOARD_BORE, 71.7, 71.69",
        "INBOARD_BORE, 72.5, 72.51",
        "OUTBOARD_BORE, 51.7, 51.69",
        "OUTBOARD_BORE, 52.5, 52.51",
        // both cones and 4 mm: 17 + 15 + 4
        "BACK_FACE_DISTANCE, 36, 35.99"
    })
    void refusesPartsThatDoNotGoTogether(HubDimension dimension, double goes, double not) {
        assertThat(shape(Construction.STEPPED_BRAKED, "30207", "30205", 20, Map.of(dimension, mm(goes)))
                        .size(dimension))
                .isEqualTo(goes);
        assertThatThrownBy(() -> shape(Construction.STEPPED_BRAKED, "30207", "30205", 20, Map.of(dimension, mm(not))))
                .hasMessageContaining(dimension.words());
    }

    /** The ends of a dimension's range are taken, what lies beyond is questioned in its unit. */
    @Test
    void boundsEachDimension() {
        HubDimension nut = HubDimension.NUT_ACROSS_FLATS;

        assertThat(nut.require(mm(14))).isEqualTo(mm(14));
        assertThat(nut.require(mm(200))).isEqualTo(mm(200));
        assertThatThrownBy(() -> nut.require(mm(13.9))).hasMessageContaining("14.0 to 200.0 mm");
        assertThatThrownBy(() -> nut.require(mm(200.1))).hasMessageContaining("nut across flats");
        assertThat(nut.looksLikeTheOtherUnit(36, true)).isTrue();
        assertThat(nut.looksLikeTheOtherUnit(1.5, false)).isTrue();
        assertThat(nut.looksLikeTheOtherUnit(1.5, true)).isFalse();
        assertThat(nut.looksLikeTheOtherUnit(36, false)).isFalse();
    }

    private static WheelEndShape shape(
            Construction construction,
            String inboard,
            String outboard,
            double thread,
            Map<HubDimension, Length> measured) {
        HubPreset preset = HubPreset.of(construction);
        return new WheelEndShape(
                construction,
                set(inboard),
                set(outboard),
                true,
                mm(thread),
                Fastening.of(preset.lock()),
                preset.fittings(),
                measured);
    }

    private static Length mm(double millimetres) {
        return Length.ofMillimetres(millimetres);
    }
}
