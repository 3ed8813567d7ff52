package oldtallow.core.procedure.job;

import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.Fastening;
import oldtallow.core.hub.Fittings;
import oldtallow.core.hub.Fittings.BrakeKind;
import oldtallow.core.hub.Fittings.CapKind;
import oldtallow.core.hub.Fittings.SnapRing;
import oldtallow.core.hub.part.Part;
import oldtallow.core.hub.part.Stack;
import oldtallow.core.hub.part.StackedPart;
import oldtallow.core.procedure.brief.Choices;
import oldtallow.core.procedure.brief.Choices.HubBrings;
import oldtallow.core.procedure.brief.Choices.WheelOn;
import oldtallow.core.procedure.brief.JobBrief;
import oldtallow.core.procedure.brief.Scope;
import oldtallow.core.procedure.judge.JudgedItem;
import oldtallow.core.procedure.step.PartMove.Kind;

/** What the conditions of steps look at. */
record Situation(JobBrief brief, Stack stack, Map<Part, Kind> putOn) {

    private static final Set<Part> STAY_ON_FOR_ADJUSTING = EnumSet.of(
            Part.WHEEL, Part.CALIPER, Part.DRUM, Part.LOCATING_PINS, Part.DISC, Part.DISC_SPACER, Part.LININGS);

    static Situation of(JobBrief brief) {
        Stack stack = brief.stack();
        Map<Part, Kind> putOn = new EnumMap<>(Part.class);
        for (Part part : moved(brief, stack)) {
            putOn.put(part, puts(part, brief, stack));
        }
        return new Situation(brief, stack, putOn);
    }

    /** Whether a part of this wheel end leaves it, or is put on it, during the job. */
    boolean moves(Part part) {
        return putOn.containsKey(part);
    }

    /** Whether something found is put right where it is. */
    boolean mends(JudgedItem item) {
        return brief.found().mended().contains(item);
    }

    boolean renews(Part part) {
        return puts(part) == Kind.RENEW;
    }

    /** How a part that moves comes to be on the wheel end at the end; as it was where it does not move. */
    Kind puts(Part part) {
        return putOn.getOrDefault(part, Kind.REFIT);
    }

    /** Parts that come new only because they were called done with; the others were laid out before the job began. */
    List<Part> newAfterAll() {
        return offInOrder().stream()
                .filter(part -> brief.condemned().contains(part))
                .filter(part -> !(isMatched(part) && renewsBearings(brief)) && !isNewByExchange(part, brief))
                .toList();
    }

    /** Parts in the order they come off. */
    List<Part> offInOrder() {
        return stack.parts().stream().map(StackedPart::part).filter(this::moves).toList();
    }

    /** What comes off so that the nut can be set, of what this job moves. */
    Set<Part> overTheNut() {
        Set<Part> over = movedByAdjusting(brief.stack());
        over.removeIf(part -> !moves(part));
        return over;
    }

    /** Whether the wheel comes off and goes on in one piece with its hub. */
    boolean wheelStays() {
        return strips() && stack.has(Part.WHEEL) && !moves(Part.WHEEL);
    }

    /** Nothing but what closes the hub goes on after the wheel: trailers whose brake, if any, lies in the hub's own drum. */
    boolean putsWheelOnFirst() {
        return brief.choices().wheel() == WheelOn.BEFORE_SETTING
                && !isRoadside()
                && !brief.construction().hasPedal()
                && !isOn(Construction.OIL_BATH_HEAVY)
                && fittings().brake() != BrakeKind.DISC
                && moves(Part.NUT)
                && assembles();
    }

    /** Whether drum or disc lies open once the hub is on, until its caliper or wheel comes over it. */
    boolean baresBrake() {
        return !isOn(Construction.SPACER_SET)
                && (fittings().brake() == BrakeKind.DISC
                        || (fittings().brake() == BrakeKind.DRUM && isOn(Construction.FULL_FLOATING_REAR)));
    }

    /** The part that has to be on before this one: the next inward, or for a wheel that goes on early its hub. */
    Optional<Part> rightUnder(Part part) {
        if (part == Part.WHEEL && putsWheelOnFirst()) {
            return Optional.of(Part.HUB);
        }
        List<Part> off = offInOrder();
        int at = off.indexOf(part);
        return at == off.size() - 1 ? Optional.empty() : Optional.of(off.get(at + 1));
    }

    Scope scope() {
        return brief.scope();
    }

    /** Whether the nut is touched, or what a spacer set is tried. */
    boolean reachesNut() {
        return brief.scope().setsNut();
    }

    boolean isTopUp() {
        return brief.scope() == Scope.TOP_UP;
    }

    boolean isOn(Construction... constructions) {
        return Set.of(constructions).contains(brief.construction());
    }

    boolean hasBrake() {
        return brief.fittings().brake() != BrakeKind.NONE;
    }

    Fittings fittings() {
        return brief.fittings();
    }

    Fastening fastening() {
        return brief.fastening();
    }

    boolean isRoadside() {
        return brief.scope() == Scope.ROADSIDE;
    }

    /** At the roadside what failed is known, and what is left of the light is for getting home (common practice). */
    boolean isLookedAtFirst() {
        return hasRun() && !isRoadside() && !isTopUp();
    }

    /** Whether old parts come off: everything but a first build. */
    boolean hasRun() {
        return brief.scope() != Scope.FIRST_BUILD;
    }

    boolean strips() {
        return brief.scope().strips();
    }

    /** Whether the bearings are reached. */
    boolean assembles() {
        return brief.scope().opens();
    }

    boolean is(Predicate<Situation> condition) {
        return condition.test(this);
    }

    private static Kind puts(Part part, JobBrief brief, Stack stack) {
        if (brief.scope() == Scope.FIRST_BUILD) {
            return Kind.FIT;
        }
        boolean isNew = stack.isAlwaysNew(part)
                || brief.condemned().contains(part)
                || (isMatched(part) && renewsBearings(brief))
                || isNewByExchange(part, brief);
        return isNew ? Kind.RENEW : Kind.REFIT;
    }

    private static boolean isNewByExchange(Part part, JobBrief brief) {
        return brief.scope() == Scope.EXCHANGE && (part == Part.HUB || part == Part.CAP);
    }

    /** Rings of a bearing, and the spacer ground for them. */
    private static boolean isMatched(Part part) {
        return part.otherRing().isPresent() || part == Part.SPACER;
    }

    private static Set<Part> moved(JobBrief brief, Stack stack) {
        EnumSet<Part> moved = EnumSet.noneOf(Part.class);
        switch (brief.scope()) {
            case TOP_UP -> {}
            case LOOK -> {
                // through a window the oil is seen with the cap on
                if (brief.fittings().cap() != CapKind.OIL_WINDOW) {
                    moved.addAll(EnumSet.of(Part.CAP_PLUG, Part.CAP));
                }
            }
            case ADJUST -> moved.addAll(movedByAdjusting(stack));
            default -> stack.parts().forEach(one -> moved.add(one.part()));
        }
        moved.removeIf(part -> !stack.has(part));
        if (brief.scope() == Scope.REPACK) {
            keepCups(brief, moved);
        }
        if (brief.isOnNewHub() && brief.brings() != HubBrings.NOTHING) {
            // the new hub comes with its cups, the old one leaves with them
            moved.removeAll(EnumSet.of(Part.INBOARD_CUP, Part.OUTBOARD_CUP));
            if (brief.fittings().snapRing() == SnapRing.BEFORE_CUP || brief.comesWithHub(Part.SNAP_RING)) {
                moved.remove(Part.SNAP_RING);
            }
        }
        if (!brief.condemned().contains(Part.LININGS)) {
            moved.remove(Part.LININGS);
        }
        if (staysOnHub(brief)) {
            moved.remove(Part.WHEEL);
        }
        return moved;
    }

    private static Set<Part> movedByAdjusting(Stack stack) {
        EnumSet<Part> moved = EnumSet.noneOf(Part.class);
        moved.addAll(stack.before(Part.NUT));
        moved.removeAll(STAY_ON_FOR_ADJUSTING);
        if (stack.isAlwaysNew(Part.NUT)) {
            moved.add(Part.NUT);
        }
        return moved;
    }

    /** Cups stay in the hub unless their bearing is renewed, and so does a snap ring that holds one. */
    private static void keepCups(JobBrief brief, Set<Part> moved) {
        if (renewsBearings(brief)) {
            return;
        }
        for (Part cup : List.of(Part.INBOARD_CUP, Part.OUTBOARD_CUP)) {
            if (!brief.condemned().contains(cup)) {
                moved.remove(cup);
            }
        }
        if (!moved.contains(Part.INBOARD_CUP) && brief.fittings().snapRing() == SnapRing.BEFORE_CUP) {
            moved.remove(Part.SNAP_RING);
        }
    }

    /** A light wheel without a brake, on a hub that goes back (common practice). */
    private static boolean staysOnHub(JobBrief brief) {
        return brief.choices().wheel() == WheelOn.STAYS
                && List.of(Construction.STRAIGHT_SPINDLE, Construction.STEPPED_UNBRAKED, Construction.GREASE_THROUGH)
                        .contains(brief.construction())
                && brief.fittings().brake() == BrakeKind.NONE
                && !brief.isOnNewHub()
                && brief.scope().opens();
    }

    private static boolean renewsBearings(JobBrief brief) {
        return brief.scope().renewsBearings()
                || (brief.scope() == Scope.REPACK && brief.choices().reuse() == Choices.Reuse.NOTHING);
    }
}
