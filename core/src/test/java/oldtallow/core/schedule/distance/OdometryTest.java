package oldtallow.core.schedule.distance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class OdometryTest {

    private static final LocalDate FIRST = LocalDate.of(2026, 1, 1);
    private static final LocalDate LAST = LocalDate.of(2026, 4, 11);

    /** 1,000 km in 100 days. */
    private static final Optional<DistanceLine> LINE =
            DistanceLine.of(List.of(MeterEntry.read(FIRST, 500), MeterEntry.read(LAST, 1_500)));

    @Test
    void reckonsBackWhatNobodyWroteDown() {
        Odometry odometry = Odometry.of(LINE, Optional.empty(), List.of());

        assertThat(odometry.at(FIRST)).isZero();
        assertThat(odometry.at(FIRST.plusDays(50))).isCloseTo(500, within(1e-9));
        assertThat(odometry.at(FIRST.minusDays(10))).isNegative();
        assertThat(odometry.at(LAST.plusDays(10))).isGreaterThan(1_000);
    }

    @Test
    void countsOfATripOnlyWhatTheMeterHasNotShown() {
        var before = new PlannedRun(LAST.minusDays(20), LAST.minusDays(10), 900);
        var across = new PlannedRun(LAST.minusDays(4), LAST.plusDays(5), 1_000);
        Odometry odometry = Odometry.of(LINE, Optional.empty(), List.of(before, across));

        assertThat(odometry.trips()).singleElement().satisfies(trip -> {
            assertThat(trip.from()).isEqualTo(LAST.plusDays(1));
            assertThat(trip.km()).isCloseTo(500, within(1e-9));
        });
        assertThat(odometry.at(LAST.plusDays(5))).isCloseTo(1_500, within(1e-9));
    }

    @Test
    void goesByAGuessAndByTripsWhereThereIsNoMeter() {
        var trip = new PlannedRun(FIRST, FIRST.plusDays(9), 1_000);
        Odometry odometry = Odometry.of(Optional.empty(), Optional.of(3_652.425), List.of(trip));

        assertThat(odometry.at(LAST) - odometry.at(FIRST.minusDays(1))).isCloseTo(101 * 10 + 900, within(1e-6));
        Forecast forecast = odometry.forecast(LAST);
        assertThat(forecast.km()).isCloseTo(odometry.at(LAST), within(1e-9));
        assertThat(forecast.at(LAST.plusDays(30))).isCloseTo(odometry.at(LAST.plusDays(30)), within(1e-6));
    }

    @Test
    void standsStillWhereNothingIsKnown() {
        Odometry odometry = Odometry.of(Optional.empty(), Optional.empty(), List.of());

        assertThat(odometry.at(LAST)).isEqualTo(odometry.at(FIRST));
        assertThat(odometry.forecast(LAST).reaches(odometry.at(LAST), odometry.at(LAST) + 1))
                .isEmpty();
    }
}
