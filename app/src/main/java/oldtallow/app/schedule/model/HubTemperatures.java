package oldtallow.app.schedule.model;

import java.util.List;
import java.util.Optional;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.core.travel.warmth.Alarm;
import oldtallow.core.travel.warmth.StopReading;

/**
 * How warm a hub was over time.
 *
 * @param readings in the order they were taken; may be empty
 */
public record HubTemperatures(WheelEnd wheelEnd, List<StopReading> readings) {

    public HubTemperatures {
        readings = List.copyOf(readings);
    }

    /** What its last reading says to do. */
    public Optional<Alarm> alarm() {
        return readings.isEmpty() ? Optional.empty() : Optional.of(Alarm.of(readings));
    }

    /** What it said at one of them, by those before. */
    public Alarm alarmAt(int index) {
        return Alarm.of(readings.subList(0, index + 1));
    }

    /** How much it gained on its other side over its last stops, K. */
    public Optional<Double> gain() {
        return Alarm.gain(readings);
    }
}
