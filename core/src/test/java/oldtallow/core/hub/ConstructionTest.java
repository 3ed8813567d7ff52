package oldtallow.core.hub;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import oldtallow.core.fastening.sequence.ProcedureId;
import oldtallow.core.fastening.sequence.StandardProcedures;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** What each construction and fastening is, common practice. */
class ConstructionTest {

    /** Light trailer, pedal in the same vehicle, driven shaft, equal pair. */
    @ParameterizedTest
    @CsvSource({
        "STRAIGHT_SPINDLE,   true, false, false, true",
        "STEPPED_UNBRAKED,   true, false, false, false",
        "STEPPED_BRAKED,     true, false, false, false",
        "GREASE_THROUGH,     true, false, false, false",
        "ROTOR_HUB,          false, true, false, false",
        "CLASSIC_CAR,        false, true, false, false",
        "SPACER_SET,         false, true, false, true",
        "FULL_FLOATING_REAR, false, true, true, true",
        "DRIVE_FLANGE_FRONT, false, true, true, false",
        "LOCKING_HUB_FRONT,  false, true, true, false",
        "OIL_BATH_HEAVY,     false, false, false, false"
    })
    void isWhatItIs(Construction construction, boolean light, boolean pedal, boolean driven, boolean equalPair) {
        assertThat(construction.isLightTrailer()).isEqualTo(light);
        assertThat(construction.hasPedal()).isEqualTo(pedal);
        assertThat(construction.isDriven()).isEqualTo(driven);
        assertThat(construction.hasEqualPair()).isEqualTo(equalPair);
    }

    /** Equal pairs are drawn with equal sets, and only the spacer set is not set by its nut. */
    @ParameterizedTest
    @EnumSource(Construction.class)
    void itsPresetAgrees(Construction construction) {
        HubPreset preset = HubPreset.of(construction);

        assertThat(preset.inboard().equals(preset.outboard())).isEqualTo(construction.hasEqualPair());
        assertThat(preset.fittings().setsByNut()).isEqualTo(construction != Construction.SPACER_SET);
    }

    /** Cotter, any angle, a washer of its own. */
    @ParameterizedTest
    @CsvSource({
        "CASTLE_NUT,          true, false, true",
        "NUT_AND_RETAINER,    true, false, true",
        "PUSH_ON_RETAINER,    false, false, true",
        "NUT_AND_TANG_WASHER, false, false, false",
        "RING_AND_LOCK_PLATE, false, false, false",
        "TWO_NUTS,            false, true, true",
        "STAKED_NUT,          false, true, true"
    })
    void isFastenedSo(Fastening fastening, boolean cotter, boolean anywhere, boolean washer) {
        assertThat(fastening.takesCotter()).isEqualTo(cotter);
        assertThat(fastening.holdsAnywhere()).isEqualTo(anywhere);
        assertThat(fastening.hasWasher()).isEqualTo(washer);
    }

    /** The two-nut procedure wants two nuts, the staked one a collar; every other goes with any lock. */
    @ParameterizedTest
    @EnumSource(Fastening.class)
    void suitsItsProcedures(Fastening fastening) {
        List<ProcedureId> suited = StandardProcedures.all().stream()
                .map(procedure -> procedure.id())
                .filter(fastening::suits)
                .toList();

        assertThat(suited.contains(ProcedureId.TWO_NUTS)).isEqualTo(fastening == Fastening.TWO_NUTS);
        assertThat(suited.contains(ProcedureId.STAKED_NUT)).isEqualTo(fastening == Fastening.STAKED_NUT);
        assertThat(suited).contains(ProcedureId.SEAT_AND_FINGER_TIGHT, ProcedureId.INCH_POUND);
    }
}
