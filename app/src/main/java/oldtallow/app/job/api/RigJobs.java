package oldtallow.app.job.api;

import java.time.Clock;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.identity.access.SignedIn;
import oldtallow.app.job.model.RigJob;
import oldtallow.app.platform.problem.ConflictException;
import oldtallow.app.platform.problem.NotFoundException;
import oldtallow.app.register.api.Register;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.core.procedure.bench.Bench;
import oldtallow.core.procedure.bench.Job;
import oldtallow.core.procedure.bench.JobEntry;
import oldtallow.core.procedure.brief.Choices;
import oldtallow.core.procedure.brief.JobBrief;
import oldtallow.core.procedure.brief.Scope;
import oldtallow.core.procedure.round.RoundOrder;
import oldtallow.core.refusal.InvalidInputException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Jobs on rigs: opened on a hub or several, which come to it and are let go from it while it runs. */
@Service
public class RigJobs {

    private final JobStore store;
    private final RigJobStore rigJobs;
    private final Register register;
    private final JobRecords records;
    private final FirstBriefs briefs;
    private final EntryBook book;
    private final Clock clock;

    RigJobs(
            JobStore store,
            RigJobStore rigJobs,
            Register register,
            JobRecords records,
            FirstBriefs briefs,
            EntryBook book,
            Clock clock) {
        this.store = store;
        this.rigJobs = rigJobs;
        this.register = register;
        this.records = records;
        this.briefs = briefs;
        this.book = book;
        this.clock = clock;
    }

    /** A hub of a job to be opened: the id of its share, and whose it is. */
    public record Hub(UUID jobId, UUID wheelEndId) {}

    /** How far a job goes, and how. */
    public record Extent(Scope scope, Choices choices) {}

    /** Opens a job on one wheel end; opened again under the same id it is the same job. */
    @Transactional
    public Bench<WheelEnd> open(UUID id, UUID wheelEndId, Extent extent) {
        if (store.find(id).isPresent()) {
            return records.bench(id);
        }
        UUID rigId = register.wheelEnd(wheelEndId).rigId();
        return open(new RigJob(id, rigId, RoundOrder.STAGE_BY_STAGE), List.of(new Hub(id, wheelEndId)), extent);
    }

    /**
     * Opens a job on several wheel ends of a rig; opened again under the same id it is the same job.
     *
     * @return at the first of its hubs
     */
    @Transactional
    public Bench<WheelEnd> open(RigJob job, List<Hub> hubs, Extent extent) {
        requireEndsOf(job.rigId(), hubs);
        SignedIn person = CurrentPerson.now();
        if (rigJobs.add(person, job)) {
            UUID press = UUID.randomUUID();
            hubs.forEach(hub -> begin(person, job, hub, extent, press));
        }
        return records.bench(hubs.getFirst().jobId());
    }

    private void requireEndsOf(UUID rigId, List<Hub> hubs) {
        if (hubs.isEmpty()) {
            throw new InvalidInputException("hubs", "none", "must be one wheel end or more");
        }
        Set<UUID> ids = new HashSet<>();
        for (Hub hub : hubs) {
            if (!ids.add(hub.wheelEndId())) {
                throw new InvalidInputException("hubs", hub.wheelEndId(), "is there twice; send each wheel end once");
            }
            requireOn(rigId, hub.wheelEndId());
        }
    }

    private WheelEnd requireOn(UUID rigId, UUID wheelEndId) {
        WheelEnd end = register.wheelEnd(wheelEndId);
        if (!end.rigId().equals(rigId)) {
            throw new InvalidInputException("wheelEndId", wheelEndId, "is on another rig; a job is for one");
        }
        return end;
    }

    private void begin(SignedIn person, RigJob rigJob, Hub hub, Extent extent, UUID press) {
        WheelEnd end = register.wheelEnd(hub.wheelEndId());
        JobBrief brief = briefs.of(end, extent.scope(), extent.choices());
        var job = new Job(
                hub.jobId(),
                end.id(),
                rigJob.id(),
                end.construction(),
                brief.scope(),
                brief.worker(),
                brief.known(),
                Job.State.OPEN,
                clock.instant());
        if (!store.add(person, job)) {
            throw new ConflictException("There is a job on this wheel end already: " + end.positionName()
                    + ". Go on with that one, or let it come to this job.");
        }
        var scoped = new JobEntry.Scoped(extent.scope(), extent.choices(), "");
        if (rigJobs.hubs(rigJob.id()).size() == 1) {
            book.write(person, job.id(), 1, press, scoped);
        } else {
            book.writeAlongside(person, job.id(), 1, press, scoped);
        }
    }

    /**
     * Another hub comes to a job, as far as the hub goes that it is added at; one that has a job of its own comes with what is
     * done of it.
     */
    @Transactional
    public Bench<WheelEnd> add(UUID jobId, Hub hub) {
        SignedIn person = CurrentPerson.now();
        RigJob rigJob = hold(jobId);
        Bench<WheelEnd> here = records.bench(jobId);
        if (here.job().state() != Job.State.OPEN) {
            throw new ConflictException("This job is over. Begin a new one.");
        }
        WheelEnd end = requireOn(rigJob.rigId(), hub.wheelEndId());
        Optional<UUID> going =
                Optional.ofNullable(store.openAt(List.of(end.id())).get(end.id()));
        if (going.isPresent()) {
            rigJobs.move(going.get(), rigJob.id());
        } else if (store.find(hub.jobId()).isEmpty()) {
            JobBrief brief = here.plan().brief();
            begin(person, rigJob, hub, new Extent(brief.scope(), brief.choices()), UUID.randomUUID());
        }
        rigJobs.tell(rigJob.id());
        return records.bench(going.orElse(hub.jobId()));
    }

    /**
     * A hub goes on in a job of its own.
     *
     * @param id of that job; let go again under it changes nothing
     */
    @Transactional
    public Bench<WheelEnd> letGo(UUID jobId, UUID id) {
        RigJob rigJob = hold(jobId);
        if (rigJob.id().equals(id)) {
            return records.bench(jobId);
        }
        if (rigJobs.hubs(rigJob.id()).size() == 1) {
            throw new InvalidInputException("jobId", jobId, "is the only hub of its job; end the job instead");
        }
        if (!rigJobs.add(CurrentPerson.now(), new RigJob(id, rigJob.rigId(), rigJob.order()))) {
            throw ConflictException.idIsTaken();
        }
        rigJobs.move(jobId, id);
        rigJobs.tell(rigJob.id());
        rigJobs.tell(id);
        return records.bench(jobId);
    }

    /** The hubs of a job are gone round in another order. */
    @Transactional
    public Bench<WheelEnd> reorder(UUID jobId, RoundOrder order) {
        RigJob rigJob = hold(jobId);
        rigJobs.reorder(rigJob.id(), order);
        rigJobs.tell(rigJob.id());
        return records.bench(jobId);
    }

    /** What a job belongs to, held until the transaction ends: two devices write one after the other. */
    RigJob hold(UUID jobId) {
        UUID rigJobId = rigJobOf(jobId);
        while (true) {
            RigJob held = rigJobs.hold(rigJobId).orElseThrow();
            UUID now = rigJobOf(jobId);
            if (now.equals(rigJobId)) {
                return held;
            }
            rigJobId = now; // it went to another job while this waited
        }
    }

    private UUID rigJobOf(UUID jobId) {
        return store.find(jobId)
                .orElseThrow(() -> new NotFoundException("job", jobId))
                .rigJobId();
    }
}
