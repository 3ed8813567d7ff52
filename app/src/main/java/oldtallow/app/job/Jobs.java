package oldtallow.app.job;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import oldtallow.app.greasing.GreaseFill.Grease;
import oldtallow.app.greasing.GreaseFills;
import oldtallow.app.nut.NutSettings;
import oldtallow.app.nut.SettingSummary;
import oldtallow.app.photo.Photo;
import oldtallow.app.platform.ConflictException;
import oldtallow.app.platform.FieldErrors;
import oldtallow.app.platform.InvalidInputException;
import oldtallow.app.platform.NotFoundException;
import oldtallow.app.register.Register;
import oldtallow.app.register.WheelEnd;
import oldtallow.app.walls.Asker;
import oldtallow.app.walls.Role;
import oldtallow.app.walls.SignedIn;
import oldtallow.core.hub.Fastening;
import oldtallow.core.interval.DueAction;
import oldtallow.core.job.Choices;
import oldtallow.core.job.JobBrief;
import oldtallow.core.job.JobBrief.Known;
import oldtallow.core.job.JobBrief.Worker;
import oldtallow.core.job.Plan;
import oldtallow.core.job.Planner;
import oldtallow.core.job.Scope;
import oldtallow.core.judge.Comparison;
import oldtallow.core.judge.Comparison.OtherSide;
import oldtallow.core.step.ReadingKind;
import oldtallow.core.step.Step;
import oldtallow.core.store.JobTime;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Jobs on wheel ends: opened, worked on step by step by whoever is there, closed when nothing is left. */
@Service
public class Jobs {

    private static final int MOST_PAST = 200;
    /** A whole renewal takes some 150; each is read at every press. */
    private static final int MOST_ENTRIES = 1000;

    private final JobStore store;
    private final Register register;
    private final Beforehand known;
    private final NutSettings settings;
    private final GreaseFills greasings;
    private final JobSequences sequences;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    Jobs(
            JobStore store,
            Register register,
            Beforehand known,
            NutSettings settings,
            GreaseFills greasings,
            JobSequences sequences,
            ApplicationEventPublisher events,
            Clock clock) {
        this.store = store;
        this.register = register;
        this.known = known;
        this.settings = settings;
        this.greasings = greasings;
        this.sequences = sequences;
        this.events = events;
        this.clock = clock;
    }

    /**
     * What a job would be, before it is opened.
     *
     * @param takes by common practice and the workshop's own past jobs
     * @param fromPastJobs how many past jobs are in {@code takes}; 0 for common practice alone
     */
    public record Preview(WheelEnd end, Plan plan, Duration takes, int fromPastJobs) {}

    /** Plans a job without opening it. */
    @Transactional(readOnly = true)
    public Preview preview(UUID wheelEndId, Scope scope, Choices choices) {
        WheelEnd end = register.wheelEnd(wheelEndId);
        Plan plan = Planner.plan(brief(end, scope, choices, known.of(end), worker(Asker.now())));
        JobTime time = JobTime.of(plan.usually(), store.pastWork(Asker.now().workshopId(), end.construction(), scope));
        return new Preview(end, plan, time.takes(), time.fromPastJobs());
    }

    /** Opens a job; opened again under the same id it is the same job. */
    @Transactional
    public JobBench open(UUID id, UUID wheelEndId, Scope scope, Choices choices) {
        SignedIn person = Asker.now();
        Optional<Job> earlier = store.find(person.workshopId(), id);
        if (earlier.isPresent()) {
            return bench(earlier.get());
        }
        WheelEnd end = register.wheelEnd(wheelEndId);
        Known before = known.of(end);
        // refuses what this construction cannot have
        JobBrief brief = brief(end, scope, choices, before, worker(person));
        var job = new Job(
                id,
                wheelEndId,
                end.construction(),
                brief.scope(),
                brief.worker(),
                before,
                Job.State.OPEN,
                clock.instant());
        if (!store.add(person, job)) {
            throw new ConflictException("There is a job on this wheel end already. Go on with that one.");
        }
        append(person, id, 1, new NewEntry(UUID.randomUUID(), new JobEntry.Scoped(scope, choices, "")));
        return bench(job);
    }

    /**
     * A job is over.
     *
     * @param did what it did to the wheel end; empty where it was given up
     * @param wheelWasOff whether the wheel was off and its nuts have been torqued
     */
    public record Ended(UUID jobId, WheelEnd end, Optional<DueAction> did, boolean wheelWasOff) {}

    /**
     * A hub was measured on a job.
     *
     * @param otherSideCelsius of the axle's other side
     */
    public record HubMeasured(
            UUID entryId,
            UUID jobId,
            WheelEnd end,
            double celsius,
            Optional<Double> otherSideCelsius,
            String stepWords) {}

    /** Jobs that are not over, the one opened last first. */
    @Transactional(readOnly = true)
    public List<JobBench> open() {
        return store.open(Asker.now().workshopId()).stream().map(this::bench).toList();
    }

    /** Jobs of these wheel ends that are not over, by wheel end. */
    @Transactional(readOnly = true)
    public Map<UUID, UUID> openAt(Collection<UUID> wheelEndIds) {
        return store.openAt(Asker.now().workshopId(), wheelEndIds);
    }

    /** Jobs of these wheel ends that are over, the latest first; at most 200. */
    @Transactional(readOnly = true)
    public List<PastJob> past(Collection<UUID> wheelEndIds) {
        return store.past(Asker.now().workshopId(), wheelEndIds, MOST_PAST);
    }

    @Transactional(readOnly = true)
    public JobBench bench(UUID jobId) {
        return bench(job(jobId));
    }

    /** Why it cannot be closed yet; empty when it can. */
    @Transactional(readOnly = true)
    public List<String> hindrances(JobBench bench) {
        return JobEnd.hindrances(bench, settingIsRecorded(bench));
    }

    /** Its findings beside those of the other side's and this wheel end's latest jobs. */
    @Transactional(readOnly = true)
    public List<String> comparison(JobBench bench) {
        UUID workshop = Asker.now().workshopId();
        List<UUID> otherSide = register.rig(bench.end().rigId())
                .wheelEnds()
                .filter(end -> end.axleId().equals(bench.end().axleId()))
                .map(WheelEnd::id)
                .filter(id -> !id.equals(bench.end().id()))
                .toList();
        Optional<JobBench> beside = Stream.concat(
                        store.open(workshop).stream().filter(job -> otherSide.contains(job.wheelEndId())),
                        store.over(workshop, otherSide).stream())
                .findFirst()
                .map(this::bench);
        Optional<JobBench> before = store.over(workshop, List.of(bench.end().id())).stream()
                .findFirst()
                .map(this::bench);
        return Comparison.of(
                JobFindings.of(bench),
                beside.map(JobFindings::asOtherSide).orElse(OtherSide.UNKNOWN),
                before.map(JobFindings::of).orElse(List.of()));
    }

    /** Whether a setting of the nut was put on record since the job began, and since the nut was last off. */
    @Transactional(readOnly = true)
    public boolean settingIsRecorded(JobBench bench) {
        return !settingsSince(bench, bench.nutLooseSince()).isEmpty();
    }

    /** Settings of the nut that were put on record while the job went on, latest first. */
    @Transactional(readOnly = true)
    public List<SettingSummary> settings(JobBench bench) {
        return settingsSince(bench, bench.entries().getFirst());
    }

    /** By the order in which the server wrote them: a device's clock may be wrong. */
    private List<SettingSummary> settingsSince(JobBench bench, Recorded entry) {
        return settings.writtenAfter(bench.end().id(), store.written(Asker.now().workshopId(), entry.id()));
    }

    /**
     * Writes an entry down. The same one sent again changes nothing. A step that somebody else finished meanwhile keeps what
     * this device has to add to it.
     */
    @Transactional
    public JobBench enter(UUID jobId, NewEntry sent) {
        SignedIn person = Asker.now();
        job(jobId);
        store.hold(person.workshopId(), jobId);
        JobBench bench = bench(job(jobId));
        Optional<UUID> earlier = store.jobOfEntry(person.workshopId(), sent.id());
        if (earlier.isPresent()) {
            if (!earlier.get().equals(jobId)) {
                throw new ConflictException("This id is taken by another job. Send it again under a new one.");
            }
            return bench;
        }
        if (bench.job().state().isOver()) {
            throw new ConflictException("This job is over. Open a new one on the wheel end.");
        }
        if (bench.entries().size() >= MOST_ENTRIES && !JobEnd.isBy(sent.entry())) {
            throw new ConflictException("This job holds " + MOST_ENTRIES
                    + " entries, which is all a job takes. Close it or end it, and go on in a new one.");
        }
        JobEntry entry = new EntryRules(bench, person.role() != Role.APPRENTICE, sequences).admit(sent.entry());
        var admitted = new NewEntry(sent.id(), entry);
        append(person, jobId, bench.entries().size() + 1, admitted);
        follow(person, bench, admitted);
        return bench(job(jobId));
    }

    /** Keeps a photo with a step; sent again under the same id it is the same photo. */
    @Transactional
    public JobBench addPhoto(UUID jobId, UUID photoId, String stepId, byte[] bytes) {
        Photo photo = Photo.read(bytes);
        store.addPhoto(Asker.now().workshopId(), job(jobId).id(), photoId, photo);
        return enter(jobId, new NewEntry(photoId, new JobEntry.PhotoTaken(stepId, photoId)));
    }

    @Transactional(readOnly = true)
    public Photo photo(UUID jobId, UUID photoId) {
        return store.photo(Asker.now().workshopId(), jobId, photoId)
                .orElseThrow(() -> new NotFoundException("photo of a job", photoId));
    }

    private void tellWarmth(JobBench bench, NewEntry sent, JobEntry.StepDone done) {
        Optional<Double> celsius = done.reading(ReadingKind.HUB_TEMPERATURE);
        celsius.ifPresent(hub -> events.publishEvent(new HubMeasured(
                sent.id(),
                bench.job().id(),
                bench.end(),
                hub,
                done.reading(ReadingKind.OTHER_HUB_TEMPERATURE),
                bench.plan().find(done.stepId()).map(Step::what).orElse(""))));
    }

    private void follow(SignedIn person, JobBench before, NewEntry sent) {
        UUID workshop = person.workshopId();
        UUID id = before.job().id();
        switch (sent.entry()) {
            case JobEntry.Scoped scoped -> store.change(workshop, id, scoped.scope(), Job.State.OPEN);
            case JobEntry.Closed closed -> {
                JobBench now = bench(before.job());
                List<String> hindrances = hindrances(now);
                if (!hindrances.isEmpty()) {
                    throw new InvalidInputException("entry", "close", String.join(" ", hindrances));
                }
                if (before.job().worker() == Worker.APPRENTICE && person.role() == Role.APPRENTICE) {
                    store.change(workshop, id, before.job().scope(), Job.State.AWAITS_SIGN_OFF);
                } else {
                    end(workshop, now, Job.State.CLOSED);
                }
            }
            case JobEntry.SignedOff signed -> end(workshop, before, Job.State.CLOSED);
            case JobEntry.Abandoned abandoned -> end(workshop, before, Job.State.ABANDONED);
            case JobEntry.StepDone done -> tellWarmth(before, sent, done);
            default -> {}
        }
    }

    private void end(UUID workshop, JobBench bench, Job.State state) {
        if (bench.hasGreased()) {
            // given up or not: the old grease is no longer what is in it
            greasings.fill(
                    UUID.randomUUID(),
                    bench.end().id(),
                    bench.job().id(),
                    bench.greased().map(JobEntry.Greased::grease).orElse(Grease.UNKNOWN),
                    bench.greased().map(JobEntry.Greased::batch).orElse(""));
        }
        store.end(workshop, bench.job().id(), state, clock.instant(), JobEnd.worked(bench.entries()));
        boolean closed = state == Job.State.CLOSED;
        events.publishEvent(new Ended(
                bench.job().id(),
                bench.end(),
                closed ? Optional.of(bench.does()) : Optional.empty(),
                bench.hasTorquedWheelNuts()));
        register.touched(
                bench.end().rigId(),
                closed ? "a job was closed: " + bench.does().done() : "a job was given up");
    }

    private void append(SignedIn person, UUID jobId, int number, NewEntry entry) {
        Instant now = clock.instant();
        store.append(person, jobId, new Recorded(entry.id(), number, entry.entry(), person.name(), now));
    }

    private JobBench bench(Job job) {
        WheelEnd end = register.wheelEnd(job.wheelEndId());
        return JobBench.read(
                job,
                end,
                store.entries(Asker.now().workshopId(), job.id()),
                (scope, chosen) -> sequences.school(end, scope, chosen));
    }

    private Job job(UUID jobId) {
        return store.find(Asker.now().workshopId(), jobId).orElseThrow(() -> new NotFoundException("job", jobId));
    }

    private JobBrief brief(WheelEnd end, Scope scope, Choices choices, Known known, Worker worker) {
        var errors = new FieldErrors();
        return errors.require(errors.at(
                "scope",
                () -> new JobBrief(
                        end.construction(),
                        Fastening.of(end.build().lock()),
                        end.build().fittings(),
                        scope,
                        choices,
                        known,
                        worker,
                        sequences.school(end, scope, Optional.empty()),
                        Set.of())));
    }

    private static Worker worker(SignedIn person) {
        return person.role() == Role.APPRENTICE ? Worker.APPRENTICE : Worker.MECHANIC;
    }
}
