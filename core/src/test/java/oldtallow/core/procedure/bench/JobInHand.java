package oldtallow.core.procedure.bench;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import oldtallow.core.fastening.sequence.StandardProcedures;
import oldtallow.core.hub.BuiltHub;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.Fastening;
import oldtallow.core.hub.Fittings;
import oldtallow.core.hub.HubPreset;
import oldtallow.core.procedure.bench.JobEntry.StepDone;
import oldtallow.core.procedure.brief.Choices;
import oldtallow.core.procedure.brief.JobBrief;
import oldtallow.core.procedure.brief.JobBrief.Known;
import oldtallow.core.procedure.brief.JobBrief.Worker;
import oldtallow.core.procedure.brief.Scope;
import oldtallow.core.procedure.job.Plan;
import oldtallow.core.procedure.job.Planner;
import oldtallow.core.procedure.judge.Finding;
import oldtallow.core.procedure.judge.JudgedItem;
import oldtallow.core.procedure.judge.Looked;
import oldtallow.core.procedure.step.Check;
import oldtallow.core.procedure.step.Step;
import oldtallow.core.refusal.FieldErrors;

/** A job on a usual hub of a construction, as a mechanic does it: entry by entry, each admitted first. */
final class JobInHand {

    private static final Instant BEGAN = Instant.parse("2026-05-14T08:00:00Z");

    private final Map<JobBrief, Plan> plans = new HashMap<>();
    private final HubPreset preset;
    private final Job job;
    private final Hub hub;
    private final List<RecordedEntry> entries = new ArrayList<>();

    JobInHand(Construction construction, Scope scope) {
        preset = HubPreset.of(construction);
        hub = new Hub(construction, Fastening.of(preset.lock()), preset.fittings());
        job = new Job(
                UUID.randomUUID(),
                UUID.randomUUID(),
                construction,
                scope,
                Worker.MECHANIC,
                Known.NOTHING,
                Job.State.OPEN,
                BEGAN);
        write(new JobEntry.Scoped(scope, Choices.USUAL, ""));
    }

    Bench<Hub> bench() {
        return Bench.read(
                job,
                hub,
                List.copyOf(entries),
                (scope, chosen) -> StandardProcedures.of(chosen.orElseGet(() -> scope.procedure(preset.procedure()))),
                brief -> plans.computeIfAbsent(brief, Planner::plan));
    }

    /** What the job makes of an entry; throws where it takes none. */
    JobEntry admitted(boolean mechanic, JobEntry entry) {
        return new EntryRules<>(bench(), mechanic, new AnySequence()).admit(entry);
    }

    /** Writes an entry of a mechanic's down. */
    JobInHand enter(JobEntry entry) {
        write(admitted(true, entry));
        return this;
    }

    /** Does all steps up to one, which is then next; what is judged is found good. */
    JobInHand until(String stepId) {
        while (!now().id().equals(stepId)) {
            doNow();
        }
        return this;
    }

    JobInHand doNow() {
        Step step = now();
        step.verdictOn().ifPresent(item -> enter(good(item)));
        return enter(done(step));
    }

    Step now() {
        return bench().now().orElseThrow();
    }

    static StepDone done(Step step) {
        return new StepDone(
                step.id(), step.checks().stream().map(Check::id).collect(Collectors.toSet()), List.of(), "");
    }

    static JobEntry.RunDone run(List<Step> steps) {
        return new JobEntry.RunDone(steps.stream().map(JobInHand::done).toList(), List.of());
    }

    static JobEntry good(JudgedItem item) {
        return new JobEntry.Judged(
                item,
                List.of(),
                item.isBearing() ? new Looked(true, Set.of(Finding.Sense.values()), false) : null,
                null,
                "");
    }

    private void write(JobEntry entry) {
        int number = entries.size() + 1;
        entries.add(
                new RecordedEntry(UUID.randomUUID(), number, entry, "Ines", false, BEGAN.plusSeconds(60L * number)));
    }

    record Hub(Construction construction, Fastening fastening, Fittings fittings) implements BuiltHub {}

    /** Any procedure holds, no reading speaks against a sequence. */
    private static final class AnySequence implements EntryRules.Sequences<Hub> {

        @Override
        public void requireFit(Bench<Hub> bench, String procedure) {
            // any
        }

        @Override
        public void check(Bench<Hub> bench, Step step, StepDone sent, FieldErrors errors) {
            // none
        }
    }
}
