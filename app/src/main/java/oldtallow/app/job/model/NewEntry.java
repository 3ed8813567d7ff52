package oldtallow.app.job.model;

import java.util.Map;
import java.util.UUID;
import oldtallow.core.procedure.bench.JobEntry;

/**
 * An entry as a device sends it.
 *
 * @param id made by the device; the same id sent again is the same entry
 * @param alongside what the same press says of other hubs of the rig, by the ids of their jobs
 */
public record NewEntry(UUID id, JobEntry entry, Map<UUID, JobEntry> alongside) {

    public NewEntry {
        alongside = Map.copyOf(alongside);
    }

    public NewEntry(UUID id, JobEntry entry) {
        this(id, entry, Map.of());
    }
}
