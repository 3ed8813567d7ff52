package oldtallow.app.schedule.model;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** Where meters, trips and water are kept. */
public interface UsageStore {

    /** In the order of their days, the first first. */
    List<KeptEntry> meters(Collection<UUID> rigIds);

    /** By their first day. */
    List<Trip> trips(Collection<UUID> rigIds);

    /** In the order of their days, the first first. */
    List<WaterNote> water(Collection<UUID> rigIds);

    /** Trips that are planned, not over by a day, and begin by another; those that leave first. */
    List<Trip> coming(LocalDate from, LocalDate to, int most);

    Optional<KeptEntry> meterEntry(UUID id);

    Optional<Trip> trip(UUID id);

    /** Adds an entry, or changes the one of this version; false where it is no longer of it. */
    boolean put(KeptEntry entry);

    boolean removeMeterEntry(UUID id, int version);

    /** Adds a trip, or changes the one of this version; false where it is no longer of it. */
    boolean put(Trip trip);

    /** Adds one; false where there is one of the same id, which stays. */
    boolean add(WaterNote note);

    /** Whose rig it was on; empty where there is none. */
    Optional<UUID> removeWater(UUID id);
}
