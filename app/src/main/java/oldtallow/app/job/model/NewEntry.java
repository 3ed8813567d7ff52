package oldtallow.app.job.model;

import java.util.UUID;
import oldtallow.core.procedure.bench.JobEntry;

/**
 * An entry as a device sends it.
 *
 * @param id made by the device; the same id sent again is the same entry
 */
public record NewEntry(UUID id, JobEntry entry) {}
