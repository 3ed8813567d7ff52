package oldtallow.app.stock.model;

import java.util.List;
import java.util.UUID;

/** Where planned jobs are kept. */
public interface PlannedJobStore {

    /** The soonest first. */
    List<PlannedJob> all();

    /** One for a wheel end: an earlier plan for it is replaced. */
    void put(PlannedJob job);

    /** False where there is none. */
    boolean remove(UUID id);
}
