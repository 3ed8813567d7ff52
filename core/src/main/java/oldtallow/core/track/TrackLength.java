package oldtallow.core.track;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import java.util.function.ToDoubleBiFunction;

/**
 * The length of a track, fix by fix.
 *
 * <ul>
 *   <li>A receiver at rest wanders: a fix counts once it is 15 m from the last one that did.
 *   <li>A fix that would need more than 70 m/s (250 km/h) from the last is a leap. It is left out, unless the next one is
 *       near it: then the receiver was wrong before, or away, and the way between is a gap.
 *   <li>A way of more than 1 km or 10 min between two fixes, or from one stretch to the next, is a gap: counted in a straight
 *       line up to 100 km, and told; longer ones are left out, and told.
 *   <li>A fix before the last one in time is left out, and told.
 * </ul>
 *
 * Limits are this product's own, for road rigs.
 *
 * @param metres along the track, straight over gaps
 * @param bridgedMetres of that, over gaps
 * @param gaps that were bridged
 * @param lostGaps too long to bridge
 * @param leaps fixes left out for their speed
 * @param backInTime fixes left out for their time
 * @param fixes in all
 * @param start time of the first fix that has one
 * @param end time of the last that has one
 * @param last fix that counted
 * @param aside the last leap, in case the next fix is near it
 */
public record TrackLength(
        double metres,
        double bridgedMetres,
        int gaps,
        int lostGaps,
        int leaps,
        int backInTime,
        int fixes,
        Optional<Instant> start,
        Optional<Instant> end,
        Optional<Fix> last,
        Optional<Fix> aside) {

    public static final TrackLength NONE = new TrackLength(
            0, 0, 0, 0, 0, 0, 0, Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());

    private static final double WANDERS_METRES = 15;
    private static final double FASTEST_METRES_PER_SECOND = 70;
    private static final double GAP_METRES = 1_000;
    private static final Duration GAP_TIME = Duration.ofMinutes(10);
    private static final double LOST_METRES = 100_000;

    /** With one more fix. {@code metresBetween} tells how far two are apart on the ground. */
    public TrackLength plus(Fix fix, ToDoubleBiFunction<Fix, Fix> metresBetween) {
        if (last.isEmpty()) {
            return new TrackLength(
                    metres,
                    bridgedMetres,
                    gaps,
                    lostGaps,
                    leaps,
                    backInTime,
                    fixes + 1,
                    start.or(fix::at),
                    end.or(fix::at),
                    Optional.of(fix),
                    Optional.empty());
        }
        Fix from = last.get();
        if (fix.at().isPresent() && end.isPresent() && fix.at().get().isBefore(end.get())) {
            return leftOut(leaps, backInTime + 1, aside);
        }
        double way = metresBetween.applyAsDouble(from, fix);
        if (way < WANDERS_METRES) {
            return new TrackLength(
                    metres,
                    bridgedMetres,
                    gaps,
                    lostGaps,
                    leaps,
                    backInTime,
                    fixes + 1,
                    start.or(fix::at),
                    fix.at().or(() -> end),
                    last,
                    Optional.empty());
        }
        if (isTooFast(from, fix, way)) {
            boolean confirmed = aside.filter(leap -> {
                        double further = metresBetween.applyAsDouble(leap, fix);
                        return further < GAP_METRES && !isTooFast(leap, fix, further);
                    })
                    .isPresent();
            return confirmed ? with(fix, way, true, leaps - 1) : leftOut(leaps + 1, backInTime, Optional.of(fix));
        }
        return with(fix, way, isGap(from, fix, way), leaps);
    }

    /** Where one stretch of a track ends and the next begins: the receiver was off, or heard nothing. */
    public TrackLength atNewStretch(Fix first, ToDoubleBiFunction<Fix, Fix> metresBetween) {
        if (last.isEmpty()) {
            return plus(first, metresBetween);
        }
        if (first.at().isPresent() && end.isPresent() && first.at().get().isBefore(end.get())) {
            return leftOut(leaps, backInTime + 1, Optional.empty());
        }
        double way = metresBetween.applyAsDouble(last.get(), first);
        return with(first, way, way >= GAP_METRES, leaps);
    }

    public double kilometres() {
        return metres / 1000;
    }

    private TrackLength with(Fix fix, double way, boolean gap, int leapsNow) {
        boolean lost = gap && way > LOST_METRES;
        double counted = lost ? 0 : way;
        return new TrackLength(
                metres + counted,
                bridgedMetres + (gap ? counted : 0),
                gaps + (gap && !lost ? 1 : 0),
                lostGaps + (lost ? 1 : 0),
                leapsNow,
                backInTime,
                fixes + 1,
                start.or(fix::at),
                fix.at().or(() -> end),
                Optional.of(fix),
                Optional.empty());
    }

    private TrackLength leftOut(int leapsNow, int backNow, Optional<Fix> asideNow) {
        return new TrackLength(
                metres, bridgedMetres, gaps, lostGaps, leapsNow, backNow, fixes + 1, start, end, last, asideNow);
    }

    private boolean isTooFast(Fix from, Fix to, double way) {
        return seconds(from, to)
                .filter(time -> way > FASTEST_METRES_PER_SECOND * Math.max(time, 1))
                .isPresent();
    }

    private boolean isGap(Fix from, Fix to, double way) {
        return way > GAP_METRES
                || (end.isPresent()
                        && seconds(from, to)
                                .filter(time -> time > GAP_TIME.toSeconds())
                                .isPresent());
    }

    /** From the last time the rig was seen at the place it was last counted, where both are timed. */
    private Optional<Double> seconds(Fix from, Fix to) {
        Optional<Instant> seen = last.filter(from::equals).isPresent() ? end : from.at();
        return seen.flatMap(then ->
                to.at().map(now -> Duration.between(then, now).toMillis() / 1000.0));
    }
}
