package oldtallow.core.fastening.lock;

import java.util.List;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.Turn;

/**
 * Castle nut with a cotter through the spindle.
 *
 * <p>A through hole opens on both sides, half a turn apart. With evenly spaced slots and holes the positions repeat every
 * gcd(1 turn / slots, 1 turn / openings); a hole at any other angle gives uneven gaps, which that rule misses.
 *
 * @param slots evenly spaced, even, 2 to 36; 6 up to about 1 1/2 in (ISO 7035, from memory)
 * @param holes angle of each through hole from the first, 0° to below 180°
 */
public record CastleNut(int slots, List<Turn> holes) implements SteppedLock {

    public CastleNut {
        LockNumbers.requireEvenSlots(EnteredQuantity.CASTLE_NUT_SLOTS, slots);
        holes = LockNumbers.requireMarks(EnteredQuantity.NUMBER_OF_HOLES, EnteredQuantity.HOLE_ANGLE, holes, Turn.HALF);
    }

    @Override
    public int positionsPerMark() {
        return slots; // the far opening of a hole falls on the opposite slot;
    }

    @Override
    public List<Turn> marks() {
        return holes;
    }
}
