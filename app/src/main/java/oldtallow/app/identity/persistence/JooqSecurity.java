package oldtallow.app.identity.persistence;

import static oldtallow.db.tables.SecurityEvent.SECURITY_EVENT;
import static org.jooq.impl.DSL.noCondition;

import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.identity.model.SecurityEvent;
import oldtallow.app.identity.model.SecurityEvent.Kind;
import oldtallow.app.identity.model.SecurityStore;
import oldtallow.app.platform.security.Caller;
import oldtallow.db.Routines;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;

@Repository
class JooqSecurity implements SecurityStore {

    private final DSLContext db;

    JooqSecurity(DSLContext db) {
        this.db = db;
    }

    @Override
    public void add(Instant at, String name, Optional<UUID> person, Kind kind, Caller from, String details) {
        Routines.noteSecurity(
                db.configuration(),
                at.atOffset(ZoneOffset.UTC),
                name,
                person.orElse(null),
                kind.name(),
                from.address(),
                from.device(),
                details);
    }

    @Override
    public List<SecurityEvent> page(UUID workshopId, @Nullable Long before, int limit) {
        return db.selectFrom(SECURITY_EVENT)
                .where(
                        SECURITY_EVENT.WORKSHOP_ID.eq(workshopId),
                        before == null ? noCondition() : SECURITY_EVENT.ID.lt(before))
                .orderBy(SECURITY_EVENT.ID.desc())
                .limit(limit)
                .fetch(row -> new SecurityEvent(
                        row.getId(),
                        row.getAt().toInstant(),
                        row.getPersonName(),
                        Kind.valueOf(row.getKind()),
                        row.getAddress(),
                        row.getDevice(),
                        row.getDetails()));
    }
}
