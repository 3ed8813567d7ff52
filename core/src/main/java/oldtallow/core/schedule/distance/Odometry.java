package oldtallow.core.schedule.distance;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What is known of a rig's distance on any day, past or to come. Before the first entry and where there is none it is
 * reckoned back by the rate, so that use nobody wrote down still counts.
 *
 * @param line of its meter or its trips; empty where there is neither
 * @param rate empty where nothing tells
 * @param trips that the line does not hold
 */
public record Odometry(Optional<DistanceLine> line, Optional<UseRate> rate, List<PlannedRun> trips) {

    private static final int YEARS_BACK = 20;
    /** Where a rig without a line counts from; only differences matter. */
    private static final LocalDate NOUGHT = LocalDate.of(2000, 1, 1);

    public Odometry {
        trips = List.copyOf(trips);
    }

    /** Joins a line, what it is thought to run in a year, and trips; of a trip within the line nothing is counted again. */
    public static Odometry of(Optional<DistanceLine> line, Optional<Double> yearlyKm, List<PlannedRun> trips) {
        List<PlannedRun> open = trips.stream()
                .flatMap(trip -> line.map(known -> after(trip, known.last().on()).stream())
                        .orElseGet(() -> Optional.of(trip).stream()))
                .toList();
        return new Odometry(line, UseRate.from(line, yearlyKm), open);
    }

    /** Kilometres by the end of a day, from a nought of its own; below it for days before. */
    public double at(LocalDate day) {
        if (line.isEmpty()) {
            return reckoned(day);
        }
        DistanceLine known = line.get();
        DistanceLine.Point first = known.points().getFirst();
        if (day.isBefore(first.on())) {
            double yearly = rate.map(UseRate::yearlyKm).orElse(0.0);
            return first.km() - ChronoUnit.DAYS.between(day, first.on()) * yearly / UseRate.DAYS_A_YEAR;
        }
        return day.isAfter(known.last().on()) ? forecast(day).at(day) : known.at(day);
    }

    /**
     * From the last day the line knows on.
     *
     * @param day where there is no line: to count from
     */
    public Forecast forecast(LocalDate day) {
        return line.map(known -> new Forecast(
                        known.last().on(), known.last().km(), rate, trips, new Past(readBack(known), true, true)))
                .orElseGet(() -> new Forecast(
                        day,
                        reckoned(day),
                        rate,
                        trips.stream()
                                .flatMap(trip -> after(trip, day).stream())
                                .toList(),
                        new Past(reckonedUpTo(day), false, false)));
    }

    /** The meter's readings, and before the first of them what is reckoned back. */
    private List<DistanceLine.Point> readBack(DistanceLine known) {
        LocalDate before = known.points().getFirst().on().minusYears(YEARS_BACK);
        return Stream.concat(Stream.of(new DistanceLine.Point(before, at(before))), known.points().stream())
                .toList();
    }

    /** Without a line: straight between the days on which a trip begins or ends. */
    private List<DistanceLine.Point> reckonedUpTo(LocalDate day) {
        LocalDate first = trips.stream()
                .map(PlannedRun::from)
                .min(LocalDate::compareTo)
                .filter(from -> from.isBefore(day))
                .orElse(day);
        return Stream.concat(
                        Stream.of(first.minusYears(YEARS_BACK), day),
                        trips.stream().flatMap(trip -> Stream.of(trip.from().minusDays(1), trip.to())))
                .filter(one -> !one.isAfter(day))
                .distinct()
                .sorted()
                .map(one -> new DistanceLine.Point(one, reckoned(one)))
                .toList();
    }

    /** Without a line: by the rate, and the trips until then on top of it where they are longer than it. */
    private double reckoned(LocalDate day) {
        double usual = rate.map(UseRate::yearlyKm).orElse(0.0) / UseRate.DAYS_A_YEAR;
        double km = ChronoUnit.DAYS.between(NOUGHT, day) * usual;
        for (PlannedRun trip : trips) {
            if (!trip.from().isAfter(day)) {
                LocalDate until = trip.to().isAfter(day) ? day : trip.to();
                double days = ChronoUnit.DAYS.between(trip.from(), until) + 1.0;
                km += days * Math.max(0, trip.perDay() - usual);
            }
        }
        return km;
    }

    private static Optional<PlannedRun> after(PlannedRun trip, LocalDate day) {
        if (!trip.to().isAfter(day)) {
            return Optional.empty();
        }
        if (trip.from().isAfter(day)) {
            return Optional.of(trip);
        }
        LocalDate from = day.plusDays(1);
        return Optional.of(
                new PlannedRun(from, trip.to(), trip.perDay() * (ChronoUnit.DAYS.between(from, trip.to()) + 1)));
    }
}
