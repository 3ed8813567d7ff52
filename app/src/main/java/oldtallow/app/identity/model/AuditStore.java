package oldtallow.app.identity.model;

import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Where the trail is kept. */
public interface AuditStore {

    /**
     * Entries of a workshop, latest first.
     *
     * @param recordId of one record only, where given
     * @param before only entries older than this one, where given
     */
    List<AuditEntry> entries(UUID workshopId, @Nullable UUID recordId, @Nullable Long before, int limit);
}
