package oldtallow.core.schedule.reminder;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DailyRoundTest {

    private static final QuietHours NIGHT = new QuietHours(LocalTime.of(21, 0), LocalTime.of(7, 0));
    private static final DailyRound AT_EIGHT = new DailyRound(LocalTime.of(8, 0), NIGHT);

    @ParameterizedTest
    @CsvSource({
        "21:00, 07:00, 20:59, false",
        "21:00, 07:00, 21:00, true",
        "21:00, 07:00, 03:00, true",
        "21:00, 07:00, 07:00, false",
        "12:00, 13:00, 12:30, true",
        "12:00, 13:00, 13:00, false",
        "00:00, 00:00, 00:00, false"
    })
    void quietHoursRunOverMidnight(LocalTime from, LocalTime to, LocalTime time, boolean quiet) {
        assertThat(new QuietHours(from, to).cover(time)).isEqualTo(quiet);
    }

    @Test
    void waitsForTheEndOfTheQuietHours() {
        var late = new DailyRound(LocalTime.of(22, 0), NIGHT);
        assertThat(late.of(LocalDate.of(2026, 5, 1), ZoneId.of("UTC")).toLocalTime())
                .isEqualTo(LocalTime.of(7, 0));
    }

    /** A machine that was off in the morning sends when it is on again, but not at night. */
    @ParameterizedTest
    @CsvSource({
        "07:59, false",
        "08:00, true",
        "15:00, true",
        "20:59, true",
        "21:30, false",
    })
    void makesUpForWhatItMissed(LocalTime now, boolean due) {
        ZonedDateTime at = LocalDate.of(2026, 5, 1).atTime(now).atZone(ZoneId.of("Europe/Berlin"));
        assertThat(AT_EIGHT.isDueAt(at, Optional.of(LocalDate.of(2026, 4, 30)))).isEqualTo(due);
        assertThat(AT_EIGHT.isDueAt(at, Optional.of(LocalDate.of(2026, 5, 1)))).isFalse();
    }

    /**
     * Clocks of the IANA database: Berlin goes forward on 29 March 2026 at 2, back on 25 October at 3; Lord Howe by half an
     * hour; Samoa had no 30 December 2011; 29 February 2028 is a day as any.
     */
    @ParameterizedTest
    @CsvSource({
        "Europe/Berlin, 2026-03-27, 02:30",
        "Europe/Berlin, 2026-10-23, 02:30",
        "Australia/Lord_Howe, 2026-10-02, 02:15",
        "America/New_York, 2026-10-30, 01:30",
        "Pacific/Apia, 2011-12-28, 08:00",
        "UTC, 2028-02-27, 08:00"
    })
    void sendsOncePerDayWhateverTheClocksDo(String zone, LocalDate from, LocalTime at) {
        var round = new DailyRound(at, new QuietHours(LocalTime.NOON, LocalTime.NOON));
        List<LocalDate> sent = new ArrayList<>();
        ZonedDateTime now = from.atStartOfDay(ZoneId.of(zone));
        ZonedDateTime end = now.plusDays(5);
        while (now.isBefore(end)) {
            Optional<LocalDate> last = sent.isEmpty() ? Optional.empty() : Optional.of(sent.getLast());
            assertThat(round.next(now, last)).as("next at %s", now).isAfterOrEqualTo(now);
            if (round.isDueAt(now, last)) {
                sent.add(now.toLocalDate());
            }
            now = now.plus(Duration.ofMinutes(7));
        }
        List<LocalDate> days = from.datesUntil(end.toLocalDate())
                .filter(day -> day.atStartOfDay(ZoneId.of(zone)).toLocalDate().equals(day))
                .toList();
        assertThat(sent).isEqualTo(days);
    }

    @Test
    void tellsWhenTheNextOneGoesOut() {
        ZonedDateTime evening = ZonedDateTime.of(2026, 5, 1, 22, 0, 0, 0, ZoneId.of("UTC"));
        assertThat(AT_EIGHT.next(evening, Optional.of(LocalDate.of(2026, 5, 1))))
                .isEqualTo(evening.plusHours(10));
        assertThat(AT_EIGHT.next(evening.minusHours(20), Optional.empty())).isEqualTo(evening.minusHours(14));
    }
}
