package oldtallow.app.shelf;

import java.time.LocalDate;
import java.util.UUID;
import oldtallow.core.job.Scope;

/** A job that is meant to be done, so that its parts can be here by then. */
public record PlannedJob(UUID id, UUID wheelEndId, Scope scope, LocalDate wantedOn) {}
