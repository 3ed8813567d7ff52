package oldtallow.phone;

import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import oldtallow.core.fastening.sequence.StandardProcedures;
import oldtallow.core.hub.BuiltHub;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.Fastening;
import oldtallow.core.hub.Fittings;
import oldtallow.core.hub.HubPreset;
import oldtallow.core.procedure.bench.Bench;
import oldtallow.core.procedure.bench.Job;
import oldtallow.core.procedure.bench.JobEnd;
import oldtallow.core.procedure.bench.JobEntry;
import oldtallow.core.procedure.bench.RecordedEntry;
import oldtallow.core.procedure.brief.Choices;
import oldtallow.core.procedure.brief.JobBrief;
import oldtallow.core.procedure.brief.JobBrief.Known;
import oldtallow.core.procedure.brief.JobBrief.Worker;
import oldtallow.core.procedure.brief.Scope;
import oldtallow.core.procedure.job.Plan;
import oldtallow.core.procedure.job.Planner;
import oldtallow.core.procedure.judge.DamageMode;
import oldtallow.core.procedure.judge.Finding;
import oldtallow.core.procedure.judge.JudgedItem;
import oldtallow.core.procedure.judge.Looked;
import oldtallow.core.procedure.judge.Spot;
import oldtallow.core.procedure.step.Check;
import oldtallow.core.procedure.step.Step;

/** A job on each construction, folded after each entry: two thirds of its steps, verdicts, a step taken back, a check let go. */
final class JobVectors {

    private final Lines lines;
    private final Map<JobBrief, Plan> plans = new HashMap<>();

    JobVectors(Lines lines) {
        this.lines = lines;
    }

    void all() {
        for (Construction construction : Construction.values()) {
            for (Scope scope : Scope.values()) {
                if (scope.isPossibleOn(construction)) {
                    job(construction, scope);
                }
            }
        }
    }

    private void job(Construction construction, Scope scope) {
        HubPreset preset = HubPreset.of(construction);
        var hub = new Built(construction, Fastening.of(preset.lock()), preset.fittings());
        var job = new Job(
                id(0),
                id(1),
                id(0),
                construction,
                scope,
                Worker.MECHANIC,
                Known.NOTHING,
                Job.State.OPEN,
                Instant.ofEpochSecond(1_800_000_000));
        List<RecordedEntry> entries = new ArrayList<>();
        record(entries, new JobEntry.Scoped(scope, Choices.USUAL, ""));
        Bench<Built> bench = read(job, hub, entries, preset);
        int until = bench.plan().steps().size() * 2 / 3;
        while (bench.done().size() < until && bench.now().isPresent()) {
            Step now = bench.now().get();
            now.verdictOn()
                    .ifPresent(item -> record(
                            entries,
                            new JobEntry.Judged(
                                    item,
                                    item == JudgedItem.OUTBOARD_BEARING
                                            ? List.of(new Finding(
                                                    DamageMode.SUBSURFACE_FATIGUE,
                                                    Spot.CUP_RACE,
                                                    Finding.Extent.CLEAR,
                                                    Finding.Sense.FINGERNAIL))
                                            : List.of(),
                                    item.isBearing()
                                            ? new Looked(true, EnumSet.allOf(Finding.Sense.class), false)
                                            : null,
                                    null,
                                    "")));
            Set<String> met = now.checks().stream().map(Check::id).collect(Collectors.toSet());
            record(entries, new JobEntry.StepDone(now.id(), met, List.of(), ""));
            bench = read(job, hub, entries, preset);
            lines.tell("job " + construction + " " + scope, standing(bench));
        }
        bench.done().stream()
                .skip(Math.max(0, bench.done().size() - 1))
                .forEach(last ->
                        record(entries, new JobEntry.StepUndone(last.step().id())));
        bench.open().stream().limit(1).forEach(check -> record(entries, new JobEntry.Waived(check.id(), "seen")));
        bench = read(job, hub, entries, preset);
        lines.tell("job " + construction + " " + scope, standing(bench));
        lines.tell(
                "job " + construction + " " + scope,
                JobEnd.hindrances(bench, false).toString());
    }

    private static String standing(Bench<Built> bench) {
        return String.join(
                " | ",
                bench.now().map(Step::id).orElse("nothing left"),
                bench.rest().size() + " left",
                bench.open().stream().map(Check::id).toList().toString(),
                bench.ledger().onTray().toString(),
                bench.does().toString(),
                Stream.of(JudgedItem.values())
                        .map(item -> bench.outcome(item).map(Enum::name).orElse("-"))
                        .toList()
                        .toString());
    }

    private Bench<Built> read(Job job, Built hub, List<RecordedEntry> entries, HubPreset preset) {
        return Bench.read(
                job,
                hub,
                List.copyOf(entries),
                (scope, chosen) -> StandardProcedures.of(chosen.orElseGet(() -> scope.procedure(preset.procedure()))),
                brief -> plans.computeIfAbsent(brief, Planner::plan));
    }

    private static void record(List<RecordedEntry> entries, JobEntry entry) {
        int number = entries.size() + 1;
        entries.add(new RecordedEntry(
                id(number + 1),
                id(number + 1),
                number,
                entry,
                id(0),
                "Ines",
                false,
                Instant.ofEpochSecond(1_800_000_000L + 60L * number)));
    }

    private static UUID id(int number) {
        String digits = Integer.toString(number);
        return UUID.fromString("00000000-0000-0000-0000-" + "0".repeat(12 - digits.length()) + digits);
    }

    private record Built(Construction construction, Fastening fastening, Fittings fittings) implements BuiltHub {}
}
