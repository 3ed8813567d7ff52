package oldtallow.core.schedule.reminder;

import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.Optional;

/**
 * A reminder once a day.
 *
 * @param at by the wall clock; in quiet hours it goes at their end
 */
public record DailyRound(LocalTime at, QuietHours quiet) {

    /** The moment of a day's reminder: one of each day, also where clocks are changed. */
    public ZonedDateTime of(LocalDate day, ZoneId zone) {
        LocalTime time = quiet.cover(at) ? quiet.to() : at;
        return day.atTime(time).atZone(zone);
    }

    /**
     * Whether today's is to go out now. One that was missed, as the machine was off, is made up for the same day, outside quiet
     * hours, and not later.
     *
     * @param last the day whose reminder went out last
     */
    public boolean isDueAt(ZonedDateTime now, Optional<LocalDate> last) {
        LocalDate today = now.toLocalDate();
        return !quiet.cover(now.toLocalTime())
                && !of(today, now.getZone()).isAfter(now)
                && last.filter(sent -> !sent.isBefore(today)).isEmpty();
    }

    /** When the next one goes out. */
    public ZonedDateTime next(ZonedDateTime now, Optional<LocalDate> last) {
        if (isDueAt(now, last)) {
            return now;
        }
        ZonedDateTime todays = of(now.toLocalDate(), now.getZone());
        boolean isAhead = todays.isAfter(now)
                && last.filter(sent -> !sent.isBefore(now.toLocalDate())).isEmpty();
        return isAhead ? todays : of(now.toLocalDate().plusDays(1), now.getZone());
    }
}
