package oldtallow.core.procedure.bench;

import java.time.Instant;
import java.util.UUID;

/**
 * An entry as it was written down: which, by whom and when.
 *
 * @param needsSignOff whether who wrote it was an apprentice then, so that a mechanic answers for it
 */
public record RecordedEntry(UUID id, int number, JobEntry entry, String by, boolean needsSignOff, Instant at) {}
