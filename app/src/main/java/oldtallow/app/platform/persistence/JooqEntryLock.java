package oldtallow.app.platform.persistence;

import java.util.UUID;
import oldtallow.app.platform.EntryLock;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

@Repository
class JooqEntryLock implements EntryLock {

    private final DSLContext db;

    JooqEntryLock(DSLContext db) {
        this.db = db;
    }

    @Override
    public void hold(UUID id) {
        db.execute("select pg_advisory_xact_lock(hashtextextended(?, 0))", id.toString());
    }
}
