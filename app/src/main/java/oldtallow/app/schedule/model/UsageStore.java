package oldtallow.app.schedule.model;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** Where meters, trips and water are kept. */
public interface UsageStore {

    /** In the order of their days, the first first. */
    List<KeptEntry> meters(UUID workshopId, Collection<UUID> rigIds);

    /** By their first day. */
    List<Trip> trips(UUID workshopId, Collection<UUID> rigIds);

    /** In the order of their days, the first first. */
    List<WaterNote> water(UUID workshopId, Collection<UUID> rigIds);

    /** Trips that are planned, not over by a day, and begin by another; those that leave first. */
    List<Trip> coming(UUID workshopId, LocalDate from, LocalDate to, int most);

    Optional<KeptEntry> meterEntry(UUID workshopId, UUID id);

    Optional<Trip> trip(UUID workshopId, UUID id);

    /** Adds an entry, or changes the one of this version; false where it is no longer of it. */
    boolean put(UUID workshopId, KeptEntry entry);

    boolean removeMeterEntry(UUID workshopId, UUID id, int version);

    /** Adds a trip, or changes the one of this version; false where it is no longer of it. */
    boolean put(UUID workshopId, Trip trip);

    /** Adds one; false where there is one of the same id, which stays. */
    boolean add(UUID workshopId, WaterNote note);

    /** Whose rig it was on; empty where there is none. */
    Optional<UUID> removeWater(UUID workshopId, UUID id);
}
