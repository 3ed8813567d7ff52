package oldtallow.app.outlet.model;

import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;

/**
 * What a calendar is told: whole days, since a service has no hour.
 *
 * @param id half of its UID: the same as long as it is the same thing, wherever it moves to
 * @param to last day, included
 * @param path of the page about it
 * @param leadDays how long before it is reminded of
 * @param sequence counts its changes up
 */
public record CalendarEntry(
        UUID id,
        UUID rigId,
        LocalDate from,
        LocalDate to,
        String summary,
        String details,
        String path,
        int leadDays,
        int sequence,
        boolean cancelled,
        Instant changedAt) {

    public boolean saysTheSameAs(CalendarEntry other) {
        return cancelled == other.cancelled
                && from.equals(other.from)
                && to.equals(other.to)
                && summary.equals(other.summary)
                && details.equals(other.details);
    }

    public CalendarEntry after(CalendarEntry earlier, Instant now) {
        return new CalendarEntry(
                id, rigId, from, to, summary, details, path, leadDays, earlier.sequence + 1, cancelled, now);
    }

    public CalendarEntry cancel(Instant now) {
        return new CalendarEntry(id, rigId, from, to, summary, details, path, leadDays, sequence + 1, true, now);
    }
}
