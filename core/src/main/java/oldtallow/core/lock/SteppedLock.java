package oldtallow.core.lock;

import java.util.ArrayList;
import java.util.List;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.quantity.Turn;

/** A lock that holds the nut at certain angles only. */
public sealed interface SteppedLock extends LockPattern permits CastleNut, SeatedRetainer, TangWasher, LockPlate {

    /**
     * Every nut angle within one turn at which the lock goes in, ascending from 0 inclusive to a full turn exclusive.
     * Angle 0 is where a slot (flat, ring hole) of the nut meets the mark at angle 0.
     */
    List<LockPosition> positions();

    /** Where the marks that do not turn stand: cotter holes, tangs, or the plate's screw. At least one. */
    List<Turn> marks();

    /**
     * Where one of the marks stands.
     *
     * @param number from 1
     */
    default Turn mark(int number) {
        if (!(number >= 1 && number <= marks().size())) {
            throw new OutOfRangeException("mark", number, "1 to " + marks().size() + ", as many as this lock has");
        }
        return marks().get(number - 1);
    }

    /** Angles between neighbouring positions round the whole turn, in order; they add up to one turn. */
    default List<Turn> gaps() {
        List<LockPosition> positions = positions();
        List<Turn> gaps = new ArrayList<>(positions.size());
        for (int i = 0; i < positions.size(); i++) {
            Turn here = positions.get(i).at();
            Turn next = i + 1 < positions.size()
                    ? positions.get(i + 1).at()
                    : positions.getFirst().at().plus(Turn.FULL);
            gaps.add(next.minus(here));
        }
        return gaps;
    }

    default Turn largestGap() {
        return gaps().stream().max(Turn::compareTo).orElseThrow();
    }

    default Turn smallestGap() {
        return gaps().stream().min(Turn::compareTo).orElseThrow();
    }
}
