package oldtallow.app.job.persistence;

import static oldtallow.db.tables.UsualChoice.USUAL_CHOICE;

import java.util.Collection;
import java.util.UUID;
import oldtallow.app.job.api.UsualChoiceStore;
import oldtallow.core.procedure.brief.ChoiceKind;
import oldtallow.core.procedure.brief.Choices.Way;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

@Repository
class JooqUsualChoices implements UsualChoiceStore {

    private final DSLContext db;

    JooqUsualChoices(DSLContext db) {
        this.db = db;
    }

    @Override
    public Collection<Way> ways(UUID workshopId) {
        return db
                .selectFrom(USUAL_CHOICE)
                .where(USUAL_CHOICE.WORKSHOP_ID.eq(workshopId))
                .fetch(row -> ChoiceKind.valueOf(row.getChoice()).ways().stream()
                        .filter(way -> way.name().equals(row.getWay())))
                .stream()
                .flatMap(way -> way)
                .toList();
    }

    @Override
    public void keep(UUID workshopId, ChoiceKind kind, Way way) {
        db.insertInto(USUAL_CHOICE)
                .set(USUAL_CHOICE.ID, UUID.randomUUID())
                .set(USUAL_CHOICE.WORKSHOP_ID, workshopId)
                .set(USUAL_CHOICE.CHOICE, kind.name())
                .set(USUAL_CHOICE.WAY, way.name())
                .onConflict(USUAL_CHOICE.WORKSHOP_ID, USUAL_CHOICE.CHOICE)
                .doUpdate()
                .set(USUAL_CHOICE.WAY, way.name())
                .execute();
    }
}
