package oldtallow.core.fastening.lock;

import java.util.List;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.quantity.Turn;

/**
 * A lock that holds the nut at certain angles only. Each of its marks by itself gives evenly spaced positions; several
 * marks together give several such rows, shifted against each other, and so uneven gaps.
 */
public sealed interface SteppedLock extends LockPattern
        permits CastleNut, SeatedRetainer, PushOnRetainer, TangWasher, LockPlate {

    /** Where the marks that do not turn stand: cotter holes, tangs, or the plate's screw. At least one. */
    List<Turn> marks();

    /** How many positions one mark alone gives in a turn, evenly spaced. */
    int positionsPerMark();

    /**
     * Seats by which a retainer is turned on its nut, the fewest that will do, positive looser; 0 for other locks.
     *
     * @param step of the mark's positions, 0 where a slot as seated meets it, counted looser
     */
    default int seatShift(int step) {
        return 0;
    }

    /** How much looser the nut stands when the same seat of the lock, turned over, meets a mark; whole steps change nothing. */
    default Turn turnedOverShift() {
        return Turn.ZERO;
    }

    /**
     * Every nut angle within one turn at which the lock goes in, ascending from 0 inclusive to a full turn exclusive.
     * Angle 0 is where a slot (flat, ring hole) of the nut meets the mark at angle 0.
     */
    default List<LockPosition> positions() {
        return new PositionRows(this).positions();
    }

    /** Angles between neighbouring positions round the whole turn, in order; they add up to one turn. */
    default List<Turn> gaps() {
        return new PositionRows(this).gaps();
    }

    default Turn largestGap() {
        return gaps().stream().max(Turn::compareTo).orElseThrow();
    }

    default Turn smallestGap() {
        return gaps().stream().min(Turn::compareTo).orElseThrow();
    }

    /**
     * Where one of the marks stands.
     *
     * @param number from 1
     */
    default Turn mark(int number) {
        if (!(number >= 1 && number <= marks().size())) {
            throw new OutOfRangeException(
                    EnteredQuantity.MARK, number, "1 to " + marks().size() + ", as many as this lock has");
        }
        return marks().get(number - 1);
    }
}
