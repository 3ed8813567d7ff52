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
public final class JobInHand {

    public static final UUID INES = UUID.fromString("00000000-0000-0000-0000-0000000000a1");

    public static final UUID TOBE = UUID.fromString("00000000-0000-0000-0000-0000000000a2");
    public static final Instant BEGAN = Instant.parse("2026-05-14T08:00:00Z");

    private final Map<JobBrief, Plan> plans = new HashMap<>();
    private final HubPreset preset;
    private final Job job;
    private final Hub hub;
    private final List<RecordedEntry> entries = new ArrayList<>();

    public JobInHand(Construction construction, Scope scope) {
        preset = HubPreset.of(construction);
        hub = new Hub(construction, Fastening.of(preset.lock()), preset.fittings());
        job = new Job(
                UUID.randomUUID(),
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

    public Bench<Hub> bench() {
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
    public JobInHand enter(JobEntry entry) {
        write(admitted(true, entry));
        return this;
    }

    /** Does all steps up to one, which is then next; what is judged is found good. */
    public JobInHand until(String stepId) {
        while (!now().id().equals(stepId)) {
            doNow();
        }
        return this;
    }

    public JobInHand doNow() {
        Step step = now();
        step.verdictOn().ifPresent(item -> enter(good(item)));
        return enter(done(step));
    }

    Step now() {
        return bench().now().orElseThrow();
    }

    public static StepDone done(Step step) {
        return new StepDone(
                step.id(), step.checks().stream().map(Check::id).collect(Collectors.toSet()), List.of(), "");
    }

    /** All of it done, and found good where it ends with a verdict. */
    public static JobEntry.RunDone run(List<Step> steps) {
        return new JobEntry.RunDone(
                steps.stream().map(JobInHand::done).toList(),
                List.of(),
                steps.getLast().verdictOn().map(JobInHand::good).orElse(null));
    }

    public static JobEntry.Judged good(JudgedItem item) {
        return new JobEntry.Judged(
                item,
                List.of(),
                item.isBearing() ? new Looked(true, Set.of(Finding.Sense.values()), false) : null,
                null,
                "");
    }

    private void write(JobEntry entry) {
        UUID id = UUID.randomUUID();
        press(id, id, entry, INES, BEGAN.plusSeconds(60L * (entries.size() + 1)));
    }

    /** Writes what a press says of this hub, admitted first, by whoever pressed whenever. */
    public void press(UUID id, UUID pressId, JobEntry entry, UUID person, Instant at) {
        JobEntry taken = entries.isEmpty() ? entry : admitted(true, entry);
        String by = person.equals(INES) ? "Ines" : "Tobe";
        entries.add(new RecordedEntry(id, pressId, entries.size() + 1, taken, person, by, false, at));
    }

    /** Writes what an apprentice pressed, admitted first. */
    void pressByApprentice(UUID id, JobEntry entry, Instant at) {
        entries.add(new RecordedEntry(
                id, id, entries.size() + 1, admitted(false, entry), UUID.randomUUID(), "Wil", true, at));
    }

    public record Hub(Construction construction, Fastening fastening, Fittings fittings) implements BuiltHub {}

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
