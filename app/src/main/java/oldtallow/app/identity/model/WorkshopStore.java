package oldtallow.app.identity.model;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.identity.access.SignedIn;

/** Where workshops are kept. */
public interface WorkshopStore {

    Optional<Workshop> find(UUID workshopId);

    /** One owner of each workshop there is. */
    List<SignedIn> owners();

    /** Empty where none were ever set. */
    Optional<Rates> rates(UUID workshopId);

    /** False if the version is stale. */
    boolean set(UUID workshopId, Rates rates);
}
