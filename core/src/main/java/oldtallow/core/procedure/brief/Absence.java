package oldtallow.core.procedure.brief;

import java.util.EnumSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import oldtallow.core.hub.Fittings;
import oldtallow.core.hub.Fittings.BrakeKind;
import oldtallow.core.hub.Fittings.CapKind;
import oldtallow.core.hub.Fittings.SealKind;
import oldtallow.core.hub.Fittings.SnapRing;
import oldtallow.core.hub.part.Part;
import oldtallow.core.procedure.step.Step;
import oldtallow.core.procedure.step.StepIds;

/**
 * Parts that the records have and a hub turns out not to have; common practice: no two hubs of one kind are alike. What holds
 * the wheel, the hub or the nut is on every hub: where it is missing, one is put on.
 */
public final class Absence {

    private static final Set<Part> BRAKE = EnumSet.of(Part.CALIPER, Part.LININGS, Part.DRUM, Part.DISC);

    private static final Set<Part> POSSIBLE = EnumSet.of(
            Part.CALIPER,
            Part.LININGS,
            Part.DRUM,
            Part.DISC,
            Part.LOCATING_PINS,
            Part.DISC_SPACER,
            Part.CAP,
            Part.CAP_PLUG,
            Part.CAP_GASKET,
            Part.SHIMS,
            Part.FLANGE_GASKET,
            Part.SNAP_RING,
            Part.SEAL_SLEEVE,
            Part.STUB_SEAL,
            Part.WATER_SHIELD);

    /** Steps that move no part and yet are about one. */
    private static final Map<String, Part> ABOUT = Map.of(
            StepIds.CLEAN_BRAKE, Part.LININGS,
            StepIds.JUDGE_BRAKE, Part.LININGS,
            StepIds.HUB_BRAKE_FACES, Part.LININGS,
            StepIds.CLOSE_BRAKE_FACES, Part.LININGS,
            StepIds.CLOSE_BRAKE_ADJUST, Part.LININGS,
            StepIds.JUDGE_CAP, Part.CAP,
            StepIds.CLOSE_CAP_FILL, Part.CAP);

    private Absence() {}

    /** What a step says is there though not every hub has it; nothing where all it is about is on every hub. */
    public static Set<Part> of(Step step) {
        Set<Part> about = EnumSet.noneOf(Part.class);
        step.moves().forEach(move -> about.add(move.part()));
        Optional.ofNullable(ABOUT.get(step.id())).ifPresent(about::add);
        return about.stream().allMatch(Absence::isPossible) ? about : Set.of();
    }

    private static boolean isPossible(Part part) {
        return POSSIBLE.contains(part);
    }

    /** What is on a hub without these parts; its brake is not there if any part of it is not. */
    public static Fittings without(Set<Part> parts, Fittings fittings) {
        Fittings left = fittings;
        for (Part part : parts) {
            left = without(part, left);
        }
        return left;
    }

    private static Fittings without(Part part, Fittings fittings) {
        return switch (part) {
            case CAP -> fittings.with(CapKind.NONE);
            case CAP_PLUG -> fittings.cap() == CapKind.RUBBER_PLUG ? fittings.with(CapKind.PLAIN) : fittings;
            case SNAP_RING -> fittings.with(SnapRing.NONE);
            case SEAL_SLEEVE -> fittings.with(SealKind.LIP);
            default -> BRAKE.contains(part) ? fittings.with(BrakeKind.NONE) : fittings;
        };
    }
}
