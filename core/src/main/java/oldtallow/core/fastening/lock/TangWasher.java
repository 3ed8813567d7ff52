package oldtallow.core.fastening.lock;

import java.util.List;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.quantity.Turn;

/**
 * Keyed or D washer under the nut, whose tangs are bent up against the nut's flats.
 *
 * @param flats of the nut, 4 to 12
 * @param tangs angle of each tang from the washer's key or flat, 0° to below 360°
 */
public record TangWasher(int flats, List<Turn> tangs) implements SteppedLock {

    public TangWasher {
        if (!(flats >= 4 && flats <= 12)) {
            throw new OutOfRangeException(EnteredQuantity.NUT_FLATS, flats, "4 to 12");
        }
        tangs = LockNumbers.requireMarks(EnteredQuantity.NUMBER_OF_TANGS, EnteredQuantity.TANG_ANGLE, tangs, Turn.FULL);
    }

    /** The same washer turned over: its tangs come to stand on the other side of the key. */
    public TangWasher turnedOver() {
        return new TangWasher(
                flats, tangs.stream().map(t -> t.negate().modulo(Turn.FULL)).toList());
    }

    @Override
    public int positionsPerMark() {
        return flats;
    }

    @Override
    public List<Turn> marks() {
        return tangs;
    }
}
