package oldtallow.app.job;

import java.time.Instant;
import java.util.UUID;

/** An entry as it was written down: which, by whom and when. */
public record Recorded(UUID id, int number, JobEntry entry, String by, Instant at) {}
