package oldtallow.core.schedule.almanac;

import java.time.LocalDate;

/**
 * Something that was done at a wheel end.
 *
 * @param km the rig had run by then, on its {@link oldtallow.core.schedule.distance.DistanceLine}
 */
public record Serviced(LocalDate on, double km) {

    boolean isAfter(Serviced other) {
        return on.isAfter(other.on);
    }
}
