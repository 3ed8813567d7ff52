package oldtallow.app.platform.persistence;

import static oldtallow.db.tables.EntrySent.ENTRY_SENT;

import java.util.Arrays;
import java.util.Objects;
import java.util.UUID;
import oldtallow.app.platform.write.SentEntries;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

@Repository
class JooqSentEntries implements SentEntries {

    private final DSLContext db;

    JooqSentEntries(DSLContext db) {
        this.db = db;
    }

    @Override
    public void hold(UUID id) {
        db.execute("select pg_advisory_xact_lock(hashtextextended(?, 0))", id.toString());
    }

    /** One question: the unique index makes the second wait for the first one's end, and answers what that one kept. */
    @Override
    public boolean keep(UUID id, byte[] digest) {
        byte[] kept = db.insertInto(ENTRY_SENT, ENTRY_SENT.ID, ENTRY_SENT.DIGEST)
                .values(id, digest)
                .onConflict(ENTRY_SENT.WORKSHOP_ID, ENTRY_SENT.ID)
                .doUpdate()
                .set(ENTRY_SENT.DIGEST, ENTRY_SENT.DIGEST)
                .returning(ENTRY_SENT.DIGEST)
                .fetchSingle(ENTRY_SENT.DIGEST);
        return Arrays.equals(Objects.requireNonNull(kept), digest);
    }
}
