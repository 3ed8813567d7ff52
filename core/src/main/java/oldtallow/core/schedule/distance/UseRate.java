package oldtallow.core.schedule.distance;

import java.time.LocalDate;
import java.time.Month;
import java.time.YearMonth;
import java.time.temporal.ChronoUnit;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import java.util.stream.IntStream;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.OutOfRangeException;

/**
 * What a rig runs, month by month of the year.
 *
 * <pre>
 * rate of a month = (km of it + w · r) / (days of it + w)      w = 20 days
 * r = (km seen + m · y) / (days seen + m)                      m = 60 days where a year's distance was guessed, else 0
 * y  the guess of a day    r  mean of all days    [km/day]
 * </pre>
 *
 * Every month leans on the mean as if it had been seen for w days more: one June with one trip is no habit. Both sums grow
 * with every kilometre run, so that more use never makes a lower rate. This product's own choice of w and m.
 *
 * @param kmPerDay January first; none below 0
 * @param spread of a month's distance over its mean, as standard deviation, 0.2 to 1
 * @param meanError of the mean itself, over it, as standard deviation, 0 to 0.6: a guess of the year's distance is no better than
 *     30 % either way in eight of ten cases (this product's own), months that were seen count as so many draws
 */
public record UseRate(List<Double> kmPerDay, double spread, double meanError) {

    /** What is assumed of a month's spread, and for how many months that assumption counts. */
    private static final double USUAL_SPREAD = 0.5;

    private static final double USUAL_MONTHS = 6;
    private static final double LEAST_SPREAD = 0.2;
    private static final double MOST_SPREAD = 1;
    private static final double LEAN_DAYS = 20;
    /** 30 % over the 1.2816 standard deviations that cut off a tenth. */
    private static final double GUESS_ERROR = 0.30 / 1.2816;

    private static final double MOST_MEAN_ERROR = 0.6;
    private static final double DAYS_A_MONTH = 30.44;
    private static final double GUESS_DAYS = 60;
    static final double DAYS_A_YEAR = 365.2425;
    private static final double MOST_A_DAY = 2_500;
    private static final int MONTHS = 12;
    /** Use of longer ago says little of today's. */
    private static final int YEARS_BACK = 4;

    public UseRate {
        kmPerDay = List.copyOf(kmPerDay);
        if (kmPerDay.size() != MONTHS || kmPerDay.stream().anyMatch(rate -> !(rate >= 0 && rate <= MOST_A_DAY))) {
            throw new OutOfRangeException(EnteredQuantity.USE, kmPerDay + " km a day", "twelve months of 0 to 2500");
        }
        if (!(spread >= LEAST_SPREAD && spread <= MOST_SPREAD)) {
            throw new OutOfRangeException(EnteredQuantity.SPREAD_OF_USE, spread, "0.2 to 1");
        }
        if (!(meanError >= 0 && meanError <= MOST_MEAN_ERROR)) {
            throw new OutOfRangeException(EnteredQuantity.ERROR_OF_MEAN_USE, meanError, "0 to 0.6");
        }
    }

    /** The same all year, as somebody guessed. */
    public static UseRate guessed(double yearlyKm) {
        return new UseRate(Collections.nCopies(MONTHS, yearlyKm / DAYS_A_YEAR), USUAL_SPREAD, GUESS_ERROR);
    }

    /**
     * From what was run, and from what it is thought to run in a year; empty where neither says anything.
     *
     * @param yearlyKm 0 to 300,000
     */
    public static Optional<UseRate> from(Optional<DistanceLine> line, Optional<Double> yearlyKm) {
        var seen = new Seen();
        line.ifPresent(seen::add);
        if (seen.allDays() == 0) {
            return yearlyKm.map(UseRate::guessed);
        }
        double guessDays = yearlyKm.isPresent() ? GUESS_DAYS : 0;
        double mean = (seen.allKm() + guessDays * yearlyKm.orElse(0.0) / DAYS_A_YEAR) / (seen.allDays() + guessDays);
        List<Double> rates = IntStream.range(0, MONTHS)
                .mapToObj(month -> (seen.km[month] + LEAN_DAYS * mean) / (seen.days[month] + LEAN_DAYS))
                .toList();
        double spread = line.map(one -> spread(one, rates)).orElse(USUAL_SPREAD);
        return Optional.of(new UseRate(rates, spread, meanError(seen.allDays(), spread, yearlyKm.isPresent())));
    }

    /** Months seen and a guess, each by what it is worth. */
    private static double meanError(double days, double spread, boolean guessed) {
        double worth = days / DAYS_A_MONTH / (spread * spread) + (guessed ? 1 / (GUESS_ERROR * GUESS_ERROR) : 0);
        return Math.min(MOST_MEAN_ERROR, 1 / Math.sqrt(worth));
    }

    public double kmPerDay(Month month) {
        return kmPerDay.get(month.getValue() - 1);
    }

    /** What it runs in a year at this rate, km. */
    public double yearlyKm() {
        return kmPerDay.stream().mapToDouble(rate -> rate).sum() * DAYS_A_YEAR / MONTHS;
    }

    /** The same rig used more or less. */
    public UseRate times(double factor) {
        return new UseRate(kmPerDay.stream().map(rate -> rate * factor).toList(), spread, meanError);
    }

    /** How far whole months strayed from their mean; with few months the usual spread counts. */
    private static double spread(DistanceLine line, List<Double> rates) {
        double squares = USUAL_MONTHS * USUAL_SPREAD * USUAL_SPREAD;
        double months = USUAL_MONTHS;
        YearMonth month = YearMonth.from(line.points().getFirst().on()).plusMonths(1);
        while (month.atEndOfMonth().isBefore(line.last().on())) {
            double expected = rates.get(month.getMonthValue() - 1) * month.lengthOfMonth();
            if (expected > 0) {
                double run =
                        line.at(month.atEndOfMonth()) - line.at(month.atDay(1).minusDays(1));
                double off = (run - expected) / expected;
                squares += off * off;
                months++;
            }
            month = month.plusMonths(1);
        }
        return Math.clamp(Math.sqrt(squares / months), LEAST_SPREAD, MOST_SPREAD);
    }

    /** Days and kilometres of each month of the year, over the last years. */
    private static final class Seen {

        private final double[] km = new double[MONTHS];
        private final double[] days = new double[MONTHS];

        private double allKm() {
            return DoubleStream.of(km).sum();
        }

        private double allDays() {
            return DoubleStream.of(days).sum();
        }

        private void add(DistanceLine line) {
            LocalDate from = line.last().on().minusYears(YEARS_BACK);
            for (int i = 1; i < line.points().size(); i++) {
                DistanceLine.Point start = line.points().get(i - 1);
                DistanceLine.Point end = line.points().get(i);
                double perDay = (end.km() - start.km()) / ChronoUnit.DAYS.between(start.on(), end.on());
                // days after the first entry, up to and with the second
                LocalDate day = start.on().isBefore(from) ? from : start.on();
                while (day.isBefore(end.on())) {
                    LocalDate first = day.plusDays(1);
                    LocalDate monthEnd = first.withDayOfMonth(first.lengthOfMonth());
                    LocalDate until = monthEnd.isBefore(end.on()) ? monthEnd : end.on();
                    double count = ChronoUnit.DAYS.between(day, until);
                    int month = first.getMonthValue() - 1;
                    days[month] += count;
                    km[month] += count * perDay;
                    day = until;
                }
            }
        }
    }
}
