package oldtallow.app.identity.api;

import java.util.List;
import java.util.UUID;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.identity.model.AuditEntry;
import oldtallow.app.identity.model.AuditStore;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Who changed what, and when, in the workshop that asks. */
@Service
public class AuditTrail {

    private static final int PAGE = 50;

    private final AuditStore store;

    AuditTrail(AuditStore store) {
        this.store = store;
    }

    /**
     * A page of entries, latest first.
     *
     * @param recordId of one record only, where given
     * @param before the last entry of the page before, where given
     */
    @Transactional(readOnly = true)
    public List<AuditEntry> page(@Nullable UUID recordId, @Nullable Long before) {
        return store.entries(CurrentPerson.now().workshopId(), recordId, before, PAGE);
    }
}
