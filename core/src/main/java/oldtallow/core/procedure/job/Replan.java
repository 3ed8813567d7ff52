package oldtallow.core.procedure.job;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import oldtallow.core.hub.part.Part;
import oldtallow.core.procedure.step.PartMove;
import oldtallow.core.procedure.step.PartMove.Kind;
import oldtallow.core.procedure.step.Stage;
import oldtallow.core.procedure.step.Step;
import oldtallow.core.procedure.step.StepIds;
import org.jspecify.annotations.Nullable;

/**
 * What is left of a job once some of it is done and its brief has changed: a repack that turns into a renewal after judging,
 * a hub that turns out to be scrap.
 *
 * <p>What was done stays done. A part that was put back already comes off again if the new plan needs it off, and what
 * comes after it, such as spinning the hub, is done again.
 */
public final class Replan {

    private static final String JACK = StepIds.RAISE_JACK;
    /** What is only done with the wheel off. */
    private static final Set<String> WHEEL_OFF = Set.of(StepIds.RAISE_CRACK_NUTS, StepIds.CLOSE_BRAKE_FACES);
    /** A tang is bent clear before its nut is touched, and up again after: no part moves, and yet the lock is open or closed. */
    private static final String OPENS_TANG = StepIds.STRIP_TANG;

    private static final String CLOSES_TANG = StepIds.CLOSE_TANG;

    private Replan() {}

    /**
     * Steps still to do, in order.
     *
     * @param done steps as they were done, in that order; a step may be there more than once
     */
    public static List<Step> rest(Plan plan, List<Step> done) {
        return rest(plan, done, Set.of());
    }

    /**
     * As above, where something put on before turns out not to be home.
     *
     * @param reopened parts to be reached again: what lies over them comes off, and so do they, unless whoever calls takes the
     *     step that put them on out of {@code done}, as for a cup that only has to be driven home
     */
    public static List<Step> rest(Plan plan, List<Step> done, Set<Part> reopened) {
        return rest(plan, done, reopened, Set.of());
    }

    /** Whether a step that was done is to be done again once the setting is opened again: set, raised, proved. */
    public static boolean isUndoneByReset(Step step) {
        return (step.stage() == Stage.SET_NUT && step.moves().isEmpty())
                || step.stage() == Stage.PROVE
                || Set.of(JACK, OPENS_TANG, CLOSES_TANG).contains(step.id());
    }

    /** What comes off so that the nut can be set again: as for adjusting, so the wheel stays on. */
    public static Set<Part> overTheNut(Plan plan) {
        return Situation.of(plan.brief()).overTheNut();
    }

    /**
     * As above, where the setting is opened again after it was proved.
     *
     * @param overNut of {@link #overTheNut} what has not been off since; whoever calls takes the steps of
     *     {@link #isUndoneByReset} out of {@code done}
     */
    public static List<Step> rest(Plan plan, List<Step> done, Set<Part> reopened, Set<Part> overNut) {
        Map<String, Integer> lastDone = new HashMap<>();
        Set<Part> offNow = new HashSet<>();
        Set<Part> putNew = new HashSet<>();
        for (int i = 0; i < done.size(); i++) {
            Step step = done.get(i);
            lastDone.put(step.id(), i);
            for (PartMove move : step.moves()) {
                if (move.kind() == Kind.REMOVE) {
                    offNow.add(move.part());
                    putNew.remove(move.part());
                } else {
                    offNow.remove(move.part());
                    if (move.kind() != Kind.REFIT) {
                        putNew.add(move.part());
                    }
                }
            }
        }
        Set<Part> comesOff = comingOff(plan, offNow, putNew, lastDone.keySet(), reopened);
        overNut.stream().filter(part -> !offNow.contains(part)).forEach(comesOff::add);
        boolean wheelStays = !offNow.contains(Part.WHEEL) && !comesOff.contains(Part.WHEEL);
        List<Step> rest = new ArrayList<>();
        Set<String> ahead = new HashSet<>();
        for (Step step : plan.steps()) {
            boolean isIdle = wheelStays && lastDone.containsKey(step.id()) && WHEEL_OFF.contains(step.id());
            if (!isIdle && isNeeded(step, lastDone, ahead, offNow, comesOff)) {
                rest.add(step);
                ahead.add(step.id());
            }
        }
        return rest;
    }

    /**
     * Parts that still have to come off: the innermost one that the new plan treats otherwise than was done, and everything
     * outboard of it that is on.
     */
    private static Set<Part> comingOff(
            Plan plan, Set<Part> offNow, Set<Part> putNew, Set<String> doneIds, Set<Part> reopened) {
        List<Part> inOrder = Situation.of(plan.brief()).offInOrder();
        int innermost = -1;
        for (Step step : plan.steps()) {
            for (PartMove move : step.moves()) {
                boolean isOff = offNow.contains(move.part());
                boolean neverTouched = move.kind() == Kind.REMOVE && !doneIds.contains(step.id());
                boolean oldWentBack = move.kind() == Kind.RENEW && !putNew.contains(move.part());
                if (!isOff && (neverTouched || oldWentBack)) {
                    innermost = Math.max(innermost, inOrder.indexOf(move.part()));
                }
            }
        }
        Set<Part> comesOff = new HashSet<>(inOrder.subList(0, innermost + 1));
        int overReopened = reopened.stream().mapToInt(inOrder::indexOf).max().orElse(-1);
        inOrder.stream()
                .limit(overReopened + 1L)
                .filter(part -> !isCup(part) || reopened.contains(part))
                .forEach(comesOff::add);
        comesOff.removeAll(offNow);
        return comesOff;
    }

    /** A cup sits in the hub beside the other one: neither lies over it. */
    private static boolean isCup(Part part) {
        return part == Part.INBOARD_CUP || part == Part.OUTBOARD_CUP;
    }

    private static boolean isNeeded(
            Step step, Map<String, Integer> lastDone, Set<String> ahead, Set<Part> offNow, Set<Part> comesOff) {
        if (step.moves().isEmpty()) {
            @Nullable Integer mine = lastDone.get(step.id());
            if (step.id().equals(OPENS_TANG)
                    && comesOff.contains(Part.NUT)
                    && lastDone.getOrDefault(CLOSES_TANG, -1) > lastDone.getOrDefault(OPENS_TANG, -1)) {
                return true;
            }
            // once what comes before it is done again, having been done counts no longer
            return mine == null
                    || step.after().stream().anyMatch(id -> ahead.contains(id) || lastDone.getOrDefault(id, -1) > mine);
        }
        return step.moves().stream()
                .anyMatch(move -> move.kind() == Kind.REMOVE
                        ? comesOff.contains(move.part())
                        : comesOff.contains(move.part())
                                || offNow.contains(move.part())
                                || (move.kind() == Kind.FIT && !lastDone.containsKey(step.id())));
    }
}
