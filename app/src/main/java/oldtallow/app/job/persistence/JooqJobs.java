package oldtallow.app.job.persistence;

import static oldtallow.db.tables.Job.JOB;
import static oldtallow.db.tables.JobEntry.JOB_ENTRY;
import static oldtallow.db.tables.JobPhoto.JOB_PHOTO;
import static org.jooq.impl.DSL.any;
import static org.jooq.impl.DSL.function;
import static org.jooq.impl.DSL.val;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.identity.access.SignedIn;
import oldtallow.app.job.api.JobStore;
import oldtallow.app.job.model.PastJob;
import oldtallow.app.register.photo.Photo;
import oldtallow.core.hub.Construction;
import oldtallow.core.procedure.bench.Job;
import oldtallow.core.procedure.bench.RecordedEntry;
import oldtallow.core.procedure.brief.JobBrief.Known;
import oldtallow.core.procedure.brief.JobBrief.Worker;
import oldtallow.core.procedure.brief.Scope;
import oldtallow.db.tables.records.JobRecord;
import org.jooq.DSLContext;
import org.jooq.Records;
import org.jooq.impl.SQLDataType;
import org.springframework.stereotype.Repository;

@Repository
class JooqJobs implements JobStore {

    private static final int PAST_JOBS = 10;

    private final DSLContext db;
    private final EntryJson json;

    JooqJobs(DSLContext db, EntryJson json) {
        this.db = db;
        this.json = json;
    }

    @Override
    public Optional<Job> find(UUID jobId) {
        return db.selectFrom(JOB)
                .where(JOB.WORKSHOP_ID.eq(CurrentPerson.workshopId()), JOB.ID.eq(jobId))
                .fetchOptional(JooqJobs::job);
    }

    @Override
    public List<Job> open() {
        return db.selectFrom(JOB)
                .where(
                        JOB.WORKSHOP_ID.eq(CurrentPerson.workshopId()),
                        JOB.STATE.in(Job.State.OPEN.name(), Job.State.AWAITS_SIGN_OFF.name()))
                .orderBy(JOB.OPENED_AT.desc(), JOB.ID)
                .fetch(JooqJobs::job);
    }

    @Override
    public Map<UUID, UUID> openAt(Collection<UUID> wheelEndIds) {
        return db.select(JOB.WHEEL_END_ID, JOB.ID)
                .from(JOB)
                .where(
                        JOB.WORKSHOP_ID.eq(CurrentPerson.workshopId()),
                        JOB.WHEEL_END_ID.eq(any(wheelEndIds.toArray(UUID[]::new))),
                        JOB.STATE.in(Job.State.OPEN.name(), Job.State.AWAITS_SIGN_OFF.name()))
                .fetchMap(JOB.WHEEL_END_ID, JOB.ID);
    }

    @Override
    public List<Job> over(Collection<UUID> wheelEndIds) {
        return db.selectFrom(JOB)
                .where(
                        JOB.WORKSHOP_ID.eq(CurrentPerson.workshopId()),
                        JOB.WHEEL_END_ID.eq(any(wheelEndIds.toArray(UUID[]::new))),
                        JOB.STATE.in(Job.State.CLOSED.name(), Job.State.ABANDONED.name()))
                .orderBy(JOB.CLOSED_AT.desc(), JOB.ID)
                .fetch(JooqJobs::job);
    }

    @Override
    public List<PastJob> past(Collection<UUID> wheelEndIds, int most) {
        return db.select(JOB.ID, JOB.RIG_JOB_ID, JOB.WHEEL_END_ID, JOB.SCOPE, JOB.STATE, JOB.CLOSED_AT)
                .from(JOB)
                .where(
                        JOB.WORKSHOP_ID.eq(CurrentPerson.workshopId()),
                        JOB.WHEEL_END_ID.eq(any(wheelEndIds.toArray(UUID[]::new))),
                        JOB.STATE.in(Job.State.CLOSED.name(), Job.State.ABANDONED.name()))
                .orderBy(JOB.CLOSED_AT.desc(), JOB.ID)
                .limit(most)
                .fetch(row -> new PastJob(
                        row.value1(),
                        row.value2(),
                        row.value3(),
                        Scope.valueOf(row.value4()),
                        Job.State.valueOf(row.value5()),
                        row.value6().toInstant()));
    }

    @Override
    public boolean add(SignedIn person, Job job) {
        return db.insertInto(JOB)
                        .set(JOB.ID, job.id())
                        .set(JOB.WORKSHOP_ID, person.workshopId())
                        .set(JOB.WHEEL_END_ID, job.wheelEndId())
                        .set(JOB.RIG_JOB_ID, job.rigJobId())
                        .set(JOB.CONSTRUCTION, job.construction().name())
                        .set(JOB.SCOPE, job.scope().name())
                        .set(JOB.WORKER, job.worker().name())
                        .set(JOB.KNOWN_BEARINGS, job.known().bearings())
                        .set(JOB.KNOWN_FIGURES, job.known().figures())
                        .set(JOB.KNOWN_GREASE, job.known().grease())
                        .set(JOB.STATE, job.state().name())
                        .set(JOB.OPENED_BY, person.personId())
                        .set(JOB.OPENED_AT, job.openedAt().atOffset(ZoneOffset.UTC))
                        .onConflictDoNothing()
                        .execute()
                == 1;
    }

    @Override
    public boolean exists(UUID jobId) {
        return db.fetchExists(JOB, JOB.WORKSHOP_ID.eq(CurrentPerson.workshopId()), JOB.ID.eq(jobId));
    }

    @Override
    public List<RecordedEntry> entries(UUID jobId) {
        return db.selectFrom(JOB_ENTRY)
                .where(JOB_ENTRY.WORKSHOP_ID.eq(CurrentPerson.workshopId()), JOB_ENTRY.JOB_ID.eq(jobId))
                .orderBy(JOB_ENTRY.NUMBER)
                .fetch(row -> new RecordedEntry(
                        row.getId(),
                        row.getPressId(),
                        row.getNumber(),
                        json.read(row.getKind(), row.getBody()),
                        row.getPersonId(),
                        row.getPersonName(),
                        row.getNeedsSignOff(),
                        row.getAt().toInstant()));
    }

    @Override
    public boolean append(SignedIn person, UUID jobId, RecordedEntry next) {
        int written = db.insertInto(JOB_ENTRY)
                .set(JOB_ENTRY.ID, next.id())
                .set(JOB_ENTRY.WORKSHOP_ID, person.workshopId())
                .set(JOB_ENTRY.PRESS_ID, next.pressId())
                .set(JOB_ENTRY.JOB_ID, jobId)
                .set(JOB_ENTRY.NUMBER, next.number())
                .set(JOB_ENTRY.KIND, json.kind(next.entry()))
                .set(JOB_ENTRY.BODY, json.body(next.entry()))
                .set(JOB_ENTRY.PERSON_ID, next.personId())
                .set(JOB_ENTRY.PERSON_NAME, next.by())
                .set(JOB_ENTRY.NEEDS_SIGN_OFF, next.needsSignOff())
                .set(JOB_ENTRY.AT, next.at().atOffset(ZoneOffset.UTC))
                .onConflict(JOB_ENTRY.ID)
                .doNothing()
                .execute();
        if (written == 0) {
            return false;
        }
        // told when the transaction ends, to every instance that listens
        db.select(function(
                        "pg_notify",
                        SQLDataType.VARCHAR,
                        val(JobNotices.CHANNEL),
                        val(JobNotices.notice(jobId, next.number()))))
                .fetch();
        return true;
    }

    @Override
    public long written(UUID entryId) {
        return db.select(JOB_ENTRY.WRITTEN)
                .from(JOB_ENTRY)
                .where(JOB_ENTRY.WORKSHOP_ID.eq(CurrentPerson.workshopId()), JOB_ENTRY.ID.eq(entryId))
                .fetchSingle(JOB_ENTRY.WRITTEN);
    }

    @Override
    public Map<UUID, Long> writtenOf(UUID jobId) {
        return db.select(JOB_ENTRY.ID, JOB_ENTRY.WRITTEN)
                .from(JOB_ENTRY)
                .where(JOB_ENTRY.WORKSHOP_ID.eq(CurrentPerson.workshopId()), JOB_ENTRY.JOB_ID.eq(jobId))
                .fetchMap(JOB_ENTRY.ID, JOB_ENTRY.WRITTEN);
    }

    @Override
    public void addPhoto(UUID jobId, UUID photoId, Photo photo) {
        db.insertInto(JOB_PHOTO)
                .set(JOB_PHOTO.ID, photoId)
                .set(JOB_PHOTO.WORKSHOP_ID, CurrentPerson.workshopId())
                .set(JOB_PHOTO.JOB_ID, jobId)
                .set(JOB_PHOTO.MEDIA_TYPE, photo.mediaType())
                .set(JOB_PHOTO.IMAGE, photo.bytes())
                .onConflictDoNothing()
                .execute();
    }

    @Override
    public Optional<Photo> photo(UUID jobId, UUID photoId) {
        return db.select(JOB_PHOTO.MEDIA_TYPE, JOB_PHOTO.IMAGE)
                .from(JOB_PHOTO)
                .where(
                        JOB_PHOTO.WORKSHOP_ID.eq(CurrentPerson.workshopId()),
                        JOB_PHOTO.JOB_ID.eq(jobId),
                        JOB_PHOTO.ID.eq(photoId))
                .fetchOptional(Records.mapping(Photo::new));
    }

    @Override
    public void change(UUID jobId, Scope scope, Job.State state) {
        db.update(JOB)
                .set(JOB.SCOPE, scope.name())
                .set(JOB.STATE, state.name())
                .where(JOB.WORKSHOP_ID.eq(CurrentPerson.workshopId()), JOB.ID.eq(jobId))
                .execute();
    }

    @Override
    public void end(UUID jobId, Job.State state, Instant at, Duration worked) {
        db.update(JOB)
                .set(JOB.STATE, state.name())
                .set(JOB.CLOSED_AT, at.atOffset(ZoneOffset.UTC))
                .set(JOB.WORKED_SECONDS, Math.toIntExact(worked.toSeconds()))
                .where(JOB.WORKSHOP_ID.eq(CurrentPerson.workshopId()), JOB.ID.eq(jobId))
                .execute();
    }

    @Override
    public List<Duration> pastWork(Construction construction, Scope scope) {
        return db.select(JOB.WORKED_SECONDS)
                .from(JOB)
                .where(
                        JOB.WORKSHOP_ID.eq(CurrentPerson.workshopId()),
                        JOB.CONSTRUCTION.eq(construction.name()),
                        JOB.SCOPE.eq(scope.name()),
                        JOB.STATE.eq(Job.State.CLOSED.name()),
                        JOB.WORKED_SECONDS.gt(0))
                .orderBy(JOB.CLOSED_AT.desc())
                .limit(PAST_JOBS)
                .fetch(row -> Duration.ofSeconds(row.value1()));
    }

    static Job job(JobRecord row) {
        return new Job(
                row.getId(),
                row.getWheelEndId(),
                row.getRigJobId(),
                Construction.valueOf(row.getConstruction()),
                Scope.valueOf(row.getScope()),
                Worker.valueOf(row.getWorker()),
                new Known(row.getKnownBearings(), row.getKnownFigures(), row.getKnownGrease()),
                Job.State.valueOf(row.getState()),
                row.getOpenedAt().toInstant());
    }
}
