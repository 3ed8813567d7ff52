package oldtallow.app.schedule.model;

import java.util.Collection;
import java.util.List;
import java.util.UUID;

/** Where it is kept what was done at wheel ends. */
public interface ServiceStore {

    /** By day, then in the order they were recorded. */
    List<ServiceEvent> of(Collection<UUID> wheelEndIds);

    /** Adds one; where there is one of the same id, that one stays. */
    void add(ServiceEvent event);
}
