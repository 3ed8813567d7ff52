package oldtallow.app.identity.persistence;

import static oldtallow.db.tables.AuditEntry.AUDIT_ENTRY;
import static org.jooq.impl.DSL.noCondition;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeSet;
import java.util.UUID;
import oldtallow.app.identity.model.AuditEntry;
import oldtallow.app.identity.model.AuditEntry.Action;
import oldtallow.app.identity.model.AuditEntry.Change;
import oldtallow.app.identity.model.AuditStore;
import oldtallow.db.tables.records.AuditEntryRecord;
import org.jooq.DSLContext;
import org.jooq.JSONB;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

@Repository
class JooqAudit implements AuditStore {

    private static final TypeReference<Map<String, @Nullable Object>> FIELDS = new TypeReference<>() {};

    private final DSLContext db;
    private final JsonMapper json;

    JooqAudit(DSLContext db, JsonMapper json) {
        this.db = db;
        this.json = json;
    }

    @Override
    public List<AuditEntry> entries(UUID workshopId, @Nullable UUID recordId, @Nullable Long before, int limit) {
        return db.selectFrom(AUDIT_ENTRY)
                .where(
                        AUDIT_ENTRY.WORKSHOP_ID.eq(workshopId),
                        recordId == null ? noCondition() : AUDIT_ENTRY.RECORD_ID.eq(recordId),
                        before == null ? noCondition() : AUDIT_ENTRY.ID.lt(before))
                .orderBy(AUDIT_ENTRY.ID.desc())
                .limit(limit)
                .fetch(this::entry);
    }

    private AuditEntry entry(AuditEntryRecord row) {
        Map<String, @Nullable Object> before = fields(row.getBefore());
        Map<String, @Nullable Object> after = fields(row.getAfter());
        var names = new TreeSet<>(before.keySet());
        names.addAll(after.keySet());
        return new AuditEntry(
                row.getId(),
                row.getAt().toInstant(),
                row.getPersonName(),
                Action.valueOf(row.getAction()),
                row.getRecord().replace('_', ' '),
                row.getRecordId(),
                names.stream()
                        .map(name -> new Change(name.replace('_', ' '), text(before.get(name)), text(after.get(name))))
                        .filter(change -> !Objects.equals(change.before(), change.after()))
                        .toList());
    }

    private Map<String, @Nullable Object> fields(@Nullable JSONB kept) {
        return kept == null ? Map.of() : json.readValue(kept.data(), FIELDS);
    }

    private @Nullable String text(@Nullable Object value) {
        return value == null || value instanceof String ? (String) value : json.writeValueAsString(value);
    }
}
