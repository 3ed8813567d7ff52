package oldtallow.app.schedule.model;

import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** Where stops are kept. */
public interface WarmthStore {

    /** The last of a rig's, in the order they were made. */
    List<WarmthStop> last(UUID rigId, int most);

    /** Of one trip, in the order they were made. */
    List<WarmthStop> ofTrip(UUID tripId);

    /** Adds one; false where there is one of the same id, which stays. */
    boolean add(WarmthStop stop);

    /** The rig it was of; empty where there is none. */
    Optional<UUID> remove(UUID id);
}
