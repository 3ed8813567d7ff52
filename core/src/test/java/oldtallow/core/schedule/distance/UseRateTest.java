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
import oldtallow.core.schedule.distance.DistanceLine.Point;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Use by the month, worked by hand from the rule in its docstring. */
class UseRateTest {

    private static final LocalDate NEW_YEAR = LocalDate.of(2025, 1, 1);

    /** 40 km a day through 30 days of January: each month as the mean, and January pulled there by 20 lean days. */
    @Test
    void countsTheDaysOfEachMonth() {
        UseRate rate = UseRate.from(line(0, 30, 1200), Optional.empty()).orElseThrow();

        assertThat(rate.kmPerDay(Month.JANUARY)).isCloseTo(40, within(1e-9));
        assertThat(rate.kmPerDay(Month.JULY)).isCloseTo(40, within(1e-9));
        // 1/√(30/30.44 / 0.5²): a month is worth little
        assertThat(rate.meanError()).isCloseTo(0.5 / Math.sqrt(30 / 30.44), within(1e-9));
        assertThat(rate.spread()).isCloseTo(0.5, within(1e-9));
        assertThat(rate.yearlyKm()).isCloseTo(40 * 365.2425, within(1e-6));
        assertThat(rate.times(0.5).kmPerDay(Month.MAY)).isCloseTo(20, within(1e-9));
        assertThat(rate.times(0.5).meanError()).isEqualTo(rate.meanError());
    }

    /** A guess of the year counts as 60 days: (1200 + 60·10)/(30 + 60) = 20 km a day; January (1200 + 20·20)/50 = 32. */
    @Test
    void aGuessCountsSixtyDays() {
        UseRate rate = UseRate.from(line(0, 30, 1200), Optional.of(3652.425)).orElseThrow();

        assertThat(rate.kmPerDay(Month.JULY)).isCloseTo(20, within(1e-9));
        assertThat(rate.kmPerDay(Month.JANUARY)).isCloseTo(32, within(1e-9));
        double guess = 0.30 / 1.2816;
        assertThat(rate.meanError()).isCloseTo(1 / Math.sqrt(30 / 30.44 / 0.25 + 1 / (guess * guess)), within(1e-9));
    }

    /** Half of a stretch over the turn of a month goes to either: 31 January to 1 March 2025, 28 days of February and one. */
    @Test
    void splitsAStretchOverMonths() {
        UseRate rate = UseRate.from(
                        Optional.of(new DistanceLine(List.of(
                                new Point(LocalDate.of(2025, 1, 30), 0),
                                new Point(LocalDate.of(2025, 1, 31), 100),
                                new Point(LocalDate.of(2025, 3, 1), 100)))),
                        Optional.empty())
                .orElseThrow();
        double mean = 100.0 / 30;

        assertThat(rate.kmPerDay(Month.JANUARY)).isCloseTo((100 + 20 * mean) / 21, within(1e-9));
        assertThat(rate.kmPerDay(Month.FEBRUARY)).isCloseTo(20 * mean / 48, within(1e-9));
        assertThat(rate.kmPerDay(Month.MARCH)).isCloseTo(20 * mean / 21, within(1e-9));
    }

    /**
     * Whole months that stray widen the spread: a year by turns of 62 and 0 km a day gives, with the usual 0.5 of six months, more
     * than 0.5; an even year gives less; one that stands still is left out and divides by nothing.
     */
    @Test
    void whatStraysWidensTheSpread() {
        assertThat(year(62, 0).spread()).isGreaterThan(0.55).isLessThanOrEqualTo(1);
        // six usual months and nine whole ones of 0: √(6·0.25/15)
        assertThat(year(31, 31).spread()).isCloseTo(Math.sqrt(1.5 / 15), within(0.001));
        UseRate still = year(0, 0);
        assertThat(still.spread()).isCloseTo(0.5, within(1e-9));
        assertThat(still.yearlyKm()).isZero();
    }

    /** A line of months, the first half-way: two rates by turns. */
    private static UseRate year(double odd, double even) {
        List<Point> points = new ArrayList<>();
        LocalDate day = LocalDate.of(2025, 1, 15);
        points.add(new Point(day, 0));
        double km = 0;
        for (int month = 1; month <= 11; month++) {
            LocalDate end = LocalDate.of(2025, month, 1).plusMonths(1).minusDays(1);
            km += (month % 2 == 0 ? even : odd) * (end.toEpochDay() - day.toEpochDay());
            points.add(new Point(end, km));
            day = end;
        }
        return UseRate.from(Optional.of(new DistanceLine(points)), Optional.empty())
                .orElseThrow();
    }

    @Test
    void boundsWhatIsUsed() {
        assertThat(new UseRate(Collections.nCopies(12, 2500.0), 0.2, 0).spread())
                .isEqualTo(0.2);
        assertThat(new UseRate(Collections.nCopies(12, 0.0), 1, 0.6).meanError())
                .isEqualTo(0.6);
        assertThatThrownBy(() -> new UseRate(Collections.nCopies(12, 2500.1), 0.5, 0))
                .hasMessageContaining("twelve months");
        assertThatThrownBy(() -> new UseRate(Collections.nCopies(12, -1.0), 0.5, 0))
                .hasMessageContaining("twelve months");
        assertThatThrownBy(() -> new UseRate(Collections.nCopies(11, 1.0), 0.5, 0))
                .hasMessageContaining("twelve months");
        assertThatThrownBy(() -> new UseRate(Collections.nCopies(12, 1.0), 0.19, 0))
                .hasMessageContaining("spread");
        assertThatThrownBy(() -> new UseRate(Collections.nCopies(12, 1.0), 1.01, 0))
                .hasMessageContaining("spread");
        assertThatThrownBy(() -> new UseRate(Collections.nCopies(12, 1.0), 0.5, 0.61))
                .hasMessageContaining("error of the mean");
        assertThatThrownBy(() -> new UseRate(Collections.nCopies(12, 1.0), 0.5, -0.1))
                .hasMessageContaining("error of the mean");
        assertThat(new PlannedRun(NEW_YEAR, NEW_YEAR, 0).km()).isZero();
        assertThat(new PlannedRun(NEW_YEAR, NEW_YEAR, 100_000).km()).isEqualTo(100_000);
        assertThatThrownBy(() -> new PlannedRun(NEW_YEAR, NEW_YEAR, 100_001)).hasMessageContaining("100,000");
        assertThatThrownBy(() -> new PlannedRun(NEW_YEAR, NEW_YEAR, -1)).hasMessageContaining("100,000");
    }

    /** What another kind of entry was before has its own bound, by its own name. */
    @ParameterizedTest
    @CsvSource({
        "OTHER_METER, 5000001, last distance on the old meter",
        "OTHER_METER, -1, last distance on the old meter",
        "ROLLED_OVER, 5000001, distance at which the meter begins again"
    })
    void boundsWhatAMeterShowed(MeterEntry.Kind kind, double before, String named) {
        assertThatThrownBy(() -> new MeterEntry(NEW_YEAR, 5, kind, Optional.of(before)))
                .hasMessageContaining(named)
                .hasMessageContaining("5,000,000");
        assertThat(new MeterEntry(NEW_YEAR, 5_000_000, MeterEntry.Kind.READ, Optional.empty()).shows())
                .isEqualTo(5_000_000);
        assertThat(new MeterEntry(NEW_YEAR, 0, kind, Optional.of(5_000_000.0)).shows())
                .isZero();
    }

    /** Between the readings that hold it: 150 of 100 to 300 km in 20 days is a quarter on, the fifth day. */
    @Test
    void datesThePast() {
        Past past = new Past(List.of(at(-1000, -400), at(0, 100), at(20, 300), at(40, 300), at(60, 400)), true, true);

        assertThat(past.reached(150)).hasValue(new DueRange(day(1), day(5), day(20)));
        assertThat(past.reached(300)).as("to the kilometre").hasValue(new DueRange(day(1), day(20), day(20)));
        assertThat(past.reached(301)).hasValue(new DueRange(day(41), day(41), day(60)));
        assertThat(past.reached(401)).isEmpty();
        assertThat(past.reached(-400)).as("nothing goes back so far").isEmpty();
        // reckoned back: 50 km of 0.5 a day are 100 days before, to 30 % either way
        assertThat(past.reached(50)).hasValue(new DueRange(day(-130), day(-100), day(-70)));
        assertThat(new Past(past.points(), true, false).reached(50))
                .hasValue(new DueRange(day(-999), day(-100), day(0)));
    }

    /** Cut off before what is counted from, and never the stretch that holds it. */
    @Test
    void cutsOffOnlyWhatIsNotNeeded() {
        Past past = new Past(List.of(at(-1000, -400), at(0, 100), at(20, 300), at(40, 300), at(60, 400)), true, true);

        assertThat(past.from(-500)).isEqualTo(past);
        assertThat(past.from(50)).isEqualTo(past);
        assertThat(past.from(100).points()).startsWith(at(-1000, -400));
        assertThat(past.from(101).points()).startsWith(at(0, 100)).hasSize(4);
        assertThat(past.from(101).reckonedBack()).isFalse();
        assertThat(past.from(300).points()).startsWith(at(0, 100));
        assertThat(past.from(350).points()).startsWith(at(40, 300)).hasSize(2);
        assertThat(past.from(9_999).points()).containsExactly(at(60, 400));
        assertThat(past.from(9_999).read()).isTrue();
        assertThat(past.from(350).reached(370)).isEqualTo(past.reached(370));
    }

    private static Point at(int days, double km) {
        return new Point(day(days), km);
    }

    private static LocalDate day(int days) {
        return NEW_YEAR.plusDays(days);
    }

    private static Optional<DistanceLine> line(double fromKm, int days, double toKm) {
        return Optional.of(new DistanceLine(List.of(new Point(NEW_YEAR, fromKm), new Point(day(days), toKm))));
    }
}
