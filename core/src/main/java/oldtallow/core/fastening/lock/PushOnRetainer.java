package oldtallow.core.fastening.lock;

import java.util.List;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.quantity.Turn;

/**
 * Retainer pushed over the nut and keyed to a flat of the spindle. It takes no cotter: the cap keeps it on, and it is used
 * again.
 *
 * <pre>
 * position = flat + k / seats      [turns], k = 0, 1, 2 …
 * </pre>
 *
 * Source: exact arithmetic of turns (reference sheet §2); the three kinds of seat are common practice.
 *
 * @param seats ways in which it goes over a hex nut in one turn: 6, 12 or 18 points inside
 * @param flats angle of each flat or key slot of the spindle from the first, 0° to below 360°
 */
public record PushOnRetainer(int seats, List<Turn> flats) implements SteppedLock {

    public PushOnRetainer {
        if (seats != 6 && seats != 12 && seats != 18) {
            throw new OutOfRangeException(EnteredQuantity.RETAINER_SEATS, seats, "6, 12 or 18 points over a hex nut");
        }
        flats = LockNumbers.requireMarks(EnteredQuantity.NUMBER_OF_FLATS, EnteredQuantity.FLAT_ANGLE, flats, Turn.FULL);
    }

    @Override
    public int positionsPerMark() {
        return seats;
    }

    @Override
    public List<Turn> marks() {
        return flats;
    }
}
