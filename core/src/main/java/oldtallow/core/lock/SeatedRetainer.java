package oldtallow.core.lock;

import java.util.List;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.quantity.Turn;

/**
 * Pressed multi-slot retainer over a plain nut, with a cotter through the spindle. It can be lifted off and seated on the
 * nut in any of its orientations, which makes the steps finer than its slots.
 *
 * @param slots evenly spaced, even, 2 to 36
 * @param seats orientations on the nut: 6 (hex) or 12 (twelve-point)
 * @param holes angle of each through hole from the first, 0° to below 180°
 */
public record SeatedRetainer(int slots, int seats, List<Turn> holes) implements SteppedLock {

    public SeatedRetainer {
        LockNumbers.requireEvenSlots("retainer slots", slots);
        if (seats != 6 && seats != 12) {
            throw new OutOfRangeException("retainer seats", seats, "6 (hex nut) or 12 (twelve-point)");
        }
        holes = LockNumbers.requireMarks("hole", holes, Turn.HALF);
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
    public List<Turn> marks() {
        return holes;
    }
}
