package oldtallow.core.hub.part;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.Fastening;
import oldtallow.core.hub.Fittings;
import oldtallow.core.hub.Fittings.BrakeKind;
import oldtallow.core.hub.Fittings.CapKind;
import oldtallow.core.hub.Fittings.SealKind;
import oldtallow.core.hub.Fittings.SnapRing;
import oldtallow.core.hub.Fittings.Spacing;

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
        if (construction == Construction.SPACER_SET) {
            fastening(off, fastening);
            upright(off, fittings);
        } else {
            brake(off, construction, fittings.brake());
            closure(off, construction, fittings.cap());
            fastening(off, fastening);
            hub(off, construction, fittings);
        }
        // the inboard cup first: it may leave the hub together with its cone and seal
        judge(off, Part.INBOARD_CUP);
        judge(off, Part.OUTBOARD_CUP);
        return new Stack(off);
    }

    /** The same on a hub that has none of these parts. */
    public Stack without(Set<Part> absent) {
        return new Stack(
                parts.stream().filter(one -> !absent.contains(one.part())).toList());
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
                refit(off, Part.END_COVER);
                refit(off, Part.CIRCLIP);
                refit(off, Part.SHIMS);
                refit(off, Part.DRIVE_FLANGE);
                renew(off, Part.FLANGE_GASKET);
            }
            case LOCKING_HUB_FRONT -> {
                refit(off, Part.HUB_COVER);
                refit(off, Part.CIRCLIP);
                refit(off, Part.LOCKING_HUB);
                renew(off, Part.FLANGE_GASKET);
            }
            default -> {}
        }
    }

    private static void brake(List<StackedPart> off, Construction construction, BrakeKind brake) {
        if (brake == BrakeKind.DISC) {
            refit(off, Part.CALIPER);
            judge(off, Part.LININGS);
            if (construction == Construction.CLASSIC_CAR) {
                refit(off, Part.LOCATING_PINS);
                refit(off, Part.DISC);
                refit(off, Part.DISC_SPACER);
            }
        }
        if (brake == BrakeKind.DRUM && construction == Construction.FULL_FLOATING_REAR) {
            refit(off, Part.DRUM); // elsewhere the drum comes off with the hub
            judge(off, Part.LININGS);
        }
    }

    private static void fastening(List<StackedPart> off, Fastening fastening) {
        switch (fastening) {
            case CASTLE_NUT -> renew(off, Part.COTTER);
            case NUT_AND_RETAINER -> {
                renew(off, Part.COTTER);
                refit(off, Part.RETAINER);
            }
            case PUSH_ON_RETAINER -> refit(off, Part.RETAINER);
            case RING_AND_LOCK_PLATE -> {
                refit(off, Part.LOCK_SCREWS);
                refit(off, Part.LOCK_PLATE);
            }
            case TWO_NUTS -> {
                refit(off, Part.OUTER_NUT);
                renew(off, Part.TAB_WASHER);
            }
            case NUT_AND_TANG_WASHER, STAKED_NUT -> {}
        }
        off.add(new StackedPart(Part.NUT, fastening == Fastening.STAKED_NUT ? Fate.ALWAYS_NEW : Fate.REFIT));
        if (fastening == Fastening.NUT_AND_TANG_WASHER) {
            refit(off, Part.TANG_WASHER); // it lies under the nut
        } else if (fastening.hasWasher()) {
            refit(off, Part.WASHER);
        }
    }

    /**
     * The bearings sit in the upright, which goes to the bench; the flange with its disc turns in them. The centre nut is
     * cracked while the brake still holds the hub, so the caliper comes off after it.
     */
    private static void upright(List<StackedPart> off, Fittings fittings) {
        if (fittings.brake() == BrakeKind.DISC) {
            refit(off, Part.CALIPER);
            judge(off, Part.LININGS);
        }
        refit(off, Part.DRIVE_FLANGE);
        refit(off, Part.STEERING_JOINTS);
        refit(off, Part.UPRIGHT);
        renew(off, Part.OUTBOARD_SEAL);
        judge(off, Part.OUTBOARD_CONE);
        if (fittings.spacing() == Spacing.SPACER) {
            refit(off, Part.SPACER);
        }
        refit(off, Part.WATER_SHIELD);
        renew(off, Part.SEAL);
        refit(off, Part.LOCKING_RING);
        judge(off, Part.INBOARD_CONE);
    }

    private static void hub(List<StackedPart> off, Construction construction, Fittings fittings) {
        judge(off, Part.OUTBOARD_CONE);
        if (fittings.spacing() == Spacing.SPACER) {
            refit(off, Part.SPACER);
        }
        refit(off, Part.HUB);
        if (fittings.brake() == BrakeKind.DRUM && construction != Construction.FULL_FLOATING_REAR) {
            judge(off, Part.LININGS);
        }
        renew(off, Part.SEAL);
        if (fittings.snapRing() == SnapRing.BEFORE_CONE) {
            refit(off, Part.SNAP_RING);
        }
        judge(off, Part.INBOARD_CONE);
        if (fittings.seal() == SealKind.MARINE_TWO_PIECE) {
            renew(off, Part.SEAL_SLEEVE); // it stays on the spindle when the hub takes seal and cone along
        }
        if (construction == Construction.FULL_FLOATING_REAR) {
            renew(off, Part.STUB_SEAL);
        }
        if (fittings.snapRing() == SnapRing.BEFORE_CUP) {
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
