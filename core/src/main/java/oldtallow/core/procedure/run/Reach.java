package oldtallow.core.procedure.run;

import java.util.EnumSet;
import java.util.Set;
import oldtallow.core.procedure.step.Stage;
import oldtallow.core.procedure.step.Step;
import oldtallow.core.procedure.step.StepIds;

/** What a step is done for; common practice: a tandem is four hubs and one job. */
public enum Reach {
    /** For each hub by itself. */
    HUB,
    /** Once for the rig, whatever number of hubs are worked on. */
    RIG;

    private static final Set<String> ONCE = Set.of(
            StepIds.PREPARE_PLACE,
            StepIds.PREPARE_LICENCE,
            StepIds.PREPARE_FIGURES,
            StepIds.PREPARE_ODOMETER,
            StepIds.RAISE_CHOCK,
            StepIds.RAISE_CRACK_NUTS,
            StepIds.RAISE_JACK,
            StepIds.CLOSE_DOWN,
            StepIds.CLOSE_WHEEL_NUTS,
            StepIds.CLOSE_PEDAL,
            StepIds.PROVE_DRIVE,
            StepIds.PROVE_NUTS_AGAIN,
            StepIds.PROVE_ROAD,
            StepIds.REMEMBER_NEXT);

    /** Nobody goes round a rig twice for them: what a hub has of its own is written down on the way. */
    private static final Set<Stage> ROUND_AT_ONCE = EnumSet.of(Stage.PREPARE, Stage.RAISE, Stage.PROVE, Stage.REMEMBER);

    public static Reach of(Step step) {
        return isOnce(step.id()) ? RIG : HUB;
    }

    /** Whether the step of this id is done once for the rig. */
    public static boolean isOnce(String stepId) {
        return ONCE.contains(stepId);
    }

    /** Whether all hubs go through a stage together. */
    public static boolean isRoundAtOnce(Stage stage) {
        return ROUND_AT_ONCE.contains(stage);
    }

    /** Whether nobody may do it as long as another hub is not as far: the rig comes down, or drives. */
    public static boolean waitsForOthers(Step step) {
        return of(step) == RIG && step.stage().compareTo(Stage.CLOSE) >= 0;
    }
}
