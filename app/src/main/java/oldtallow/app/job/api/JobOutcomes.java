package oldtallow.app.job.api;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.identity.access.SignedIn;
import oldtallow.app.register.api.GreaseFills;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.core.grease.Grease;
import oldtallow.core.procedure.bench.Bench;
import oldtallow.core.procedure.bench.Job;
import oldtallow.core.procedure.bench.JobEnd;
import oldtallow.core.procedure.bench.JobEntry;
import oldtallow.core.procedure.bench.RecordedEntry;
import oldtallow.core.procedure.round.RigRound;
import oldtallow.core.procedure.step.Step;
import oldtallow.core.quantity.ReadingKind;
import oldtallow.core.refusal.InvalidInputException;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;

/** What an entry brings about beyond its line in the job: another scope, a job that is over, grease that is in, a hub's warmth. */
@Service
class JobOutcomes {

    private final JobStore store;
    private final JobRecords records;
    private final GreaseFills greasings;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    JobOutcomes(
            JobStore store, JobRecords records, GreaseFills greasings, ApplicationEventPublisher events, Clock clock) {
        this.store = store;
        this.records = records;
        this.greasings = greasings;
        this.events = events;
        this.clock = clock;
    }

    /** What an entry brings about beyond the job itself; answers the job as it stands then. */
    Bench<WheelEnd> follow(SignedIn person, RigRound<WheelEnd> round, Bench<WheelEnd> before, RecordedEntry written) {
        Job job = before.job();
        var rig = new Rig(person, round);
        switch (written.entry()) {
            case JobEntry.Scoped scoped -> {
                store.change(job.id(), scoped.scope(), Job.State.OPEN);
                return records.after(before, job.in(scoped.scope(), Job.State.OPEN), written);
            }
            case JobEntry.Closed closed -> {
                return close(rig, records.after(before, job, written));
            }
            case JobEntry.SignedOff signed -> {
                return end(rig, records.after(before, job, written), Job.State.CLOSED, before);
            }
            case JobEntry.Abandoned abandoned -> {
                return end(rig, records.after(before, job, written), Job.State.ABANDONED, before);
            }
            case JobEntry.StepDone done -> tellWarmth(before, written.id(), done);
            case JobEntry.RunDone(var steps, var added, var judged) ->
                steps.forEach(done -> tellWarmth(before, written.id(), done));
            case JobEntry.Undone undone -> events.publishEvent(new Jobs.TakenBack(undone.entryId()));
            case JobEntry.StepUndone undone -> takeBackLast(before);
            default -> {}
        }
        return records.after(before, job, written);
    }

    /** Who writes, and on what. */
    private record Rig(SignedIn person, RigRound<WheelEnd> round) {

        /** Entries of the other hubs, hub by hub. */
        List<List<RecordedEntry>> elsewhere(Bench<WheelEnd> bench) {
            return round.hubs().stream()
                    .filter(hub -> !hub.job().id().equals(bench.job().id()))
                    .map(Bench::entries)
                    .toList();
        }
    }

    private Bench<WheelEnd> close(Rig rig, Bench<WheelEnd> bench) {
        List<String> hindrances = records.hindrances(bench);
        if (!hindrances.isEmpty()) {
            String whose = rig.round().hubs().size() == 1 ? "" : bench.end().positionName() + ": ";
            throw new InvalidInputException("entry", "close", whose + String.join(" ", hindrances));
        }
        if (!rig.person().needsSignOff() || records.toAnswerFor(bench).isEmpty()) {
            return end(rig, bench, Job.State.CLOSED, bench); // a mechanic who closes it answers for what is in it
        }
        Job job = bench.job();
        store.change(job.id(), job.scope(), Job.State.AWAITS_SIGN_OFF);
        return bench.in(Job.State.AWAITS_SIGN_OFF);
    }

    /** {@code work}: as far as it counts as work, which waiting for a sign-off does not. */
    private Bench<WheelEnd> end(Rig rig, Bench<WheelEnd> bench, Job.State state, Bench<WheelEnd> work) {
        if (bench.hasGreased()) {
            // given up or not: the old grease is no longer what is in it
            greasings.fill(
                    UUID.randomUUID(),
                    bench.end().id(),
                    bench.job().id(),
                    bench.greased().map(JobEntry.Greased::grease).orElse(Grease.UNKNOWN),
                    bench.greased().map(JobEntry.Greased::batch).orElse(""));
        }
        store.end(bench.job().id(), state, clock.instant(), JobEnd.worked(work.entries(), rig.elsewhere(bench)));
        events.publishEvent(new Jobs.Ended(
                bench.job().id(),
                bench.end(),
                state == Job.State.CLOSED ? Optional.of(bench.does()) : Optional.empty(),
                bench.hasTorquedWheelNuts()));
        return bench.in(state);
    }

    /** A step taken back by itself; whatever else was entered with it stands. */
    private void takeBackLast(Bench<WheelEnd> before) {
        before.done().stream()
                .reduce((earlier, later) -> later)
                .filter(last ->
                        last.entry().reading(ReadingKind.HUB_TEMPERATURE).isPresent())
                .ifPresent(last ->
                        events.publishEvent(new Jobs.TakenBack(last.recorded().id())));
    }

    private void tellWarmth(Bench<WheelEnd> bench, UUID entryId, JobEntry.StepDone done) {
        Optional<Double> celsius = done.reading(ReadingKind.HUB_TEMPERATURE);
        celsius.ifPresent(hub -> events.publishEvent(new Jobs.HubMeasured(
                entryId,
                bench.job().id(),
                bench.end(),
                hub,
                done.reading(ReadingKind.OTHER_HUB_TEMPERATURE),
                bench.plan().find(done.stepId()).map(Step::what).orElse(""))));
    }
}
