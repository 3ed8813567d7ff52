package oldtallow.core.fastening.lock;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import oldtallow.core.quantity.Turn;

/**
 * The rows of evenly spaced positions of a stepped lock, one row for all marks that fall on the same ones.
 *
 * <pre>
 * position = offset + step · 1 turn / n      offset = mark mod (1 turn / n),  n positions per mark, 1 to 216
 * </pre>
 *
 * Source: exact arithmetic of turns (reference sheet §2).
 */
final class PositionRows {

    private final SteppedLock lock;
    private final int perTurn;
    private final Turn spacing;
    /** Marks of each row by the row's offset; the step at which each mark itself stands. */
    private final Map<Turn, List<MarkStep>> rows = new TreeMap<>();

    /** A mark and the step of its row on which it stands. */
    private record MarkStep(int mark, int step, boolean turnedOver) {}

    PositionRows(SteppedLock lock) {
        this.lock = lock;
        this.perTurn = lock.positionsPerMark();
        this.spacing = Turn.of(1, perTurn);
        List<Turn> marks = lock.marks();
        for (int i = 0; i < marks.size(); i++) {
            add(i + 1, marks.get(i), false);
            if (!lock.turnedOverShift().modulo(spacing).equals(Turn.ZERO)) {
                add(i + 1, marks.get(i).plus(lock.turnedOverShift()), true);
            }
        }
    }

    private void add(int mark, Turn at, boolean turnedOver) {
        Turn offset = at.modulo(spacing);
        int step = (int) at.minus(offset).times(perTurn).numerator(); // whole, by the choice of offset
        rows.computeIfAbsent(offset, row -> new ArrayList<>()).add(new MarkStep(mark, step, turnedOver));
    }

    List<LockPosition> positions() {
        List<LockPosition> positions = new ArrayList<>(perTurn * rows.size());
        for (int step = 0; step < perTurn; step++) {
            Turn base = Turn.of(step, perTurn);
            for (Map.Entry<Turn, List<MarkStep>> row : rows.entrySet()) {
                positions.add(new LockPosition(base.plus(row.getKey()), engagements(step, row.getValue())));
            }
        }
        return List.copyOf(positions);
    }

    List<Turn> gaps() {
        List<Turn> offsets = List.copyOf(rows.keySet());
        List<Turn> ofOneSpacing = new ArrayList<>();
        for (int i = 0; i < offsets.size(); i++) {
            Turn next = i + 1 < offsets.size()
                    ? offsets.get(i + 1)
                    : offsets.getFirst().plus(spacing);
            ofOneSpacing.add(next.minus(offsets.get(i)));
        }
        List<Turn> gaps = new ArrayList<>(perTurn * offsets.size());
        for (int step = 0; step < perTurn; step++) {
            gaps.addAll(ofOneSpacing);
        }
        return List.copyOf(gaps);
    }

    private List<Engagement> engagements(int step, List<MarkStep> marks) {
        List<Engagement> engagements = new ArrayList<>(marks.size());
        for (MarkStep mark : marks) {
            int fromMark = Math.floorMod(step - mark.step(), perTurn);
            engagements.add(new Engagement(mark.mark(), lock.seatShift(fromMark), mark.turnedOver()));
        }
        return engagements;
    }
}
