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
        LockPositions.requireEvenSlots("retainer slots", slots);
        if (seats != 6 && seats != 12) {
            throw new OutOfRangeException("retainer seats", seats, "6 (hex nut) or 12 (twelve-point)");
        }
        holes = LockPositions.requireMarks("hole", holes, Turn.HALF);
    }

    @Override
    public List<LockPosition> positions() {
        var found = new LockPositions();
        for (int hole = 0; hole < holes.size(); hole++) {
            for (int shift = -seats / 2; shift < seats / 2; shift++) {
                for (int slot = 0; slot < slots; slot++) {
                    Turn slotOnNut = Turn.of(slot, slots).plus(Turn.of(shift, seats));
                    found.add(holes.get(hole).minus(slotOnNut), new Engagement(hole + 1, shift));
                }
            }
        }
        return found.sorted();
    }

    @Override
    public List<Turn> marks() {
        return holes;
    }
}
