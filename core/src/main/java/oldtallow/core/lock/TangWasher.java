package oldtallow.core.lock;

import java.util.List;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.quantity.Turn;

/**
 * Keyed or D washer whose tangs are bent against the flats of the nut.
 *
 * @param flats of the nut, 4 to 12
 * @param tangs angle of each tang from the washer's key or flat, 0° to below 360°
 */
public record TangWasher(int flats, List<Turn> tangs) implements SteppedLock {

    public TangWasher {
        if (!(flats >= 4 && flats <= 12)) {
            throw new OutOfRangeException("nut flats", flats, "4 to 12");
        }
        tangs = LockPositions.requireMarks("tang", tangs, Turn.FULL);
    }

    /** The same washer turned over: its tangs come to stand on the other side of the key. */
    public TangWasher turnedOver() {
        return new TangWasher(
                flats, tangs.stream().map(t -> t.negate().modulo(Turn.FULL)).toList());
    }

    @Override
    public List<LockPosition> positions() {
        var found = new LockPositions();
        for (int tang = 0; tang < tangs.size(); tang++) {
            for (int flat = 0; flat < flats; flat++) {
                found.add(tangs.get(tang).minus(Turn.of(flat, flats)), new Engagement(tang + 1, 0));
            }
        }
        return found.sorted();
    }

    @Override
    public List<Turn> marks() {
        return tangs;
    }
}
