package oldtallow.core.schedule.distance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.time.Month;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.LongStream;
import oldtallow.core.quantity.OutOfRangeException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class ForecastTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 3, 31);

    /** 10 km a day: 300 km take 30 days. */
    @Test
    void countsDaysAtAnEvenRate() {
        Forecast forecast = even(10);

        assertThat(forecast.reaches(1_000, 1_300).orElseThrow().likely()).isEqualTo(TODAY.plusDays(30));
        assertThat(forecast.at(TODAY.plusDays(45))).isCloseTo(1_450, within(1e-9));
        assertThat(forecast.reaches(1_000, 1_000).orElseThrow()).isEqualTo(DueRange.exactly(TODAY));
    }

    /**
     * One month of 30 days at 10 km a day, spread 0.5: σ = 150 km by its end; the tenth is at 1.2816 σ. By hand: earliest
     * where 10 t + 1.2816 · 150 · √(t/30) = 300, straight within the month, so t = 30 · 300 / (300 + 192.24) = 18.28.
     */
    @Test
    void tellsARangeWithinWhichItWillBeInEightOfTenCases() {
        DueRange range = even(10).reaches(1_000, 1_300).orElseThrow();

        assertThat(range.earliest()).isEqualTo(TODAY.plusDays(19));
        assertThat(range.latest()).isAfter(range.likely());
        assertThat(range.isCertain()).isFalse();
    }

    /** The share of drawn futures that end outside the range; months are drawn independent and normal, as the model has it. */
    @Test
    void holdsWhatTheRangePromises() {
        var random = new Random(7);
        Forecast forecast = even(10);
        DueRange range = forecast.reaches(1_000, 1_000 + 3_000).orElseThrow();
        int sooner = 0;
        int later = 0;
        int draws = 4_000;
        for (int i = 0; i < draws; i++) {
            LocalDate reached = drawn(random, 3_000, 1);
            sooner += reached.isBefore(range.earliest()) ? 1 : 0;
            later += reached.isAfter(range.latest()) ? 1 : 0;
        }

        assertThat(sooner / (double) draws).isCloseTo(0.1, within(0.04));
        assertThat(later / (double) draws).isCloseTo(0.1, within(0.04));
    }

    /**
     * Both kinds of doubt count: months that stray, and a mean nobody knows. Drawn futures whose mean is off by 23 % (one σ) besides,
     * another way than the product's: the mean is drawn first, then each month.
     */
    @Test
    void countsTheErrorOfTheMeanAsWell() {
        var random = new Random(11);
        var rate = new UseRate(Collections.nCopies(12, 10.0), 0.5, 0.23);
        DueRange range = new Forecast(TODAY, 1_000, Optional.of(rate), List.of(), Past.UNKNOWN)
                .reaches(1_000, 1_000 + 3_000)
                .orElseThrow();
        int sooner = 0;
        int later = 0;
        int draws = 4_000;
        for (int i = 0; i < draws; i++) {
            LocalDate reached = drawn(random, 3_000, Math.max(0.2, 1 + 0.23 * random.nextGaussian()));
            sooner += reached.isBefore(range.earliest()) ? 1 : 0;
            later += reached.isAfter(range.latest()) ? 1 : 0;
        }

        assertThat(sooner / (double) draws).isCloseTo(0.1, within(0.04));
        assertThat(later / (double) draws).isCloseTo(0.1, within(0.04));
    }

    /** What an owner guessed is good to 30 % either way at best: 3,650 km a year, due after 1,000: 100 days, 77 to 143 and more. */
    @Test
    void aGuessIsNoMeter() {
        UseRate guess = UseRate.from(Optional.empty(), Optional.of(3_652.425)).orElseThrow();
        DueRange range = new Forecast(TODAY, 0, Optional.of(guess), List.of(), Past.UNKNOWN)
                .reaches(0, 1_000)
                .orElseThrow();

        assertThat(range.likely()).isEqualTo(TODAY.plusDays(100));
        assertThat(range.earliest()).isBefore(TODAY.plusDays(78));
        assertThat(range.latest()).isAfter(TODAY.plusDays(143));
        // a year of months seen is worth more than a guess, and both more than either
        var line = DistanceLine.of(List.of(MeterEntry.read(TODAY.minusDays(365), 0), MeterEntry.read(TODAY, 3_650)));
        UseRate seen = UseRate.from(line, Optional.empty()).orElseThrow();
        assertThat(seen.meanError()).isLessThan(guess.meanError());
        assertThat(UseRate.from(line, Optional.of(3_652.0)).orElseThrow().meanError())
                .isLessThan(seen.meanError());
    }

    /**
     * Due at 10,000 km, which two readings hold: 9,000 on 1 January and 11,000 on 11 April 2026 (100 days): the 50th day, and no
     * later reading moves it.
     */
    @Test
    void datesWhatIsPastBetweenTheReadingsThatHoldIt() {
        List<MeterEntry> entries = new ArrayList<>(List.of(
                MeterEntry.read(LocalDate.of(2025, 7, 1), 5_000),
                MeterEntry.read(LocalDate.of(2026, 1, 1), 9_000),
                MeterEntry.read(LocalDate.of(2026, 4, 11), 11_000)));
        DueRange due = dueAt(entries, 10_000 - 5_000);
        entries.add(MeterEntry.read(LocalDate.of(2026, 9, 1), 30_000));

        assertThat(due)
                .isEqualTo(
                        new DueRange(LocalDate.of(2026, 1, 2), LocalDate.of(2026, 2, 20), LocalDate.of(2026, 4, 11)));
        assertThat(dueAt(entries, 10_000 - 5_000)).isEqualTo(due);
    }

    /** By a guess, and past: as long after it is counted from as the guess says, 23 % sooner to 43 % later. */
    @Test
    void datesAPastThatWasGuessedByItsError() {
        Odometry odometry = Odometry.of(Optional.empty(), Optional.of(3_652.425), List.of());
        LocalDate since = TODAY.minusDays(200);
        double km = odometry.at(since);
        DueRange range = odometry.forecast(TODAY).reaches(km, km + 1_000).orElseThrow();

        assertThat(range.likely()).isBetween(since.plusDays(99), since.plusDays(101));
        assertThat(range.earliest()).isBetween(since.plusDays(75), since.plusDays(78));
        assertThat(range.latest()).isBetween(since.plusDays(141), since.plusDays(145));
        // past by the guess, and perhaps not yet: the latest lies ahead
        assertThat(odometry.forecast(since.plusDays(110))
                        .reaches(km, km + 1_000)
                        .orElseThrow()
                        .latest())
                .isAfter(since.plusDays(110));
    }

    private static DueRange dueAt(List<MeterEntry> entries, double km) {
        return Odometry.of(DistanceLine.of(entries), Optional.empty(), List.of())
                .forecast(TODAY)
                .reaches(0, km)
                .orElseThrow();
    }

    @Test
    void aTripCountsWhereItIsLongerThanTheUsualDay() {
        var trip = new PlannedRun(TODAY.plusDays(1), TODAY.plusDays(5), 1_000);
        Forecast with = new Forecast(TODAY, 1_000, rate(10), List.of(trip), Past.UNKNOWN);

        assertThat(with.at(TODAY.plusDays(5))).isCloseTo(2_000, within(1e-9));
        assertThat(with.at(TODAY.plusDays(10))).isCloseTo(2_050, within(1e-9));
        assertThat(with.reaches(1_000, 1_300).orElseThrow().likely()).isEqualTo(TODAY.plusDays(2));
        var stroll = new PlannedRun(TODAY.plusDays(1), TODAY.plusDays(5), 5);
        assertThat(new Forecast(TODAY, 1_000, rate(10), List.of(stroll), Past.UNKNOWN).at(TODAY.plusDays(5)))
                .isCloseTo(1_050, within(1e-9));
    }

    @Test
    void knowsOnlyTripsWhereNothingTellsTheRate() {
        var trip = new PlannedRun(TODAY.plusDays(40), TODAY.plusDays(49), 500);
        Forecast forecast = new Forecast(TODAY, 0, Optional.empty(), List.of(trip), Past.UNKNOWN);

        assertThat(forecast.reaches(0, 250).orElseThrow()).isEqualTo(DueRange.exactly(TODAY.plusDays(44)));
        assertThat(forecast.reaches(0, 501)).isEmpty();
    }

    /** Twenty years are 7,305 days from 31 March 2026 to 2046. */
    @Test
    void looksNoFurtherThanTwentyYears() {
        assertThat(even(1).reaches(1_000, 1_000 + 7_300)).isPresent();
        assertThat(even(1).reaches(1_000, 1_000 + 7_306)).isEmpty();
    }

    @Test
    void seesTheSeason() {
        List<MeterEntry> entries = new ArrayList<>(List.of(MeterEntry.read(LocalDate.of(2024, 1, 1), 0)));
        for (int year = 2024; year <= 2025; year++) {
            double km = (year - 2024) * 6_000;
            entries.add(MeterEntry.read(LocalDate.of(year, 5, 31), km));
            entries.add(MeterEntry.read(LocalDate.of(year, 8, 31), km + 6_000));
            entries.add(MeterEntry.read(LocalDate.of(year, 12, 31), km + 6_000));
        }
        UseRate rate = UseRate.from(DistanceLine.of(entries), Optional.empty()).orElseThrow();

        assertThat(rate.kmPerDay(Month.JULY)).isGreaterThan(8 * rate.kmPerDay(Month.JANUARY));
        assertThat(rate.yearlyKm()).isCloseTo(6_000, within(900.0));
        Forecast inAutumn =
                new Forecast(LocalDate.of(2025, 12, 31), 12_000, Optional.of(rate), List.of(), Past.UNKNOWN);
        assertThat(inAutumn.reaches(12_000, 15_000).orElseThrow().likely())
                .isBetween(LocalDate.of(2026, 6, 15), LocalDate.of(2026, 8, 10));
    }

    static LongStream seeds() {
        return LongStream.range(0, 200);
    }

    /** More use never makes it later: the last reading raised, every reading scaled up, a trip added. */
    @ParameterizedTest
    @MethodSource("seeds")
    void isNeverLaterWhenUsedMore(long seed) {
        var random = new Random(seed);
        List<MeterEntry> entries = entries(random, 1);
        double need = 500 + random.nextInt(20_000);
        Optional<DueRange> usual = due(entries, List.of(), need);

        List<MeterEntry> raised = new ArrayList<>(entries);
        MeterEntry last = raised.removeLast();
        raised.add(MeterEntry.read(last.on(), last.shows() + random.nextInt(300)));
        notLater(due(raised, List.of(), need), usual);

        notLater(due(entries(new Random(seed), 1 + random.nextDouble()), List.of(), need), usual);

        LocalDate from = last.on().plusDays(1 + random.nextInt(100));
        notLater(due(entries, List.of(new PlannedRun(from, from.plusDays(10), random.nextInt(4_000))), need), usual);
    }

    @Test
    void aGuessCountsUntilReadingsSayMore() {
        assertThat(UseRate.from(Optional.empty(), Optional.of(3_652.425))
                        .orElseThrow()
                        .kmPerDay(Month.MAY))
                .isCloseTo(10, within(1e-9));
        assertThat(UseRate.from(Optional.empty(), Optional.empty())).isEmpty();
        var line = DistanceLine.of(List.of(MeterEntry.read(TODAY.minusDays(600), 0), MeterEntry.read(TODAY, 12_000)));
        double seen = UseRate.from(line, Optional.of(365.2425)).orElseThrow().kmPerDay(Month.MAY);
        assertThat(seen).isBetween(17.0, 20.0);
    }

    @Test
    void refusesRatesAndTripsThatCannotBe() {
        assertThatThrownBy(() -> new UseRate(Collections.nCopies(12, Double.NaN), 0.5, 0))
                .isInstanceOf(OutOfRangeException.class);
        assertThatThrownBy(() -> new UseRate(Collections.nCopies(11, 1.0), 0.5, 0))
                .isInstanceOf(OutOfRangeException.class);
        assertThatThrownBy(() -> new UseRate(Collections.nCopies(12, 1.0), 0.19, 0))
                .isInstanceOf(OutOfRangeException.class);
        assertThatThrownBy(() -> new UseRate(Collections.nCopies(12, 1.0), 0.5, 0.7))
                .isInstanceOf(OutOfRangeException.class);
        assertThatThrownBy(() -> new PlannedRun(TODAY, TODAY.minusDays(1), 10)).isInstanceOf(OutOfRangeException.class);
        assertThatThrownBy(() -> new PlannedRun(TODAY, TODAY, Double.NaN)).isInstanceOf(OutOfRangeException.class);
    }

    private static LocalDate drawn(Random random, double need, double mean) {
        LocalDate day = TODAY;
        double run = 0;
        while (true) {
            LocalDate end = day.plusDays(1).withDayOfMonth(day.plusDays(1).lengthOfMonth());
            int days = end.getDayOfMonth();
            double month = days * 10 * mean * (1 + 0.5 * random.nextGaussian());
            if (run + month >= need) {
                return day.plusDays((long) Math.ceil(days * (need - run) / month));
            }
            run += month;
            day = end;
        }
    }

    private static List<MeterEntry> entries(Random random, double factor) {
        List<MeterEntry> entries = new ArrayList<>();
        LocalDate day = LocalDate.of(2023, 1, 1).plusDays(random.nextInt(300));
        double km = 0;
        for (int i = 0; i < 3 + random.nextInt(10); i++) {
            entries.add(MeterEntry.read(day, km * factor));
            int days = 10 + random.nextInt(120);
            day = day.plusDays(days);
            km += random.nextInt(60) * days;
        }
        return entries;
    }

    private static Optional<DueRange> due(List<MeterEntry> entries, List<PlannedRun> trips, double need) {
        Optional<DistanceLine> line = DistanceLine.of(entries);
        return line.flatMap(known -> new Forecast(
                        known.last().on(), known.last().km(), UseRate.from(line, Optional.empty()), trips, Past.UNKNOWN)
                .reaches(known.last().km(), need));
    }

    private static void notLater(Optional<DueRange> more, Optional<DueRange> less) {
        less.ifPresent(range -> assertThat(more.orElseThrow().likely()).isBeforeOrEqualTo(range.likely()));
    }

    private static Optional<UseRate> rate(double kmPerDay) {
        return Optional.of(new UseRate(Collections.nCopies(12, kmPerDay), 0.5, 0));
    }

    private static Forecast even(double kmPerDay) {
        return new Forecast(TODAY, 1_000, rate(kmPerDay), List.of(), Past.UNKNOWN);
    }
}
