package oldtallow.app.workshop.persistence;

import static oldtallow.db.tables.Workshop.WORKSHOP;

import java.util.Optional;
import oldtallow.app.workshop.Workshop;
import oldtallow.app.workshop.WorkshopStore;
import org.jooq.DSLContext;
import org.jooq.Records;
import org.springframework.stereotype.Repository;

@Repository
class JooqWorkshops implements WorkshopStore {

    private final DSLContext db;

    JooqWorkshops(DSLContext db) {
        this.db = db;
    }

    @Override
    public Optional<Workshop> first() {
        return db.select(WORKSHOP.ID, WORKSHOP.NAME)
                .from(WORKSHOP)
                .orderBy(WORKSHOP.CREATED_AT, WORKSHOP.ID)
                .limit(1)
                .fetchOptional(Records.mapping(Workshop::new));
    }

    @Override
    public void add(Workshop workshop) {
        db.insertInto(WORKSHOP, WORKSHOP.ID, WORKSHOP.NAME)
                .values(workshop.id(), workshop.name())
                .execute();
    }
}
