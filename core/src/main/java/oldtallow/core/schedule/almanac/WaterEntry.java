package oldtallow.core.schedule.almanac;

import java.time.LocalDate;

/** A time that hubs went under water, or are planned to. */
public record WaterEntry(LocalDate on, Kind kind) {

    /** How the hub got under water. */
    public enum Kind {
        /** A trailer backed in to launch or load. */
        DUNKING,
        /** Through a ford or a flooded track. */
        CROSSING
    }
}
