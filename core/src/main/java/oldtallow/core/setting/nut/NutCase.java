package oldtallow.core.setting.nut;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import oldtallow.core.fastening.endplay.EndPlayVerdict;
import oldtallow.core.fastening.endplay.EndPlayWindow;
import oldtallow.core.fastening.lock.FreeAngleLock;
import oldtallow.core.fastening.lock.LockPattern;
import oldtallow.core.fastening.lock.LockPosition;
import oldtallow.core.fastening.lock.SteppedLock;
import oldtallow.core.fastening.thread.ScrewThread;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.quantity.Turn;
import oldtallow.core.schedule.figure.Authority;
import oldtallow.core.schedule.figure.GoverningFigure;
import org.jspecify.annotations.Nullable;

/**
 * One nut on one spindle as it stands, and the window it must be left in.
 *
 * <pre>
 * end play at a stop = end play here + P · back-off / 1 turn      [mm], P pitch [mm], back-off [turns]
 * </pre>
 *
 * Source: as for {@link oldtallow.core.fastening.thread.ScrewThread}; exact, reference sheet §2.
 *
 * <p>Valid for a nut that alone sets the bearings; a jam nut takes up thread backlash, so there only a reading counts.
 *
 * @param window below zero only as a maker's figure: nobody else may ask for preload
 * @param washerThickness of the washer under the nut, 0.5 to 25 mm, where known
 * @param lockingTakesUp end play that tightening the outer of two nuts takes, as this hub did before; 0 to 0.5 mm, 0 where
 *     nobody knows and on every other lock
 */
public record NutCase(
        ScrewThread thread,
        LockPattern lock,
        NutReading reading,
        GoverningFigure<EndPlayWindow> window,
        @Nullable Length washerThickness,
        Length lockingTakesUp) {

    private static final double MOST_TAKEN_MM = 0.5;

    public NutCase {
        if (lock instanceof SteppedLock stepped) {
            stepped.mark(reading.mark()); // refuses a mark the lock does not have
        }
        if (window.value().reachesPreload() && window.authority() != Authority.MAKER) {
            throw new OutOfRangeException(
                    EnteredQuantity.LEAST_END_PLAY,
                    window.value().least().millimetres() + " mm",
                    "0 or more: only a maker's figure may ask for preload");
        }
        if (washerThickness != null && !(washerThickness.millimetres() >= 0.5 && washerThickness.millimetres() <= 25)) {
            throw new OutOfRangeException(
                    EnteredQuantity.WASHER_THICKNESS, washerThickness.millimetres() + " mm", "0.5 to 25 mm");
        }
        if (lock != FreeAngleLock.TWO_NUTS) {
            lockingTakesUp = Length.ZERO;
        }
        if (!(lockingTakesUp.millimetres() >= 0 && lockingTakesUp.millimetres() <= MOST_TAKEN_MM)) {
            throw new OutOfRangeException(
                    EnteredQuantity.PLAY_THAT_LOCKING_TAKES,
                    lockingTakesUp.millimetres() + " mm",
                    "0 to 0.5 mm (0 to 20 thou)");
        }
    }

    /** One of which nobody knows what locking takes, or whose lock takes nothing. */
    public NutCase(
            ScrewThread thread,
            LockPattern lock,
            NutReading reading,
            GoverningFigure<EndPlayWindow> window,
            @Nullable Length washerThickness) {
        this(thread, lock, reading, window, washerThickness, Length.ZERO);
    }

    /**
     * Stops from the last one tighter than both zero play and the window, shown so that it can be refused, up to one full
     * turn looser than zero play; ascending. None on a lock that holds at any angle.
     */
    public List<Stop> stops() {
        return switch (lock) {
            case SteppedLock stepped -> stops(stepped, stepped.positions());
            case FreeAngleLock free -> List.of();
        };
    }

    /** The tightest stop inside the window, else the tightest usable one, or remedies. Never a stop past zero play unless the window reaches there. */
    public Advice advice() {
        return switch (lock) {
            case SteppedLock stepped -> advice(stepped, stops());
            case FreeAngleLock free -> anyAngle(free);
        };
    }

    private Advice advice(SteppedLock stepped, List<Stop> stops) {
        return stops.stream()
                .filter(stop -> stop.verdict() == EndPlayVerdict.INSIDE)
                .findFirst()
                .<Advice>map(Advice.Take::new)
                .orElseGet(() -> lessThanGood(stepped, stops));
    }

    private Advice lessThanGood(SteppedLock stepped, List<Stop> stops) {
        List<Remedy> remedies = new Remedies(this, stepped, stops).inOrder();
        return stops.stream()
                .filter(stop -> stop.verdict() == EndPlayVerdict.USABLE)
                .findFirst()
                .<Advice>map(stop -> new Advice.TakeUsable(stop, remedies))
                .orElseGet(() -> new Advice.NoneGood(remedies));
    }

    private Advice anyAngle(FreeAngleLock free) {
        double from = degreesTo(window.value().least().plus(lockingTakesUp));
        double to = degreesTo(window.value().most().plus(lockingTakesUp));
        return new Advice.AnyAngle(from, to, (from + to) / 2, free == FreeAngleLock.TWO_NUTS);
    }

    /** End play after turning the nut from where it stands. */
    public Length endPlayAt(Turn backOff) {
        return reading.endPlay().plus(thread.travel(backOff));
    }

    /** As {@link #endPlayAt}, once the lock has taken what it takes. */
    public Length lockedEndPlayAt(Turn backOff) {
        return endPlayAt(backOff).minus(lockingTakesUp);
    }

    /** Rotation from where the nut stands to an end play; negative is tighter. In degrees. */
    public double degreesTo(Length endPlay) {
        return thread.degreesFor(endPlay.minus(reading.endPlay()));
    }

    /** As {@link #stops()}, were the lock's positions these. */
    List<Stop> stops(SteppedLock stepped, List<LockPosition> positions) {
        Turn standing = stepped.mark(reading.mark()).minus(reading.looser());
        // one turn tighter than zero play is enough to hold the last stop before it, or before the window
        double tightestTurns =
                Math.min(0, window.value().least().metres()) / thread.pitch().metres()
                        - reading.endPlay().metres() / thread.pitch().metres();
        int firstTurn = (int) Math.floor(tightestTurns) - 1;
        List<Stop> all = new ArrayList<>();
        for (LockPosition position : positions) {
            Turn looser = position.at().minus(standing);
            for (int turn = firstTurn; turn <= 0; turn++) {
                all.add(stop(looser.plusWhole(turn - looser.wholeTurns()), position));
            }
        }
        all.sort(Comparator.comparing(Stop::backOff));

        double tightest = Math.min(0, window.value().least().metres());
        int first = 0;
        while (first + 1 < all.size() && all.get(first + 1).endPlay().metres() < tightest) {
            first++;
        }
        return all.subList(first, all.size()).stream()
                .filter(stop -> stop.endPlay().compareTo(thread.pitch()) <= 0)
                .toList();
    }

    private Stop stop(Turn backOff, LockPosition position) {
        Length endPlay = endPlayAt(backOff);
        return new Stop(backOff, endPlay, window.value().judge(endPlay), position);
    }
}
