package oldtallow.core.procedure.run;

import java.util.ArrayList;
import java.util.List;
import oldtallow.core.procedure.step.Check;
import oldtallow.core.procedure.step.Stage;
import oldtallow.core.procedure.step.Step;

/**
 * Steps that the hands do in one go and that one press confirms. It ends where a step stops, so that nothing is done past a
 * reading, a verdict, a choice or a check that has yet to hold.
 *
 * @param steps in the plan's order; 1 or more, of one stage or of two that follow each other
 */
public record Run(List<Step> steps) {

    /** As many moves as are read at one glance. */
    private static final int GLANCE = 9;

    public Run {
        steps = List.copyOf(steps);
        if (steps.isEmpty()) {
            throw new IllegalArgumentException("a run without a step");
        }
    }

    /** Steps of a plan, or what is left of it, run by run; in their order, none left out. */
    public static List<Run> of(List<Step> steps) {
        return of(steps, false);
    }

    /**
     * The same where other hubs of the rig are worked on beside it.
     *
     * @param besideOthers whether a run ends before what waits for other hubs, such as letting the rig down
     */
    public static List<Run> of(List<Step> steps, boolean besideOthers) {
        List<Run> runs = new ArrayList<>();
        List<Step> inHand = new ArrayList<>();
        for (int i = 0; i < steps.size(); i++) {
            if (!inHand.isEmpty() && !goesOn(inHand, steps.subList(i, steps.size()), besideOthers)) {
                runs.add(new Run(inHand));
                inHand.clear();
            }
            inHand.add(steps.get(i));
        }
        if (!inHand.isEmpty()) {
            runs.add(new Run(inHand));
        }
        return runs;
    }

    private static boolean isOtherwise(Step last, Step next) {
        return !Reach.isRoundAtOnce(next.stage()) && Reach.of(last) != Reach.of(next);
    }

    private static boolean goesOn(List<Step> inHand, List<Step> left, boolean besideOthers) {
        Step last = inHand.getLast();
        Step next = left.getFirst();
        if (last.stage() != next.stage()) {
            return !besideOthers && goesOver(inHand, left);
        }
        if (besideOthers && isOtherwise(last, next)) {
            return false;
        }
        return switch (Stop.of(last)) {
            case NONE -> true;
            // what is seen on the way is noted on the same card, as long as that stays one glance
            case LOOK ->
                Stop.of(next) == Stop.LOOK
                        || (endsStage(left, next.stage()) && inHand.size() + inStage(left) <= GLANCE);
            // both cones packed are one look at the grease; what follows a stage's last check follows in one go
            case MUST -> says(next).equals(says(last)) || endsStage(left, next.stage());
            case VERDICT, CHOICE, READING, SETTING, WAIT -> false;
        };
    }

    /**
     * What stops nowhere before its stage ends goes on into the next one, up to what must hold there; and what is left of the
     * job after its last check goes with that. Both as long as it stays one glance.
     */
    private static boolean goesOver(List<Step> inHand, List<Step> left) {
        Stage stage = left.getFirst().stage();
        // how the nut is set has cards of its own, which count turns and torques
        if (stage == Stage.SET_NUT) {
            return false;
        }
        Run next = Run.of(left.stream().takeWhile(step -> step.stage() == stage).toList())
                .getFirst();
        boolean isOneGlance = inHand.size() + next.steps().size() <= GLANCE;
        boolean hasStopped = inHand.stream().anyMatch(step -> Stop.of(step) != Stop.NONE);
        return isOneGlance
                && (hasStopped
                        ? Stop.of(inHand.getLast()) == Stop.MUST
                                && left.stream().allMatch(step -> Stop.of(step) == Stop.NONE)
                        : next.stop() == Stop.MUST);
    }

    private static List<String> says(Step step) {
        return step.checks().stream().filter(Check::must).map(Check::says).toList();
    }

    /** Whether nothing stops any more before a stage's end. */
    private static boolean endsStage(List<Step> left, Stage stage) {
        return left.stream().takeWhile(step -> step.stage() == stage).allMatch(step -> Stop.of(step) == Stop.NONE);
    }

    private static long inStage(List<Step> left) {
        return left.stream()
                .takeWhile(step -> step.stage() == left.getFirst().stage())
                .count();
    }

    /** That of its first step. */
    public Stage stage() {
        return steps.getFirst().stage();
    }

    /** What it stops for; {@link Stop#NONE} where it ends with its stage. */
    public Stop stop() {
        return steps.stream()
                .map(Stop::of)
                .filter(stop -> stop != Stop.NONE)
                .findFirst()
                .orElse(Stop.NONE);
    }
}
