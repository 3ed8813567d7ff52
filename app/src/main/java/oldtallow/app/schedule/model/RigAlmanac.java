package oldtallow.app.schedule.model;

import java.time.LocalDate;
import java.util.List;
import oldtallow.app.register.model.Rig;
import oldtallow.core.schedule.distance.Odometry;

/**
 * The almanac of one rig.
 *
 * @param standings wheel ends from the front, left first
 * @param done at them, by day
 * @param told changes of its dates, latest first
 */
public record RigAlmanac(
        Rig rig,
        LocalDate today,
        RigUsage usage,
        Odometry odometry,
        List<WheelEndStatus> standings,
        List<ServiceEvent> done,
        List<DueStore.Told> told) {

    public RigAlmanac {
        standings = List.copyOf(standings);
        done = List.copyOf(done);
        told = List.copyOf(told);
    }
}
