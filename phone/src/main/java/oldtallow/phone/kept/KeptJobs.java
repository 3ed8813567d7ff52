package oldtallow.phone.kept;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import oldtallow.app.identity.access.SignedIn;
import oldtallow.app.job.api.JobStore;
import oldtallow.app.job.model.PastJob;
import oldtallow.app.register.photo.Photo;
import oldtallow.app.trackside.model.TakenAlong;
import oldtallow.core.hub.Construction;
import oldtallow.core.procedure.bench.Job;
import oldtallow.core.procedure.bench.RecordedEntry;
import oldtallow.core.procedure.brief.Scope;

/** Jobs and their entries, those made here among them. */
final class KeptJobs implements JobStore {

    private final Rows<Job> jobs;
    private final Map<UUID, List<RecordedEntry>> entries = new HashMap<>();
    private final Map<UUID, Instant> endedAt = new HashMap<>();
    private final List<TakenAlong.PastWork> pastWork;
    private final Order order;

    KeptJobs(TakenAlong.Jobs taken, Order order) {
        this.jobs = new Rows<>(Job::id, taken.jobs());
        taken.entries().forEach((job, all) -> entries.put(job, new ArrayList<>(all)));
        taken.over().forEach(one -> endedAt.put(one.jobId(), one.at()));
        this.pastWork = taken.pastWork();
        this.order = order;
    }

    @Override
    public Optional<Job> find(UUID jobId) {
        return jobs.find(jobId);
    }

    @Override
    public List<Job> open() {
        return jobs.all()
                .filter(job -> !job.state().isOver())
                .sorted(Comparator.comparing(Job::openedAt).reversed())
                .toList();
    }

    /** Those of a rig job, the one opened first in front. */
    List<Job> ofRigJob(UUID rigJobId) {
        return jobs.all()
                .filter(job -> job.rigJobId().equals(rigJobId))
                .sorted(Comparator.comparing(Job::openedAt))
                .toList();
    }

    @Override
    public boolean exists(UUID jobId) {
        return jobs.find(jobId).isPresent();
    }

    @Override
    public Map<UUID, UUID> openAt(Collection<UUID> wheelEndIds) {
        return open().stream()
                .filter(at(wheelEndIds))
                .collect(Collectors.toMap(Job::wheelEndId, Job::id, (one, other) -> one));
    }

    @Override
    public List<Job> over(Collection<UUID> wheelEndIds) {
        return jobs.all()
                .filter(at(wheelEndIds).and(job -> job.state().isOver()))
                .sorted(Comparator.comparing((Job job) -> ended(job)).reversed())
                .toList();
    }

    private static Predicate<Job> at(Collection<UUID> wheelEndIds) {
        return job -> wheelEndIds.contains(job.wheelEndId());
    }

    private Instant ended(Job job) {
        return endedAt.getOrDefault(job.id(), job.openedAt());
    }

    @Override
    public List<PastJob> past(Collection<UUID> wheelEndIds, int most) {
        return over(wheelEndIds).stream()
                .limit(most)
                .map(job ->
                        new PastJob(job.id(), job.rigJobId(), job.wheelEndId(), job.scope(), job.state(), ended(job)))
                .toList();
    }

    @Override
    public boolean add(SignedIn person, Job job) {
        return openAt(List.of(job.wheelEndId())).isEmpty() && jobs.add(job);
    }

    @Override
    public List<RecordedEntry> entries(UUID jobId) {
        return List.copyOf(entries.getOrDefault(jobId, List.of()));
    }

    @Override
    public long written(UUID entryId) {
        return order.of(entryId);
    }

    @Override
    public Map<UUID, Long> writtenOf(UUID jobId) {
        return entries(jobId).stream().collect(Collectors.toMap(RecordedEntry::id, one -> order.of(one.id())));
    }

    @Override
    public boolean append(SignedIn person, UUID jobId, RecordedEntry next) {
        List<RecordedEntry> all = entries.computeIfAbsent(jobId, id -> new ArrayList<>());
        if (all.stream().anyMatch(one -> one.id().equals(next.id()))) {
            return false;
        }
        order.next(next.id());
        return all.add(next);
    }

    /** Photos wait in the outbox. */
    @Override
    public void addPhoto(UUID jobId, UUID photoId, Photo photo) {}

    @Override
    public Optional<Photo> photo(UUID jobId, UUID photoId) {
        return Optional.empty();
    }

    @Override
    public void change(UUID jobId, Scope scope, Job.State state) {
        jobs.find(jobId).ifPresent(job -> put(job, job.rigJobId(), scope, state));
    }

    @Override
    public void end(UUID jobId, Job.State state, Instant at, Duration worked) {
        endedAt.put(jobId, at);
        jobs.find(jobId).ifPresent(job -> put(job, job.rigJobId(), job.scope(), state));
    }

    void move(UUID jobId, UUID rigJobId) {
        jobs.find(jobId).ifPresent(job -> put(job, rigJobId, job.scope(), job.state()));
    }

    private void put(Job job, UUID rigJobId, Scope scope, Job.State state) {
        jobs.put(new Job(
                job.id(),
                job.wheelEndId(),
                rigJobId,
                job.construction(),
                scope,
                job.worker(),
                job.known(),
                state,
                job.openedAt()));
    }

    @Override
    public List<Duration> pastWork(Construction construction, Scope scope) {
        return pastWork.stream()
                .filter(one -> one.construction() == construction && one.scope() == scope)
                .flatMap(one -> one.worked().stream())
                .toList();
    }
}
