package oldtallow.app.schedule.model;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import oldtallow.app.register.model.Rig;
import oldtallow.core.schedule.almanac.RigUse;
import oldtallow.core.schedule.almanac.WaterEntry;
import oldtallow.core.schedule.distance.DistanceLine;
import oldtallow.core.schedule.distance.MeterEntry;
import oldtallow.core.schedule.distance.Odometry;
import oldtallow.core.schedule.distance.PlannedRun;

/**
 * Everything on record about how a rig is used.
 *
 * @param meter by day
 * @param trips by their first day, cancelled ones too
 * @param water by day; what trips tell is not in it
 */
public record RigUsage(Rig rig, List<KeptEntry> meter, List<Trip> trips, List<WaterNote> water) {

    public RigUsage {
        meter = List.copyOf(meter);
        trips = List.copyOf(trips);
        water = List.copyOf(water);
    }

    /** As it would be without one of its trips. */
    public RigUsage without(UUID tripId) {
        return new RigUsage(
                rig,
                meter,
                trips.stream().filter(trip -> !trip.id().equals(tripId)).toList(),
                water);
    }

    /** How far it has run, by its meter; where it has none by its trips, and by what it is thought to run. */
    public Odometry odometry() {
        Optional<DistanceLine> line =
                DistanceLine.of(meter.stream().map(KeptEntry::entry).toList());
        return Odometry.of(
                line.filter(known -> known.points().size() > 1 || rig.distance().by() != Rig.Distance.By.TRIPS),
                Optional.ofNullable(rig.distance().yearlyKm()).map(Integer::doubleValue),
                runs());
    }

    /** As the almanac counts it from a day. */
    public RigUse use(Odometry odometry, LocalDate day) {
        return new RigUse(
                odometry.forecast(day),
                Stream.concat(water.stream().map(WaterNote::entry), counting().flatMap(trip -> trip.water().stream()))
                        .sorted(Comparator.comparing(WaterEntry::on))
                        .toList(),
                counting().map(Trip::to).sorted().toList());
    }

    /** The last thing its meter showed; empty where nothing was read. */
    public Optional<MeterEntry> lastShown() {
        return meter.stream().map(KeptEntry::entry).max(Comparator.comparing(MeterEntry::on));
    }

    private Stream<Trip> counting() {
        return trips.stream().filter(Trip::counts);
    }

    private List<PlannedRun> runs() {
        return counting().map(Trip::run).toList();
    }
}
