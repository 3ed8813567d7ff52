package oldtallow.app.workshop.persistence;

import static oldtallow.db.tables.Workshop.WORKSHOP;

import java.util.Optional;
import java.util.UUID;
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
    public Optional<Workshop> find(UUID workshopId) {
        return db.select(WORKSHOP.ID, WORKSHOP.NAME)
                .from(WORKSHOP)
                .where(WORKSHOP.ID.eq(workshopId))
                .fetchOptional(Records.mapping(Workshop::new));
    }
}
