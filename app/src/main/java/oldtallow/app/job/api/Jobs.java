package oldtallow.app.job.api;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.identity.access.Role;
import oldtallow.app.identity.access.SignedIn;
import oldtallow.app.job.api.Presses.AtHub;
import oldtallow.app.job.model.NewEntry;
import oldtallow.app.job.model.RigJob;
import oldtallow.app.platform.problem.ConflictException;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.core.procedure.bench.Bench;
import oldtallow.core.procedure.bench.EntryRules;
import oldtallow.core.procedure.bench.JobEnd;
import oldtallow.core.procedure.bench.JobEntry;
import oldtallow.core.procedure.bench.NotNextException;
import oldtallow.core.procedure.bench.RecordedEntry;
import oldtallow.core.procedure.round.RigRound;
import oldtallow.core.refusal.FieldError;
import oldtallow.core.refusal.InvalidInputException;
import oldtallow.core.schedule.interval.DueAction;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Jobs that run: worked on step by step by whoever is there, closed when nothing is left. */
@Service
public class Jobs {

    /** A whole renewal takes some 150; each is read at every press. */
    private static final int MOST_ENTRIES = 1000;

    private final RigJobs rigJobs;
    private final RigJobStore store;
    private final JobRecords records;
    private final JobSequences sequences;
    private final JobOutcomes outcomes;
    private final EntryBook book;

    Jobs(
            RigJobs rigJobs,
            RigJobStore store,
            JobRecords records,
            JobSequences sequences,
            JobOutcomes outcomes,
            EntryBook book) {
        this.rigJobs = rigJobs;
        this.store = store;
        this.records = records;
        this.sequences = sequences;
        this.outcomes = outcomes;
        this.book = book;
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

    /** An entry was taken back, and with it what it measured. */
    public record TakenBack(UUID entryId) {}

    /**
     * Writes a press down, at each hub that it says something of. The same one sent again changes nothing. A step that somebody
     * else finished meanwhile keeps what this device has to add to it.
     */
    @Transactional
    public Bench<WheelEnd> enter(UUID jobId, NewEntry sent) {
        SignedIn person = CurrentPerson.now();
        RigJob rigJob = rigJobs.hold(jobId);
        Bench<WheelEnd> bench = records.bench(jobId);
        if (bench.entries().stream().anyMatch(one -> one.id().equals(sent.id()))) {
            return bench;
        }
        RigRound<WheelEnd> round = records.round(bench);
        List<AtHub> all = new Presses(round, bench, person.personId()).of(sent);
        List<Bench<WheelEnd>> after = new ArrayList<>();
        for (AtHub one : all) {
            JobEntry entry = admit(person, one, bench);
            UUID at = one.hub().job().id();
            int number = one.hub().entries().size() + 1;
            RecordedEntry written = at.equals(jobId)
                    ? book.write(person, at, number, sent.id(), entry)
                    : book.writeAlongside(person, at, number, sent.id(), entry);
            after.add(outcomes.follow(person, round, one.hub(), written));
        }
        if (round.hubs().size() > 1) {
            store.tell(rigJob.id());
        }
        return after.getFirst();
    }

    private JobEntry admit(SignedIn person, AtHub sent, Bench<WheelEnd> pressedAt) {
        Bench<WheelEnd> hub = sent.hub();
        if (hub.job().state().isOver()) {
            throw new ConflictException("This job is over. Open a new one on the wheel end.");
        }
        if (hub.entries().size() >= MOST_ENTRIES && !JobEnd.isBy(sent.entry())) {
            throw new ConflictException("This job holds " + MOST_ENTRIES
                    + " entries, which is all a job takes. Close it or end it, and go on in a new one.");
        }
        try {
            return new EntryRules<>(hub, person.role() != Role.APPRENTICE, sequences).admit(sent.entry());
        } catch (NotNextException e) {
            throw new ConflictException((sent.isAt(pressedAt) ? "" : hub.end().positionName() + ": ") + e.getMessage());
        } catch (InvalidInputException e) {
            throw sent.isAt(pressedAt) ? e : atAnother(hub, e);
        }
    }

    /** What is wrong at a hub where nobody pressed says which hub it is. */
    private static InvalidInputException atAnother(Bench<WheelEnd> hub, InvalidInputException wrong) {
        return new InvalidInputException(wrong.errors().stream()
                .map(one -> new FieldError(one.field(), one.value(), hub.end().positionName() + ": " + one.remedy()))
                .toList());
    }
}
