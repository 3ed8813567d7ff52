package oldtallow.core.procedure.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.Fastening;
import oldtallow.core.hub.Fittings.SealKind;
import oldtallow.core.procedure.brief.Choices.Packing;
import oldtallow.core.procedure.brief.JobBrief;
import oldtallow.core.procedure.brief.Scope;
import oldtallow.core.procedure.step.Plate;
import oldtallow.core.procedure.step.StepIds;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Which way round, and how: the drawing has to be that of this very hub. */
class StepPlatesTest {

    private static final JobBrief REPACK = Briefs.of(Construction.STEPPED_BRAKED, Scope.REPACK);

    @Test
    void everyPlateIsShownSomewhere() {
        Set<Plate> shown = Briefs.worthReading()
                .flatMap(brief -> Planner.plan(brief).steps().stream())
                .flatMap(step -> step.plates().stream())
                .collect(Collectors.toSet());
        shown.addAll(at(Briefs.chosen(REPACK, Packing.PACKER), "grease.inboard"));

        assertThat(shown).containsExactlyInAnyOrder(Plate.values());
    }

    @ParameterizedTest
    @CsvSource({"LIP, LIP_WAY", "DOUBLE_LIP, LIP_WAY", "MARINE_TWO_PIECE, MARINE_WAY", "UNITIZED, UNITIZED_WAY"})
    void aSealGoesInTheWayOfItsKind(SealKind kind, Plate plate) {
        JobBrief brief = Briefs.with(REPACK, REPACK.fittings().with(kind));

        assertThat(at(brief, StepIds.HUB_SEAL)).containsExactly(plate);
    }

    @ParameterizedTest
    @CsvSource({
        "CASTLE_NUT, close.cotter, BENT_LEGS",
        "NUT_AND_RETAINER, close.retainer, SHEET_CAP",
        "NUT_AND_TANG_WASHER, close.tang, TANG_WASHER",
        "RING_AND_LOCK_PLATE, close.lock-plate, LOCK_PLATE",
        "STAKED_NUT, close.stake, STAKE",
        "TWO_NUTS, close.outer-nut, TWO_NUTS"
    })
    void aLockIsClosedAsItsKindIs(Fastening fastening, String stepId, Plate plate) {
        assertThat(at(Briefs.with(REPACK, fastening), stepId)).containsExactly(plate);
    }

    /** Neither thermometer nor dial is in the bag, and what is in it is packed. */
    @Test
    void theRoadsideIsDrawnAsItIs() {
        JobBrief roadside = Briefs.of(Construction.STEPPED_BRAKED, Scope.ROADSIDE);

        assertThat(Planner.plan(roadside).steps())
                .flatExtracting(step -> step.plates())
                .contains(Plate.LOCK_AND_FREE, Plate.OLD_AS_DRIVER)
                .doesNotContain(Plate.INFRARED, Plate.INDICATOR, Plate.PALM, Plate.FEELER);
    }

    private static List<Plate> at(JobBrief brief, String stepId) {
        return Planner.plan(brief).find(stepId).orElseThrow().plates();
    }
}
