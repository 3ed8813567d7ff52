package oldtallow.core.part;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.Fastening;
import oldtallow.core.hub.Fittings;
import oldtallow.core.hub.Fittings.BrakeKind;
import oldtallow.core.hub.Fittings.CapKind;
import oldtallow.core.hub.Fittings.SealKind;

/**
 * Parts of a wheel end in the order they come off when it is stripped to the bare spindle and the cups are driven out; they
 * go back in the opposite order. Order and usual fates: common practice of the trade.
 */
public record Stack(List<StackedPart> parts) {

    public Stack {
        parts = List.copyOf(parts);
    }

    public static Stack of(Construction construction, Fastening fastening, Fittings fittings) {
        List<StackedPart> off = new ArrayList<>();
        refit(off, Part.WHEEL);
        if (fittings.brake() == BrakeKind.DISC) {
            refit(off, Part.CALIPER);
        }
        if (fittings.brake() == BrakeKind.DRUM && construction == Construction.FULL_FLOATING_REAR) {
            refit(off, Part.DRUM); // elsewhere the drum comes off with the hub
        }
        closure(off, construction, fittings.cap());
        fastening(off, fastening);
        refit(off, Part.WASHER);
        if (construction == Construction.SPACER_SET) {
            upright(off);
        } else {
            hub(off, construction, fittings.seal());
        }
        judge(off, Part.OUTBOARD_CUP);
        judge(off, Part.INBOARD_CUP);
        return new Stack(off);
    }

    public boolean has(Part part) {
        return find(part).isPresent();
    }

    public Optional<StackedPart> find(Part part) {
        return parts.stream().filter(one -> one.part() == part).findFirst();
    }

    /** Parts that come off before this one. */
    public List<Part> before(Part part) {
        return parts.stream()
                .map(StackedPart::part)
                .takeWhile(one -> one != part)
                .toList();
    }

    /** Whether the old one never goes back. */
    public boolean isAlwaysNew(Part part) {
        return find(part).filter(one -> one.usual() == Fate.ALWAYS_NEW).isPresent();
    }

    /** What is always new on this wheel end. */
    public List<Part> alwaysNew() {
        return parts.stream()
                .filter(one -> one.usual() == Fate.ALWAYS_NEW)
                .map(StackedPart::part)
                .toList();
    }

    private static void closure(List<StackedPart> off, Construction construction, CapKind cap) {
        switch (cap) {
            case NONE, DRIVE_FLANGE -> {}
            case PLAIN, SPRING_LOADED -> judge(off, Part.CAP);
            case RUBBER_PLUG -> {
                refit(off, Part.CAP_PLUG);
                judge(off, Part.CAP);
            }
            case OIL_WINDOW -> {
                judge(off, Part.CAP);
                renew(off, Part.CAP_GASKET);
            }
        }
        switch (construction) {
            case FULL_FLOATING_REAR -> {
                refit(off, Part.HALF_SHAFT);
                renew(off, Part.FLANGE_GASKET);
            }
            case DRIVE_FLANGE_FRONT -> {
                refit(off, Part.CIRCLIP);
                refit(off, Part.SHIMS);
                refit(off, Part.DRIVE_FLANGE);
                renew(off, Part.FLANGE_GASKET);
            }
            case LOCKING_HUB_FRONT -> {
                refit(off, Part.CIRCLIP);
                refit(off, Part.LOCKING_HUB);
                renew(off, Part.FLANGE_GASKET);
            }
            default -> {}
        }
    }

    private static void fastening(List<StackedPart> off, Fastening fastening) {
        switch (fastening) {
            case CASTLE_NUT -> renew(off, Part.COTTER);
            case NUT_AND_RETAINER -> {
                renew(off, Part.COTTER);
                refit(off, Part.RETAINER);
            }
            case NUT_AND_TANG_WASHER -> refit(off, Part.TANG_WASHER);
            case RING_AND_LOCK_PLATE -> {
                refit(off, Part.LOCK_SCREWS);
                refit(off, Part.LOCK_PLATE);
            }
            case TWO_NUTS -> {
                refit(off, Part.OUTER_NUT);
                renew(off, Part.TAB_WASHER);
            }
            case STAKED_NUT -> {}
        }
        off.add(new StackedPart(Part.NUT, fastening == Fastening.STAKED_NUT ? Fate.ALWAYS_NEW : Fate.REFIT));
    }

    /** The bearings sit in the upright, which stays; the flange turns in them. */
    private static void upright(List<StackedPart> off) {
        refit(off, Part.DRIVE_FLANGE);
        renew(off, Part.OUTBOARD_SEAL);
        judge(off, Part.OUTBOARD_CONE);
        refit(off, Part.SPACER);
        refit(off, Part.WATER_SHIELD);
        refit(off, Part.LOCKING_RING);
        renew(off, Part.SEAL);
        judge(off, Part.INBOARD_CONE);
    }

    private static void hub(List<StackedPart> off, Construction construction, SealKind seal) {
        judge(off, Part.OUTBOARD_CONE);
        refit(off, Part.HUB);
        if (construction == Construction.FULL_FLOATING_REAR) {
            renew(off, Part.STUB_SEAL);
        }
        if (seal == SealKind.MARINE_TWO_PIECE) {
            judge(off, Part.SEAL_SLEEVE);
        }
        renew(off, Part.SEAL);
        judge(off, Part.INBOARD_CONE);
        if (construction == Construction.FULL_FLOATING_REAR) {
            refit(off, Part.SPACER);
        }
        if (construction == Construction.CLASSIC_CAR) {
            refit(off, Part.SNAP_RING);
        }
    }

    private static void refit(List<StackedPart> off, Part part) {
        off.add(new StackedPart(part, Fate.REFIT));
    }

    private static void judge(List<StackedPart> off, Part part) {
        off.add(new StackedPart(part, Fate.JUDGE));
    }

    private static void renew(List<StackedPart> off, Part part) {
        off.add(new StackedPart(part, Fate.ALWAYS_NEW));
    }
}
