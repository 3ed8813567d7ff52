package oldtallow.app.workshop;

import java.util.Optional;
import java.util.UUID;

/** Where workshops are kept. */
public interface WorkshopStore {

    Optional<Workshop> find(UUID workshopId);

    /** Empty where none were ever set. */
    Optional<Rates> rates(UUID workshopId);

    /** False if the version is stale. */
    boolean set(UUID workshopId, Rates rates);
}
