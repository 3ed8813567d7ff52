package oldtallow.app.identity.web;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import oldtallow.app.identity.api.AuditTrail;
import oldtallow.app.identity.model.AuditEntry;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class AuditController {

    private final AuditTrail trail;

    AuditController(AuditTrail trail) {
        this.trail = trail;
    }

    /** A page of the trail, latest first; of one record where it is named, older than an entry where it is named. */
    @GetMapping("/api/v1/audit")
    List<AuditEntryView> entries(
            @RequestParam(required = false) @Nullable UUID recordId,
            @RequestParam(required = false) @Nullable Long before) {
        return trail.page(recordId, before).stream().map(AuditEntryView::of).toList();
    }

    record AuditEntryView(
            long id,
            Instant at,
            String who,
            AuditEntry.Action action,
            String record,
            UUID recordId,
            List<AuditChangeView> changes) {

        static AuditEntryView of(AuditEntry entry) {
            return new AuditEntryView(
                    entry.id(),
                    entry.at(),
                    entry.who(),
                    entry.action(),
                    entry.record(),
                    entry.recordId(),
                    entry.changes().stream()
                            .map(change -> new AuditChangeView(change.field(), change.before(), change.after()))
                            .toList());
        }
    }

    record AuditChangeView(
            String field, @Nullable String before, @Nullable String after) {}
}
