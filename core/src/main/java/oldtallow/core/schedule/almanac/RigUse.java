package oldtallow.core.schedule.almanac;

import java.time.LocalDate;
import java.util.List;
import oldtallow.core.schedule.distance.Forecast;

/**
 * How a rig is used.
 *
 * @param water times its hubs went under, planned ones too; by day
 * @param trips last days of trips, planned ones too; by day
 */
public record RigUse(Forecast forecast, List<WaterEntry> water, List<LocalDate> trips) {

    public RigUse {
        water = List.copyOf(water);
        trips = List.copyOf(trips);
    }
}
