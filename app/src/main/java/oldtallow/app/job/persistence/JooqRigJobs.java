package oldtallow.app.job.persistence;

import static oldtallow.db.tables.Job.JOB;
import static oldtallow.db.tables.RigJob.RIG_JOB;
import static org.jooq.impl.DSL.function;
import static org.jooq.impl.DSL.val;

import java.time.Clock;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.identity.access.SignedIn;
import oldtallow.app.job.api.RigJobStore;
import oldtallow.app.job.model.RigJob;
import oldtallow.core.procedure.bench.Job;
import oldtallow.core.procedure.round.RoundOrder;
import oldtallow.db.tables.records.RigJobRecord;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.impl.SQLDataType;
import org.springframework.stereotype.Repository;

@Repository
class JooqRigJobs implements RigJobStore {

    private final DSLContext db;
    private final Clock clock;

    JooqRigJobs(DSLContext db, Clock clock) {
        this.db = db;
        this.clock = clock;
    }

    @Override
    public Optional<RigJob> find(UUID rigJobId) {
        return db.selectFrom(RIG_JOB).where(is(rigJobId)).fetchOptional(JooqRigJobs::rigJob);
    }

    @Override
    public Optional<RigJob> hold(UUID rigJobId) {
        return db.selectFrom(RIG_JOB).where(is(rigJobId)).forUpdate().fetchOptional(JooqRigJobs::rigJob);
    }

    @Override
    public boolean add(SignedIn person, RigJob job) {
        return db.insertInto(RIG_JOB)
                        .set(RIG_JOB.ID, job.id())
                        .set(RIG_JOB.WORKSHOP_ID, person.workshopId())
                        .set(RIG_JOB.RIG_ID, job.rigId())
                        .set(RIG_JOB.ROUND_ORDER, job.order().name())
                        .set(RIG_JOB.OPENED_BY, person.personId())
                        .set(RIG_JOB.OPENED_AT, clock.instant().atOffset(ZoneOffset.UTC))
                        .onConflictDoNothing()
                        .execute()
                == 1;
    }

    @Override
    public List<Job> hubs(UUID rigJobId) {
        return db.selectFrom(JOB)
                .where(JOB.WORKSHOP_ID.eq(CurrentPerson.workshopId()), JOB.RIG_JOB_ID.eq(rigJobId))
                .orderBy(JOB.OPENED_AT, JOB.ID)
                .fetch(JooqJobs::job);
    }

    @Override
    public void reorder(UUID rigJobId, RoundOrder order) {
        db.update(RIG_JOB)
                .set(RIG_JOB.ROUND_ORDER, order.name())
                .where(is(rigJobId))
                .execute();
    }

    @Override
    public void move(UUID jobId, UUID rigJobId) {
        db.update(JOB)
                .set(JOB.RIG_JOB_ID, rigJobId)
                .where(JOB.WORKSHOP_ID.eq(CurrentPerson.workshopId()), JOB.ID.eq(jobId))
                .execute();
    }

    @Override
    public void tell(UUID rigJobId) {
        hubs(rigJobId)
                .forEach(hub -> db.select(function(
                                "pg_notify",
                                SQLDataType.VARCHAR,
                                val(JobNotices.CHANNEL),
                                val(JobNotices.notice(hub.id()))))
                        .fetch());
    }

    private static Condition is(UUID rigJobId) {
        return RIG_JOB.WORKSHOP_ID.eq(CurrentPerson.workshopId()).and(RIG_JOB.ID.eq(rigJobId));
    }

    private static RigJob rigJob(RigJobRecord row) {
        return new RigJob(row.getId(), row.getRigId(), RoundOrder.valueOf(row.getRoundOrder()));
    }
}
