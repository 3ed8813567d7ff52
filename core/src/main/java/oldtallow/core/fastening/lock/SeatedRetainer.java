package oldtallow.core.fastening.lock;

import java.util.List;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.quantity.Turn;

/**
 * Pressed retainer or castellated sheet cap over a plain nut, with a cotter through the spindle. It can be lifted off and
 * seated on the nut in any of its orientations, which makes the steps finer than its slots; and turned over, which makes
 * them finer still where its slots do not stand over the corners of the nut.
 *
 * <pre>
 * position as seated = hole + k / lcm(slots, seats)      turned over = hole + 2 · offset + k / lcm(slots, seats)
 * [turns], k = 0, 1, 2 …
 * </pre>
 *
 * Source: exact arithmetic of turns, recomputed by brute force (reference sheet §2).
 *
 * @param slots evenly spaced, even, 2 to 36
 * @param seats orientations on the nut: 6 (hex) or 12 (twelve-point)
 * @param offset from a corner of the nut to the next slot in the loosening direction, 0 to below 1 / slots turn; 0 where
 *     turning it over changes nothing
 * @param holes angle of each through hole from the first, 0° to below 180°
 */
public record SeatedRetainer(int slots, int seats, Turn offset, List<Turn> holes) implements SteppedLock {

    public SeatedRetainer {
        LockNumbers.requireEvenSlots(EnteredQuantity.RETAINER_SLOTS, slots);
        if (seats != 6 && seats != 12) {
            throw new OutOfRangeException(EnteredQuantity.RETAINER_SEATS, seats, "6 (hex nut) or 12 (twelve-point)");
        }
        if (offset.isNegative() || offset.compareTo(Turn.of(1, slots)) >= 0) {
            throw new OutOfRangeException(
                    EnteredQuantity.RETAINER_OFFSET,
                    offset.degrees() + "°",
                    "0° or more and below " + 360.0 / slots + "°, one slot");
        }
        holes = LockNumbers.requireMarks(EnteredQuantity.NUMBER_OF_HOLES, EnteredQuantity.HOLE_ANGLE, holes, Turn.HALF);
    }

    /** One whose slots stand over the corners of the nut, or midway between: turning it over changes nothing. */
    public SeatedRetainer(int slots, int seats, List<Turn> holes) {
        this(slots, seats, Turn.ZERO, holes);
    }

    @Override
    public int positionsPerMark() {
        return slots / LockNumbers.gcd(slots, seats) * seats;
    }

    @Override
    public int seatShift(int step) {
        int perSeat = positionsPerMark() / seats;
        int perSlot = positionsPerMark() / slots;
        for (int shift = 0; shift <= seats / 2; shift++) {
            // a seat looser brings a slot to the mark that much earlier
            if ((step + shift * perSeat) % perSlot == 0) {
                return shift;
            }
            if (Math.floorMod(step - shift * perSeat, perSlot) == 0) {
                return -shift;
            }
        }
        throw new IllegalStateException("no seat of " + this + " reaches step " + step);
    }

    @Override
    public Turn turnedOverShift() {
        return offset.times(2);
    }

    @Override
    public List<Turn> marks() {
        return holes;
    }
}
