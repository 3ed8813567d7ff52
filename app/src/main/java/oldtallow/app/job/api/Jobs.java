package oldtallow.app.job.api;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.identity.access.Role;
import oldtallow.app.identity.access.SignedIn;
import oldtallow.app.job.model.NewEntry;
import oldtallow.app.platform.problem.ConflictException;
import oldtallow.app.platform.problem.NotFoundException;
import oldtallow.app.register.api.GreaseFills;
import oldtallow.app.register.api.Register;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.app.stock.model.JobForecasts;
import oldtallow.core.grease.Grease;
import oldtallow.core.hub.Fastening;
import oldtallow.core.procedure.bench.Bench;
import oldtallow.core.procedure.bench.EntryRules;
import oldtallow.core.procedure.bench.Job;
import oldtallow.core.procedure.bench.JobEnd;
import oldtallow.core.procedure.bench.JobEntry;
import oldtallow.core.procedure.bench.NotNextException;
import oldtallow.core.procedure.bench.RecordedEntry;
import oldtallow.core.procedure.brief.Choices;
import oldtallow.core.procedure.brief.JobBrief;
import oldtallow.core.procedure.brief.JobBrief.Known;
import oldtallow.core.procedure.brief.JobBrief.Worker;
import oldtallow.core.procedure.brief.Scope;
import oldtallow.core.procedure.job.Plan;
import oldtallow.core.procedure.step.Step;
import oldtallow.core.quantity.ReadingKind;
import oldtallow.core.refusal.FieldErrors;
import oldtallow.core.refusal.InvalidInputException;
import oldtallow.core.schedule.interval.DueAction;
import oldtallow.core.stock.JobTime;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Jobs on wheel ends: opened, worked on step by step by whoever is there, closed when nothing is left. */
@Service
public class Jobs implements JobForecasts {

    /** A whole renewal takes some 150; each is read at every press. */
    private static final int MOST_ENTRIES = 1000;

    private final JobStore store;
    private final Register register;
    private final Beforehand known;
    private final JobRecords records;
    private final GreaseFills greasings;
    private final JobSequences sequences;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    Jobs(
            JobStore store,
            Register register,
            Beforehand known,
            JobRecords records,
            GreaseFills greasings,
            JobSequences sequences,
            ApplicationEventPublisher events,
            Clock clock) {
        this.store = store;
        this.register = register;
        this.known = known;
        this.records = records;
        this.greasings = greasings;
        this.sequences = sequences;
        this.events = events;
        this.clock = clock;
    }

    @Override
    @Transactional(readOnly = true)
    public JobForecast forecast(UUID wheelEndId, Scope scope, Choices choices) {
        WheelEnd end = register.wheelEnd(wheelEndId);
        Plan plan = Plans.of(brief(end, scope, choices, known.of(end), worker(CurrentPerson.now())));
        JobTime time =
                JobTime.of(plan.usually(), store.pastWork(CurrentPerson.now().workshopId(), end.construction(), scope));
        return new JobForecast(end, plan, time.takes(), time.fromPastJobs());
    }

    /** Opens a job; opened again under the same id it is the same job. */
    @Transactional
    public Bench<WheelEnd> open(UUID id, UUID wheelEndId, Scope scope, Choices choices) {
        SignedIn person = CurrentPerson.now();
        Optional<Job> earlier = store.find(person.workshopId(), id);
        if (earlier.isPresent()) {
            return records.bench(earlier.get());
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
        return records.bench(job);
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

    /**
     * Writes an entry down. The same one sent again changes nothing. A step that somebody else finished meanwhile keeps what
     * this device has to add to it.
     */
    @Transactional
    public Bench<WheelEnd> enter(UUID jobId, NewEntry sent) {
        SignedIn person = CurrentPerson.now();
        Job job = store.hold(person.workshopId(), jobId).orElseThrow(() -> new NotFoundException("job", jobId));
        Bench<WheelEnd> bench = records.bench(job);
        if (bench.entries().stream().anyMatch(one -> one.id().equals(sent.id()))) {
            return bench;
        }
        if (job.state().isOver()) {
            throw new ConflictException("This job is over. Open a new one on the wheel end.");
        }
        if (bench.entries().size() >= MOST_ENTRIES && !JobEnd.isBy(sent.entry())) {
            throw new ConflictException("This job holds " + MOST_ENTRIES
                    + " entries, which is all a job takes. Close it or end it, and go on in a new one.");
        }
        JobEntry entry = admit(person, bench, sent.entry());
        RecordedEntry written = append(person, jobId, bench.entries().size() + 1, new NewEntry(sent.id(), entry));
        return follow(person, bench, written);
    }

    private JobEntry admit(SignedIn person, Bench<WheelEnd> bench, JobEntry sent) {
        try {
            return new EntryRules<>(bench, person.role() != Role.APPRENTICE, sequences).admit(sent);
        } catch (NotNextException e) {
            throw new ConflictException(String.valueOf(e.getMessage()));
        }
    }

    private void tellWarmth(Bench<WheelEnd> bench, UUID entryId, JobEntry.StepDone done) {
        Optional<Double> celsius = done.reading(ReadingKind.HUB_TEMPERATURE);
        celsius.ifPresent(hub -> events.publishEvent(new HubMeasured(
                entryId,
                bench.job().id(),
                bench.end(),
                hub,
                done.reading(ReadingKind.OTHER_HUB_TEMPERATURE),
                bench.plan().find(done.stepId()).map(Step::what).orElse(""))));
    }

    /** What an entry brings about beyond the job itself; answers the job as it stands then. */
    private Bench<WheelEnd> follow(SignedIn person, Bench<WheelEnd> before, RecordedEntry written) {
        Job job = before.job();
        switch (written.entry()) {
            case JobEntry.Scoped scoped -> {
                store.change(person.workshopId(), job.id(), scoped.scope(), Job.State.OPEN);
                return records.after(before, job.in(scoped.scope(), Job.State.OPEN), written);
            }
            case JobEntry.Closed closed -> {
                return close(person, records.after(before, job, written));
            }
            case JobEntry.SignedOff signed -> {
                return end(person, records.after(before, job, written), Job.State.CLOSED, before);
            }
            case JobEntry.Abandoned abandoned -> {
                return end(person, records.after(before, job, written), Job.State.ABANDONED, before);
            }
            case JobEntry.StepDone done -> tellWarmth(before, written.id(), done);
            default -> {}
        }
        return records.after(before, job, written);
    }

    private Bench<WheelEnd> close(SignedIn person, Bench<WheelEnd> bench) {
        List<String> hindrances = records.hindrances(bench);
        if (!hindrances.isEmpty()) {
            throw new InvalidInputException("entry", "close", String.join(" ", hindrances));
        }
        if (!person.needsSignOff() || records.toAnswerFor(bench).isEmpty()) {
            return end(person, bench, Job.State.CLOSED, bench); // a mechanic who closes it answers for what is in it
        }
        Job job = bench.job();
        store.change(person.workshopId(), job.id(), job.scope(), Job.State.AWAITS_SIGN_OFF);
        return bench.in(Job.State.AWAITS_SIGN_OFF);
    }

    /** {@code work}: as far as it counts as work, which waiting for a sign-off does not. */
    private Bench<WheelEnd> end(SignedIn person, Bench<WheelEnd> bench, Job.State state, Bench<WheelEnd> work) {
        if (bench.hasGreased()) {
            // given up or not: the old grease is no longer what is in it
            greasings.fill(
                    UUID.randomUUID(),
                    bench.end().id(),
                    bench.job().id(),
                    bench.greased().map(JobEntry.Greased::grease).orElse(Grease.UNKNOWN),
                    bench.greased().map(JobEntry.Greased::batch).orElse(""));
        }
        store.end(person.workshopId(), bench.job().id(), state, clock.instant(), JobEnd.worked(work.entries()));
        boolean closed = state == Job.State.CLOSED;
        events.publishEvent(new Ended(
                bench.job().id(),
                bench.end(),
                closed ? Optional.of(bench.does()) : Optional.empty(),
                bench.hasTorquedWheelNuts()));
        register.touched(
                bench.end().rigId(),
                closed ? "a job was closed: " + bench.does().done() : "a job was given up");
        return bench.in(state);
    }

    private RecordedEntry append(SignedIn person, UUID jobId, int number, NewEntry entry) {
        var next = new RecordedEntry(
                entry.id(), number, entry.entry(), person.name(), person.needsSignOff(), clock.instant());
        if (!store.append(person, jobId, next)) {
            throw ConflictException.idIsTaken();
        }
        return next;
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
