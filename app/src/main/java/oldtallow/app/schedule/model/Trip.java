package oldtallow.app.schedule.model;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import oldtallow.core.schedule.almanac.WaterEntry;
import oldtallow.core.schedule.distance.PlannedRun;

/**
 * A trip of a rig.
 *
 * @param version counts its changes, so that a stale edit is noticed
 * @param km in all; above 0, to 100,000
 * @param track how that was measured where a recorded track was; else empty
 * @param legs in order; may be empty
 */
public record Trip(
        UUID id,
        int version,
        UUID rigId,
        String name,
        State state,
        LocalDate from,
        LocalDate to,
        double km,
        String track,
        String note,
        List<Leg> legs) {

    public Trip {
        legs = List.copyOf(legs);
    }

    /** Where a trip stands. */
    public enum State {
        PLANNED,
        DRIVEN,
        CANCELLED
    }

    /**
     * A day's way, or a part of it.
     *
     * @param to where it goes; may be empty
     * @param km 0 to 20,000
     * @param crossings of water, 0 to 50
     * @param dunkings of the trailer, 0 to 50
     * @param noHelp nobody there sells a bearing or tows
     */
    public record Leg(String to, LocalDate on, double km, int crossings, int dunkings, boolean noHelp) {

        private Stream<WaterEntry> water() {
            return Stream.concat(
                    Stream.generate(() -> new WaterEntry(on, WaterEntry.Kind.CROSSING))
                            .limit(crossings),
                    Stream.generate(() -> new WaterEntry(on, WaterEntry.Kind.DUNKING))
                            .limit(dunkings));
        }
    }

    /** The same trip, as it was read at another version. */
    public Trip withVersion(int other) {
        return new Trip(id, other, rigId, name, state, from, to, km, track, note, legs);
    }

    /** What it adds to the rig's distance. */
    public PlannedRun run() {
        return new PlannedRun(from, to, km);
    }

    /** Times its legs take the hubs under water. */
    public List<WaterEntry> water() {
        return legs.stream().flatMap(Leg::water).toList();
    }

    public boolean counts() {
        return state != State.CANCELLED;
    }
}
