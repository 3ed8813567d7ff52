package oldtallow.app.register.persistence;

import static oldtallow.db.tables.GreaseFill.GREASE_FILL;

import java.time.ZoneOffset;
import java.util.List;
import java.util.UUID;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.identity.access.SignedIn;
import oldtallow.app.register.model.GreaseFill;
import oldtallow.app.register.model.GreaseFillStore;
import oldtallow.core.grease.Grease;
import oldtallow.core.grease.Thickener;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

@Repository
class JooqGreaseFills implements GreaseFillStore {

    private final DSLContext db;

    JooqGreaseFills(DSLContext db) {
        this.db = db;
    }

    @Override
    public List<GreaseFill> of(UUID wheelEndId) {
        return db.selectFrom(GREASE_FILL)
                .where(GREASE_FILL.WORKSHOP_ID.eq(CurrentPerson.workshopId()), GREASE_FILL.WHEEL_END_ID.eq(wheelEndId))
                .orderBy(GREASE_FILL.FILLED_AT.desc(), GREASE_FILL.ID)
                .fetch(row -> new GreaseFill(
                        row.getId(),
                        row.getWheelEndId(),
                        row.getJobId(),
                        new Grease(row.getName(), Thickener.valueOf(row.getThickener()), row.getCode()),
                        row.getBatch(),
                        row.getPersonName(),
                        row.getFilledAt().toInstant()));
    }

    @Override
    public void add(SignedIn person, GreaseFill fill) {
        db.insertInto(GREASE_FILL)
                .set(GREASE_FILL.ID, fill.id())
                .set(GREASE_FILL.WORKSHOP_ID, person.workshopId())
                .set(GREASE_FILL.WHEEL_END_ID, fill.wheelEndId())
                .set(GREASE_FILL.JOB_ID, fill.jobId())
                .set(GREASE_FILL.NAME, fill.grease().name())
                .set(GREASE_FILL.THICKENER, fill.grease().thickener().name())
                .set(GREASE_FILL.CODE, fill.grease().code())
                .set(GREASE_FILL.BATCH, fill.batch())
                .set(GREASE_FILL.PERSON_ID, person.personId())
                .set(GREASE_FILL.PERSON_NAME, fill.by())
                .set(GREASE_FILL.FILLED_AT, fill.at().atOffset(ZoneOffset.UTC))
                .onConflict(GREASE_FILL.ID)
                .doNothing()
                .execute();
    }
}
