package oldtallow.app.job.model;

import java.time.Instant;
import java.util.UUID;
import oldtallow.core.procedure.bench.Job;
import oldtallow.core.procedure.brief.Scope;

/** A job that is over, as it stands in a list. */
public record PastJob(UUID id, UUID rigJobId, UUID wheelEndId, Scope scope, Job.State state, Instant closedAt) {}
