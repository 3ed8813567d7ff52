package oldtallow.core.fastening.lock;

import java.util.List;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.quantity.Quantity;
import oldtallow.core.quantity.Turn;

/**
 * Lock plate keyed to the spindle, screwed to a ring nut.
 *
 * <p>At each of its positions a plate of p holes and a ring of r holes meet in gcd(p, r) places at once, and the positions
 * repeat every 1/lcm(p, r) turn; so the plate can hold only if the screws are no more than gcd(p, r).
 *
 * @param plateHoles evenly spaced, 1 to 72
 * @param ringHoles tapped holes of the ring nut, evenly spaced, 1 to 72
 * @param screws that must all go in, 1 to gcd of the two
 */
public record LockPlate(int plateHoles, int ringHoles, int screws) implements SteppedLock {

    public LockPlate {
        requireHoles(EnteredQuantity.LOCK_PLATE_HOLES, plateHoles);
        requireHoles(EnteredQuantity.RING_NUT_HOLES, ringHoles);
        int meeting = LockNumbers.gcd(plateHoles, ringHoles);
        if (!(screws >= 1 && screws <= meeting)) {
            throw new OutOfRangeException(
                    EnteredQuantity.LOCK_PLATE_SCREWS,
                    screws,
                    "1 to " + meeting + ", as many as a plate of " + plateHoles + " and a ring of " + ringHoles
                            + " holes ever meet at once");
        }
    }

    @Override
    public int positionsPerMark() {
        return plateHoles / LockNumbers.gcd(plateHoles, ringHoles) * ringHoles;
    }

    @Override
    public List<Turn> marks() {
        return List.of(Turn.ZERO);
    }

    private static void requireHoles(Quantity quantity, int holes) {
        if (!(holes >= 1 && holes <= 72)) {
            throw new OutOfRangeException(quantity, holes, "1 to 72");
        }
    }
}
