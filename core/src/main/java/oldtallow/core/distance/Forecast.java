package oldtallow.core.distance;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * How far a rig will have run on a day to come, and when it will have run so much.
 *
 * <pre>
 * E(t) = km now + Σ rate of each day, or the trip's share of it where one is planned and larger
 * σ²(t) = Σ (spread · E of each month without trips)²          months taken as independent
 * likely: E(t) ≥ wanted     earliest: E(t) + z σ(t) ≥ wanted     latest: E(t) − z σ(t) ≥ wanted     z = 1.2816
 * </pre>
 *
 * z cuts off a tenth on either side of a normal distribution (any statistics table). An estimate, and to be called one.
 *
 * @param on the day up to which the distance is known
 * @param km run by then
 * @param rate empty where nothing tells how it is used; then only trips count
 * @param trips known beforehand or not yet on a meter, by their first day
 */
public record Forecast(LocalDate on, double km, Optional<UseRate> rate, List<PlannedRun> trips) {

    private static final double Z_TENTH = 1.2816;
    private static final int MOST_YEARS = 20;

    public Forecast {
        trips = trips.stream().sorted(Comparator.comparing(PlannedRun::from)).toList();
    }

    /** Kilometres expected by the end of a day. */
    public double at(LocalDate day) {
        Walk walk = start();
        while (walk.day.isBefore(day)) {
            walk = next(walk, day);
        }
        return walk.expected;
    }

    /** When it will have run so far in all; empty where it will not within twenty years. */
    public Optional<DueRange> reaches(double wanted) {
        Walk walk = start();
        LocalDate end = on.plusYears(MOST_YEARS);
        Optional<LocalDate> earliest = Optional.empty();
        Optional<LocalDate> likely = Optional.empty();
        Optional<LocalDate> latest = Optional.empty();
        while (latest.isEmpty() && walk.day.isBefore(end)) {
            Walk after = next(walk, end);
            if (earliest.isEmpty()) {
                earliest = crossed(walk, after, Z_TENTH, wanted);
            }
            if (likely.isEmpty()) {
                likely = crossed(walk, after, 0, wanted);
            }
            latest = crossed(walk, after, -Z_TENTH, wanted);
            walk = after;
        }
        LocalDate last = latest.orElse(end);
        LocalDate first = earliest.orElse(end);
        return likely.map(day -> new DueRange(min(first, day), day, last.isBefore(day) ? day : last));
    }

    /** The day within a step on which a straight line between its ends, off by so many σ, gets there. */
    private static Optional<LocalDate> crossed(Walk before, Walk after, double sigmas, double wanted) {
        double start = before.expected + sigmas * Math.sqrt(before.variance);
        double end = after.expected + sigmas * Math.sqrt(after.variance);
        if (start >= wanted) {
            return Optional.of(before.day);
        }
        if (end < wanted) {
            return Optional.empty();
        }
        long days = ChronoUnit.DAYS.between(before.day, after.day);
        return Optional.of(before.day.plusDays((long) Math.ceil(days * (wanted - start) / (end - start))));
    }

    private static LocalDate min(LocalDate a, LocalDate b) {
        return a.isBefore(b) ? a : b;
    }

    private Walk start() {
        return new Walk(on, km, 0);
    }

    /** Where it will be after a stretch within which its daily run stays the same, not beyond a limit. */
    private Walk next(Walk walk, LocalDate limit) {
        LocalDate first = walk.day.plusDays(1);
        LocalDate until = min(limit, first.withDayOfMonth(first.lengthOfMonth()));
        double tripPerDay = 0;
        for (PlannedRun trip : trips) {
            if (trip.covers(first)) {
                tripPerDay += trip.perDay();
                until = min(until, trip.to());
            } else if (trip.from().isAfter(first)) {
                until = min(until, trip.from().minusDays(1));
            }
        }
        double days = ChronoUnit.DAYS.between(walk.day, until);
        double usual = rate.map(one -> one.kmPerDay(first.getMonth())).orElse(0.0);
        if (tripPerDay >= usual) {
            return new Walk(until, walk.expected + days * tripPerDay, walk.variance);
        }
        double strays = rate.map(UseRate::spread).orElse(0.0) * usual * first.lengthOfMonth();
        // a part of a month has that part of its variance
        double variance = strays * strays * days / first.lengthOfMonth();
        return new Walk(until, walk.expected + days * usual, walk.variance + variance);
    }

    /** How far by the end of a day, and how sure that is. */
    private record Walk(LocalDate day, double expected, double variance) {}
}
