package oldtallow.core.schedule.reminder;

import java.time.LocalTime;

/**
 * Hours of the day in which nobody is to be disturbed, by the wall clock; over midnight where the end is earlier.
 *
 * @param to excluded; the same as {@code from} for none
 */
public record QuietHours(LocalTime from, LocalTime to) {

    public boolean cover(LocalTime time) {
        if (from.isBefore(to)) {
            return !time.isBefore(from) && time.isBefore(to);
        }
        return !from.equals(to) && (!time.isBefore(from) || time.isBefore(to));
    }
}
