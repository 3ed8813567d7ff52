package oldtallow.app.workshop;

import java.util.Optional;
import java.util.UUID;

/** Where workshops are kept. */
public interface WorkshopStore {

    Optional<Workshop> find(UUID workshopId);
}
