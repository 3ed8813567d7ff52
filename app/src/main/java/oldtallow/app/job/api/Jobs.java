package oldtallow.app.job.api;

import java.time.Clock;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.identity.access.Role;
import oldtallow.app.identity.access.SignedIn;
import oldtallow.app.job.model.NewEntry;
import oldtallow.app.platform.problem.ConflictException;
import oldtallow.app.platform.problem.NotFoundException;
import oldtallow.app.register.api.Register;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.app.stock.model.JobForecasts;
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
import oldtallow.core.refusal.FieldErrors;
import oldtallow.core.schedule.interval.DueAction;
import oldtallow.core.stock.JobTime;
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
    private final JobSequences sequences;
    private final JobOutcomes outcomes;
    private final Clock clock;

    Jobs(
            JobStore store,
            Register register,
            Beforehand known,
            JobRecords records,
            JobSequences sequences,
            JobOutcomes outcomes,
            Clock clock) {
        this.store = store;
        this.register = register;
        this.known = known;
        this.records = records;
        this.sequences = sequences;
        this.outcomes = outcomes;
        this.clock = clock;
    }

    @Override
    @Transactional(readOnly = true)
    public JobForecast forecast(UUID wheelEndId, Scope scope, Choices choices) {
        WheelEnd end = register.wheelEnd(wheelEndId);
        Plan plan = Plans.of(brief(end, scope, choices, known.of(end), worker(CurrentPerson.now())));
        JobTime time = JobTime.of(plan.usually(), store.pastWork(end.construction(), scope));
        return new JobForecast(end, plan, time.takes(), time.fromPastJobs());
    }

    /** Opens a job; opened again under the same id it is the same job. */
    @Transactional
    public Bench<WheelEnd> open(UUID id, UUID wheelEndId, Scope scope, Choices choices) {
        SignedIn person = CurrentPerson.now();
        Optional<Job> earlier = store.find(id);
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
        Job job = store.hold(jobId).orElseThrow(() -> new NotFoundException("job", jobId));
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
        return outcomes.follow(person, bench, written);
    }

    private JobEntry admit(SignedIn person, Bench<WheelEnd> bench, JobEntry sent) {
        try {
            return new EntryRules<>(bench, person.role() != Role.APPRENTICE, sequences).admit(sent);
        } catch (NotNextException e) {
            throw new ConflictException(String.valueOf(e.getMessage()));
        }
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
                        sequences.procedure(end, scope, Optional.empty()),
                        Set.of())));
    }

    private static Worker worker(SignedIn person) {
        return person.role() == Role.APPRENTICE ? Worker.APPRENTICE : Worker.MECHANIC;
    }
}
