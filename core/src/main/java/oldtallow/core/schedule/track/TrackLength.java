package oldtallow.core.schedule.track;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import java.util.function.ToDoubleBiFunction;

/**
 * The length of a track, fix by fix.
 *
 * <ul>
 *   <li>A receiver at rest wanders: a fix counts once it is 15 m from the last one that did, and 40 m where the rig has stood for
 *       a minute.
 *   <li>A fix that would need more than 70 m/s (250 km/h) from the last is a leap. It is left out, unless the next one is
 *       near it: then the receiver was wrong before, or away, and the way between is a gap.
 *   <li>A fix without a time that lies more than 1 km off both its neighbours, three times as far as they are apart, is left out
 *       and told.
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
 * @param leaps fixes left out for their speed, or for lying far off
 * @param backInTime fixes left out for their time
 * @param fixes in all
 * @param start time of the first fix that has one
 * @param end time of the last that has one
 * @param last fix that counted
 * @param aside the last leap, in case the next fix is near it
 * @param pending a fix without a time far from the last, until the next one tells whether it is one
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
        Optional<Fix> aside,
        Optional<Fix> pending) {

    public static final TrackLength NONE = new TrackLength(
            0,
            0,
            0,
            0,
            0,
            0,
            0,
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Optional.empty());

    private static final double WANDERS_METRES = 15;
    private static final double WANDERS_AT_REST_METRES = 40;
    private static final Duration AT_REST = Duration.ofMinutes(1);
    private static final double FASTEST_METRES_PER_SECOND = 70;
    private static final double GAP_METRES = 1_000;
    private static final Duration GAP_TIME = Duration.ofMinutes(10);
    private static final double LOST_METRES = 100_000;
    /** Off both neighbours so many times as far as they are apart. */
    private static final double FAR_OFF = 3;

    /** With one more fix. {@code metresBetween} tells how far two are apart on the ground. */
    public TrackLength plus(Fix fix, ToDoubleBiFunction<Fix, Fix> metresBetween) {
        if (pending.isPresent()) {
            return settled(fix, metresBetween).plus(fix, metresBetween);
        }
        if (last.isEmpty()) {
            return standing(Optional.of(fix), start.or(fix::at), end.or(fix::at));
        }
        Fix from = last.get();
        if (fix.at().isPresent() && end.isPresent() && fix.at().get().isBefore(end.get())) {
            return leftOut(leaps, backInTime + 1, aside);
        }
        double way = metresBetween.applyAsDouble(from, fix);
        if (way < (isAtRest(from) ? WANDERS_AT_REST_METRES : WANDERS_METRES)) {
            return standing(last, start.or(fix::at), fix.at().or(() -> end));
        }
        if (isTooFast(from, fix, way)) {
            boolean confirmed = aside.filter(leap -> {
                        double further = metresBetween.applyAsDouble(leap, fix);
                        return further < GAP_METRES && !isTooFast(leap, fix, further);
                    })
                    .isPresent();
            return confirmed ? with(fix, way, true, leaps - 1) : leftOut(leaps + 1, backInTime, Optional.of(fix));
        }
        if (way > GAP_METRES && fix.at().isEmpty()) {
            return waitingFor(fix);
        }
        return with(fix, way, isGap(from, fix, way), leaps);
    }

    /** As it is when nothing follows: a last fix far off has but one neighbour, and counts. */
    public TrackLength ended(ToDoubleBiFunction<Fix, Fix> metresBetween) {
        return pending.map(fix -> confirmed(fix, metresBetween)).orElse(this);
    }

    /** A fix that waited, once the next one is known. */
    private TrackLength settled(Fix next, ToDoubleBiFunction<Fix, Fix> metresBetween) {
        Fix waiting = pending.orElseThrow();
        Fix before = last.orElseThrow();
        double apart = metresBetween.applyAsDouble(before, next);
        double off = Math.min(metresBetween.applyAsDouble(before, waiting), metresBetween.applyAsDouble(waiting, next));
        return off > GAP_METRES && off > FAR_OFF * apart
                ? leftOut(leaps + 1, backInTime, aside)
                : confirmed(waiting, metresBetween);
    }

    private TrackLength confirmed(Fix waiting, ToDoubleBiFunction<Fix, Fix> metresBetween) {
        return with(waiting, metresBetween.applyAsDouble(last.orElseThrow(), waiting), true, leaps);
    }

    private boolean isAtRest(Fix from) {
        return end.isPresent()
                && from.at()
                        .filter(then -> Duration.between(then, end.get()).compareTo(AT_REST) >= 0)
                        .isPresent();
    }

    /** Where one stretch of a track ends and the next begins: the receiver was off, or heard nothing. */
    public TrackLength atNewStretch(Fix first, ToDoubleBiFunction<Fix, Fix> metresBetween) {
        if (pending.isPresent()) {
            return ended(metresBetween).atNewStretch(first, metresBetween);
        }
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
                Optional.empty(),
                Optional.empty());
    }

    /** One more fix that adds no way. */
    private TrackLength standing(Optional<Fix> lastNow, Optional<Instant> startNow, Optional<Instant> endNow) {
        return sameWay(leaps, backInTime, fixes + 1, startNow, endNow, lastNow, Optional.empty(), Optional.empty());
    }

    /** It is counted once it is known whether it is one. */
    private TrackLength waitingFor(Fix fix) {
        return sameWay(leaps, backInTime, fixes, start, end, last, aside, Optional.of(fix));
    }

    private TrackLength leftOut(int leapsNow, int backNow, Optional<Fix> asideNow) {
        return sameWay(leapsNow, backNow, fixes + 1, start, end, last, asideNow, Optional.empty());
    }

    private TrackLength sameWay(
            int leapsNow,
            int backNow,
            int fixesNow,
            Optional<Instant> startNow,
            Optional<Instant> endNow,
            Optional<Fix> lastNow,
            Optional<Fix> asideNow,
            Optional<Fix> pendingNow) {
        return new TrackLength(
                metres,
                bridgedMetres,
                gaps,
                lostGaps,
                leapsNow,
                backNow,
                fixesNow,
                startNow,
                endNow,
                lastNow,
                asideNow,
                pendingNow);
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
                                .filter(time -> time > GAP_TIME.getSeconds())
                                .isPresent());
    }

    /** From the last time the rig was seen at the place it was last counted, where both are timed. */
    private Optional<Double> seconds(Fix from, Fix to) {
        Optional<Instant> seen = last.filter(from::equals).isPresent() ? end : from.at();
        return seen.flatMap(then ->
                to.at().map(now -> Duration.between(then, now).toMillis() / 1000.0));
    }
}
