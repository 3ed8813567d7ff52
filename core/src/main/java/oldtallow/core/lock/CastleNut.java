package oldtallow.core.lock;

import java.util.List;
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
        LockPositions.requireEvenSlots("castle nut slots", slots);
        holes = LockPositions.requireMarks("hole", holes, Turn.HALF);
    }

    @Override
    public List<LockPosition> positions() {
        var found = new LockPositions();
        for (int hole = 0; hole < holes.size(); hole++) {
            for (int slot = 0; slot < slots; slot++) {
                // the far opening falls on the opposite slot, which an even count always has
                found.add(holes.get(hole).minus(Turn.of(slot, slots)), new Engagement(hole + 1, 0));
            }
        }
        return found.sorted();
    }

    @Override
    public List<Turn> marks() {
        return holes;
    }
}
