package oldtallow.core.schedule.distance;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.OutOfRangeException;

/**
 * A distance that is known beforehand, or that no meter has shown yet: a trip.
 *
 * @param from first day
 * @param to last day, not before
 * @param km 0 to 100,000
 */
public record PlannedRun(LocalDate from, LocalDate to, double km) {

    public PlannedRun {
        if (to.isBefore(from)) {
            throw new OutOfRangeException(
                    EnteredQuantity.LAST_DAY_OF_TRIP, to.toString(), "not before its first, " + from);
        }
        if (!(km >= 0 && km <= 100_000)) {
            throw new OutOfRangeException(EnteredQuantity.DISTANCE_OF_TRIP, km + " km", "0 to 100,000 km");
        }
    }

    /** Spread evenly over its days, km. */
    double perDay() {
        return km / (ChronoUnit.DAYS.between(from, to) + 1);
    }

    boolean covers(LocalDate day) {
        return !day.isBefore(from) && !day.isAfter(to);
    }
}
