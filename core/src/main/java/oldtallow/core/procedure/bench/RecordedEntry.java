package oldtallow.core.procedure.bench;

import java.time.Instant;
import java.util.UUID;

/**
 * An entry as it was written down: which, by whom and when.
 *
 * @param pressId of the press that wrote it; one press can write an entry at each hub of a rig
 * @param needsSignOff whether who wrote it was an apprentice then, so that a mechanic answers for it
 */
public record RecordedEntry(
        UUID id,
        UUID pressId,
        int number,
        JobEntry entry,
        UUID personId,
        String by,
        boolean needsSignOff,
        Instant at) {}
