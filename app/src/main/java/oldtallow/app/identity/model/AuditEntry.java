package oldtallow.app.identity.model;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A change of a record: who, when, what.
 *
 * @param id grows with time
 * @param who the person's name as it was then
 * @param record the kind of record, such as rig
 * @param changes field by field
 */
public record AuditEntry(
        long id, Instant at, String who, Action action, String record, UUID recordId, List<Change> changes) {

    /** What was done to the record. */
    public enum Action {
        INSERT,
        UPDATE,
        DELETE
    }

    /**
     * One field.
     *
     * @param before null where the field was empty or the record new
     * @param after null where the field was emptied or the record deleted
     */
    public record Change(
            String field, @Nullable String before, @Nullable String after) {}
}
