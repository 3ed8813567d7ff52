package oldtallow.app.stock.persistence;

import static oldtallow.db.tables.PlannedJob.PLANNED_JOB;

import java.util.List;
import java.util.UUID;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.stock.model.PlannedJob;
import oldtallow.app.stock.model.PlannedJobStore;
import oldtallow.core.procedure.brief.Choices.HubBrings;
import oldtallow.core.procedure.brief.Scope;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

@Repository
class JooqPlannedJobs implements PlannedJobStore {

    private final DSLContext db;

    JooqPlannedJobs(DSLContext db) {
        this.db = db;
    }

    @Override
    public List<PlannedJob> all() {
        return db.selectFrom(PLANNED_JOB)
                .where(PLANNED_JOB.WORKSHOP_ID.eq(CurrentPerson.workshopId()))
                .orderBy(PLANNED_JOB.WANTED_ON, PLANNED_JOB.ID)
                .fetch(row -> new PlannedJob(
                        row.getId(),
                        row.getWheelEndId(),
                        Scope.valueOf(row.getScope()),
                        HubBrings.valueOf(row.getHubBrings()),
                        row.getWantedOn()));
    }

    @Override
    public void put(PlannedJob job) {
        db.insertInto(PLANNED_JOB)
                .set(PLANNED_JOB.ID, job.id())
                .set(PLANNED_JOB.WORKSHOP_ID, CurrentPerson.workshopId())
                .set(PLANNED_JOB.WHEEL_END_ID, job.wheelEndId())
                .set(PLANNED_JOB.SCOPE, job.scope().name())
                .set(PLANNED_JOB.HUB_BRINGS, job.hubBrings().name())
                .set(PLANNED_JOB.WANTED_ON, job.wantedOn())
                .onConflict(PLANNED_JOB.WORKSHOP_ID, PLANNED_JOB.WHEEL_END_ID)
                .doUpdate()
                .set(PLANNED_JOB.SCOPE, job.scope().name())
                .set(PLANNED_JOB.HUB_BRINGS, job.hubBrings().name())
                .set(PLANNED_JOB.WANTED_ON, job.wantedOn())
                .execute();
    }

    @Override
    public boolean remove(UUID id) {
        return db.deleteFrom(PLANNED_JOB)
                        .where(PLANNED_JOB.WORKSHOP_ID.eq(CurrentPerson.workshopId()), PLANNED_JOB.ID.eq(id))
                        .execute()
                == 1;
    }
}
