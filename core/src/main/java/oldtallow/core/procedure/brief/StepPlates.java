package oldtallow.core.procedure.brief;

import java.util.List;
import oldtallow.core.fastening.sequence.AdjustmentProcedure;
import oldtallow.core.fastening.sequence.ProcedureId;
import oldtallow.core.fastening.sequence.StepKind;
import oldtallow.core.hub.Fastening;
import oldtallow.core.procedure.brief.Choices.Packing;
import oldtallow.core.procedure.brief.Choices.RaceFitting;
import oldtallow.core.procedure.step.Plate;
import oldtallow.core.procedure.step.StepIds;

/** Which drawing shows how a step is done on this very hub. */
public final class StepPlates {

    private static final List<Plate> DAMAGE = List.of(
            Plate.FINGERNAIL,
            Plate.GOOD,
            Plate.PITTING,
            Plate.SPALLING,
            Plate.SCORING,
            Plate.BRINELLING,
            Plate.HEAT,
            Plate.WATER);

    private StepPlates() {}

    /** Nothing where a step speaks for itself. */
    public static List<Plate> of(String stepId, JobBrief brief) {
        return switch (stepId) {
            case StepIds.LOOK_TEMPERATURE, StepIds.PROVE_TEMPERATURE ->
                isRoadside(brief) ? List.of() : List.of(Plate.INFRARED);
            case StepIds.RAISE_CRACK_NUTS -> List.of(Plate.CRACK_NUTS);
            case StepIds.RAISE_JACK -> List.of(Plate.STANDS);
            case StepIds.LOOK_SPIN, StepIds.CLOSE_SPIN -> List.of(Plate.SPIN);
            case StepIds.LOOK_ROCK, StepIds.CLOSE_ROCK, StepIds.PROVE_ROCK -> List.of(Plate.ROCK);
            case StepIds.STRIP_CAP -> List.of(Plate.CAP_OFF);
            case StepIds.STRIP_COTTER -> List.of(Plate.STRAIGHTEN);
            case "strip.hook" -> List.of(Plate.HOOK_CONE);
            case StepIds.STRIP_SEAL, StepIds.STRIP_STUB_SEAL -> List.of(Plate.LEVER_SEAL);
            case StepIds.CLEAN_CONES -> List.of(Plate.WASH);
            case "judge.inboard", "judge.outboard" -> DAMAGE;
            case "races.inboard-out", "races.outboard-out" -> List.of(Plate.DRIFT_CUP);
            case StepIds.RACES_WARM -> List.of(Plate.WARM_HUB);
            case "races.inboard-in", "races.outboard-in" -> cupIn(brief);
            case "grease.inboard", "grease.outboard" -> packed(brief);
            case StepIds.HUB_INBOARD_CONE -> List.of(Plate.WAY_ROUND);
            case StepIds.HUB_SEAL -> List.of(seal(brief));
            case StepIds.NUT_SEAT, StepIds.NUT_RELEASE, StepIds.NUT_FINE, StepIds.NUT_STOP, StepIds.NUT_FULL_TORQUE ->
                nut(stepId, brief);
            case StepIds.NUT_PLAY, StepIds.CLOSE_PLAY_LOCKED ->
                isRoadside(brief) ? List.of() : List.of(Plate.INDICATOR);
            case StepIds.CLOSE_COTTER -> List.of(Plate.BENT_LEGS);
            case StepIds.CLOSE_RETAINER ->
                brief.fastening() == Fastening.NUT_AND_RETAINER ? List.of(Plate.SHEET_CAP) : List.of();
            case StepIds.CLOSE_TANG -> List.of(Plate.TANG_WASHER);
            case StepIds.CLOSE_LOCK_PLATE -> List.of(Plate.LOCK_PLATE);
            case StepIds.CLOSE_STAKE -> List.of(Plate.STAKE);
            case StepIds.CLOSE_OUTER_NUT -> List.of(Plate.TWO_NUTS);
            case StepIds.CLOSE_PUMP -> List.of(Plate.PURGE);
            case StepIds.CLOSE_CAP_FILL -> List.of(Plate.PISTON);
            case StepIds.CLOSE_WHEEL_NUTS, StepIds.PROVE_NUTS_AGAIN -> List.of(Plate.STAR);
            default -> List.of();
        };
    }

    private static List<Plate> cupIn(JobBrief brief) {
        if (isRoadside(brief)) {
            return List.of(Plate.START_SQUARE, Plate.OLD_AS_DRIVER, Plate.HIGH_SIDE);
        }
        return brief.choices().races() == RaceFitting.DRIVEN
                ? List.of(Plate.START_SQUARE, Plate.DRIVER_EDGE, Plate.HIGH_SIDE, Plate.OLD_AS_DRIVER, Plate.FEELER)
                : List.of(Plate.START_SQUARE, Plate.FEELER);
    }

    /** A spare from the bag is packed already. */
    private static List<Plate> packed(JobBrief brief) {
        if (isRoadside(brief)) {
            return List.of();
        }
        return List.of(brief.choices().packing() == Packing.PACKER ? Plate.PACKER : Plate.PALM);
    }

    private static Plate seal(JobBrief brief) {
        return switch (brief.fittings().seal()) {
            case LIP, DOUBLE_LIP -> Plate.LIP_WAY;
            case MARINE_TWO_PIECE -> Plate.MARINE_WAY;
            case UNITIZED -> Plate.UNITIZED_WAY;
        };
    }

    private static List<Plate> nut(String stepId, JobBrief brief) {
        AdjustmentProcedure procedure = brief.procedure();
        if (stepId.equals(StepIds.NUT_FULL_TORQUE)) {
            return List.of(Plate.SPACER);
        }
        if (procedure.id().equals(ProcedureId.LOCK_AND_FREE)) {
            return List.of(Plate.LOCK_AND_FREE);
        }
        boolean halfTurn = procedure.id().equals(ProcedureId.TORQUE_HALF_TURN_TORQUE);
        boolean byFingers = !procedure.asksWrench(StepKind.FINAL) && !procedure.samePartsOnly();
        return switch (stepId) {
            case StepIds.NUT_SEAT ->
                halfTurn ? List.of(Plate.SEAT_TURNING, Plate.HALF_TURN) : List.of(Plate.SEAT_TURNING);
            case StepIds.NUT_RELEASE -> halfTurn ? List.of(Plate.HALF_TURN) : List.of(Plate.RELEASE);
            case StepIds.NUT_FINE -> byFingers ? List.of(Plate.HAND_ON_NUT) : List.of();
            case StepIds.NUT_STOP -> brief.fastening().takesCotter() ? List.of(Plate.SLOT_AND_HOLE) : List.of();
            default -> List.of();
        };
    }

    private static boolean isRoadside(JobBrief brief) {
        return brief.scope() == Scope.ROADSIDE;
    }
}
