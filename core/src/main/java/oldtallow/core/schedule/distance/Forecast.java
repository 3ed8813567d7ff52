package oldtallow.core.schedule.distance;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * How far a rig will have run on a day to come, and when it will have run so much.
 *
 * <pre>
 * E(t) = km now + Σ rate of each day, or the trip's share of it where one is planned and larger
 * σ²(t) = Σ (spread · E of each month without trips)² + (error of the mean · E without trips)²
 *         months taken as independent, the error of their mean as one
 * likely: E(t) ≥ wanted     earliest: E(t) + z σ(t) ≥ wanted     latest: E(t) − z σ(t) ≥ wanted     z = 1.2816
 * </pre>
 *
 * Where what was run before is guessed, its error counts as well, from the day it is counted from. What lies in the past is dated
 * there: between two readings of a meter for good.
 *
 * <p>z cuts off a tenth on either side of a normal distribution (any statistics table); the model is this product's own. An
 * estimate, and to be called one.
 *
 * <p>Remembers the road it has walked, since all wheel ends of a rig ask along the same one; not for several threads at once.
 */
public final class Forecast {

    private static final double Z_TENTH = 1.2816;
    private static final int MOST_YEARS = 20;
    private static final long NEVER = Long.MAX_VALUE;

    private final LocalDate on;
    private final double km;
    private final Optional<UseRate> rate;
    private final List<PlannedRun> trips;
    private final Past past;
    private final long end;
    /** From today on, one behind the other; none beyond the end. */
    private final List<Walk> walked = new ArrayList<>();

    /**
     * @param on the day up to which the distance is known
     * @param km run by then
     * @param rate empty where nothing tells how it is used; then only trips count
     * @param trips known beforehand or not yet on a meter
     * @param past up to that day
     */
    public Forecast(LocalDate on, double km, Optional<UseRate> rate, List<PlannedRun> trips, Past past) {
        this.on = on;
        this.km = km;
        this.rate = rate;
        this.trips =
                trips.stream().sorted(Comparator.comparing(PlannedRun::from)).toList();
        this.past = past;
        this.end = on.plusYears(MOST_YEARS).toEpochDay();
        walked.add(new Walk(on.toEpochDay(), km, 0, 0));
    }

    /** The day up to which the distance is known. */
    public LocalDate on() {
        return on;
    }

    /** Kilometres run by then. */
    public double km() {
        return km;
    }

    public Optional<UseRate> rate() {
        return rate;
    }

    /** By their first day. */
    public List<PlannedRun> trips() {
        return trips;
    }

    /** Kilometres expected by the end of a day. */
    public double at(LocalDate day) {
        Walk walk = walked.getFirst();
        long until = day.toEpochDay();
        while (walk.day < until) {
            walk = next(walk, until);
        }
        return walk.expected;
    }

    public Past past() {
        return past;
    }

    /**
     * When it will have run so far in all, or had; empty where it will not within twenty years.
     *
     * @param from counted from there: what was run since is as uncertain as it was guessed, km
     */
    public Optional<DueRange> reaches(double from, double wanted) {
        if (wanted <= km) {
            return Optional.of(past.reached(wanted)
                    .map(range -> past.read() ? range : guessed(range.likely(), from))
                    .orElseGet(() -> DueRange.exactly(on)));
        }
        double guessedSoFar = past.read() ? 0 : Math.max(0, km - from);
        long earliest = NEVER;
        long likely = NEVER;
        long latest = NEVER;
        for (int step = 0; latest == NEVER && walk(step).day < end; step++) {
            Walk before = walk(step);
            Walk after = walk(step + 1);
            if (earliest == NEVER) {
                earliest = crossed(before, after, Z_TENTH, wanted, guessedSoFar);
            }
            if (likely == NEVER) {
                likely = crossed(before, after, 0, wanted, guessedSoFar);
            }
            latest = crossed(before, after, -Z_TENTH, wanted, guessedSoFar);
        }
        return likely == NEVER
                ? Optional.empty()
                : Optional.of(new DueRange(
                        LocalDate.ofEpochDay(Math.min(earliest, likely)),
                        LocalDate.ofEpochDay(likely),
                        LocalDate.ofEpochDay(latest == NEVER ? Math.max(end, likely) : Math.max(latest, likely))));
    }

    /** A day in a past that was guessed: by the error of the guess, from the day it is counted from. */
    private DueRange guessed(LocalDate likely, double from) {
        double error = Z_TENTH * meanError();
        LocalDate since = past.reached(from).map(DueRange::likely).orElse(likely);
        double days = ChronoUnit.DAYS.between(since, likely);
        return days <= 0
                ? DueRange.exactly(likely)
                : new DueRange(since.plusDays((long) Math.floor(days / (1 + error))), likely, since.plusDays((long)
                        Math.ceil(days / (1 - error))));
    }

    private double meanError() {
        return rate.isPresent() ? rate.get().meanError() : 0;
    }

    /** After so many steps; the one before is known. */
    private Walk walk(int steps) {
        if (steps == walked.size()) {
            walked.add(next(walked.getLast(), end));
        }
        return walked.get(steps);
    }

    /** The day within a step on which a straight line between its ends, off by so many σ, gets there; else never. */
    private long crossed(Walk before, Walk after, double sigmas, double wanted, double guessedSoFar) {
        double end = after.expected + sigmas * sigma(after, guessedSoFar);
        double start = before.expected + sigmas * sigma(before, guessedSoFar);
        if (start >= wanted) {
            return before.day;
        }
        if (end < wanted) {
            return NEVER;
        }
        return before.day + (long) Math.ceil((after.day - before.day) * (wanted - start) / (end - start));
    }

    private double sigma(Walk walk, double guessedSoFar) {
        double ofMean = meanError() * (walk.usual + guessedSoFar);
        return Math.sqrt(walk.variance + ofMean * ofMean);
    }

    /** Where it will be after a stretch within which its daily run stays the same, not beyond a limit. */
    private Walk next(Walk walk, long limit) {
        LocalDate first = LocalDate.ofEpochDay(walk.day + 1);
        int monthDays = first.lengthOfMonth();
        long until = Math.min(limit, walk.day + 1 + monthDays - first.getDayOfMonth());
        double tripPerDay = 0;
        for (PlannedRun trip : trips) {
            if (trip.covers(first)) {
                tripPerDay += trip.perDay();
                until = Math.min(until, trip.to().toEpochDay());
            } else if (trip.from().isAfter(first)) {
                until = Math.min(until, trip.from().toEpochDay() - 1);
            }
        }
        double days = until - walk.day;
        double usual = rate.isPresent() ? rate.get().kmPerDay(first.getMonth()) : 0;
        if (tripPerDay >= usual) {
            return new Walk(until, walk.expected + days * tripPerDay, walk.usual, walk.variance);
        }
        double strays = (rate.isPresent() ? rate.get().spread() : 0) * usual * monthDays;
        // a part of a month has that part of its variance
        double variance = walk.variance + strays * strays * days / monthDays;
        return new Walk(until, walk.expected + days * usual, walk.usual + days * usual, variance);
    }

    /**
     * How far by the end of a day, and how sure that is.
     *
     * @param day from 1970: a hundred thousand wheel ends walk through years of months at once
     * @param usual of what is expected, what goes by the rate and not by a trip
     * @param variance of the months
     */
    private record Walk(long day, double expected, double usual, double variance) {}
}
