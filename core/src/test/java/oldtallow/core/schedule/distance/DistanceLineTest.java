package oldtallow.core.schedule.distance;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import oldtallow.core.quantity.OutOfRangeException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class DistanceLineTest {

    private static final LocalDate NEW_YEAR = LocalDate.of(2026, 1, 1);

    @Test
    void runsStraightBetweenReadings() {
        DistanceLine line = line(read(0, 1000), read(10, 1100), read(30, 1700));

        assertThat(line.at(NEW_YEAR.plusDays(5))).isCloseTo(50, within(1e-9));
        assertThat(line.at(NEW_YEAR.plusDays(10))).isCloseTo(100, within(1e-9));
        assertThat(line.at(NEW_YEAR.plusDays(20))).isCloseTo(400, within(1e-9));
        assertThat(line.at(NEW_YEAR.minusDays(3))).isZero();
        assertThat(line.at(NEW_YEAR.plusDays(99))).isCloseTo(700, within(1e-9));
    }

    /** A leap day is a day like any other. */
    @Test
    void countsTheLeapDay() {
        LocalDate before = LocalDate.of(2028, 2, 28);
        DistanceLine line = DistanceLine.of(
                        List.of(MeterEntry.read(before, 0), MeterEntry.read(before.plusDays(2), 100)))
                .orElseThrow();

        assertThat(line.at(LocalDate.of(2028, 2, 29))).isCloseTo(50, within(1e-9));
    }

    @Test
    void goesOnOverAnotherMeterAndAMeterThatRolledOver() {
        DistanceLine line = line(
                read(0, 99_000),
                new MeterEntry(NEW_YEAR.plusDays(50), 500, MeterEntry.Kind.ROLLED_OVER, Optional.of(100_000.0)),
                new MeterEntry(NEW_YEAR.plusDays(60), 12, MeterEntry.Kind.OTHER_METER, Optional.of(700.0)),
                read(70, 112));

        assertThat(line.at(NEW_YEAR.plusDays(50))).isCloseTo(1_500, within(1e-9));
        assertThat(line.at(NEW_YEAR.plusDays(60))).isCloseTo(1_700, within(1e-9));
        assertThat(line.last().km()).isCloseTo(1_800, within(1e-9));
    }

    @Test
    void tellsAMeterThatGoesBackFromOneThatWasChanged() {
        List<MeterSlip> slips = DistanceLine.slips(List.of(read(0, 1000), read(10, 900)));

        assertThat(slips).singleElement().satisfies(slip -> {
            assertThat(slip.on()).isEqualTo(NEW_YEAR.plusDays(10));
            assertThat(slip.says()).contains("goes back").contains("changed or rolled over");
        });
        assertThatThrownBy(() -> DistanceLine.of(List.of(read(0, 1000), read(10, 900))))
                .hasMessageContaining("goes back");
    }

    @Test
    void refusesTwoReadingsOfOneDayAndADayNobodyDrives() {
        assertThat(DistanceLine.slips(List.of(read(0, 1000), read(0, 1001))))
                .extracting(MeterSlip::says)
                .singleElement()
                .asString()
                .contains("two readings");
        assertThat(DistanceLine.slips(List.of(read(0, 1000), read(1, 3_500)))).isEmpty();
        assertThat(DistanceLine.slips(List.of(read(0, 1000), read(1, 3_501))))
                .extracting(MeterSlip::says)
                .singleElement()
                .asString()
                .contains("a figure too many");
    }

    @Test
    void takesEntriesInAnyOrderAndTellsAllSlips() {
        assertThat(line(read(30, 1700), read(0, 1000), read(10, 1100)).last().km())
                .isCloseTo(700, within(1e-9));
        assertThat(DistanceLine.slips(List.of(read(0, 1000), read(10, 900), read(20, 800))))
                .hasSize(2);
        assertThat(DistanceLine.of(List.of())).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(doubles = {-0.1, 5_000_000.1, Double.NaN})
    void refusesDistancesNoMeterShows(double km) {
        assertThatThrownBy(() -> MeterEntry.read(NEW_YEAR, km)).isInstanceOf(OutOfRangeException.class);
    }

    @Test
    void asksForWhatAnotherKindOfEntryNeeds() {
        assertThatThrownBy(() -> new MeterEntry(NEW_YEAR, 5, MeterEntry.Kind.OTHER_METER, Optional.empty()))
                .hasMessageContaining("old meter");
        assertThatThrownBy(() -> new MeterEntry(NEW_YEAR, 5, MeterEntry.Kind.ROLLED_OVER, Optional.empty()))
                .hasMessageContaining("begins again");
        assertThatThrownBy(() -> new MeterEntry(NEW_YEAR, 500, MeterEntry.Kind.ROLLED_OVER, Optional.of(500.0)))
                .isInstanceOf(OutOfRangeException.class);
        assertThatThrownBy(() -> new MeterEntry(NEW_YEAR, 500, MeterEntry.Kind.READ, Optional.of(500.0)))
                .hasMessageContaining("one number");
    }

    private static MeterEntry read(int day, double km) {
        return MeterEntry.read(NEW_YEAR.plusDays(day), km);
    }

    private static DistanceLine line(MeterEntry... entries) {
        return DistanceLine.of(List.of(entries)).orElseThrow();
    }
}
