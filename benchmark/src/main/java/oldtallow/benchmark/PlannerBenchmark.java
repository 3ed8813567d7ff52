package oldtallow.benchmark;

import java.util.Set;
import java.util.concurrent.TimeUnit;
import oldtallow.core.fastening.sequence.StandardProcedures;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.Fastening;
import oldtallow.core.hub.HubPreset;
import oldtallow.core.procedure.brief.Choices;
import oldtallow.core.procedure.brief.JobBrief;
import oldtallow.core.procedure.brief.JobBrief.Known;
import oldtallow.core.procedure.brief.JobBrief.Worker;
import oldtallow.core.procedure.job.Plan;
import oldtallow.core.procedure.job.Planner;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.OptionsBuilder;

/** How long the planner takes for one whole plan, one thread. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class PlannerBenchmark {

    /** The shortest job, the usual one, and the longest. */
    @Param({"SPACER_SET ADJUST", "STEPPED_BRAKED REPACK", "LOCKING_HUB_FRONT RENEW"})
    private String job = "STEPPED_BRAKED REPACK";

    /** A plan with all its steps. */
    @Benchmark
    public Plan plan() {
        String[] parts = job.split(" ", -1);
        var construction = Construction.valueOf(parts[0]);
        HubPreset preset = HubPreset.of(construction);
        var scope = oldtallow.core.procedure.brief.Scope.valueOf(parts[1]);
        return Planner.plan(new JobBrief(
                construction,
                Fastening.of(preset.lock()),
                preset.fittings(),
                scope,
                Choices.USUAL,
                Known.NOTHING,
                Worker.MECHANIC,
                StandardProcedures.of(scope.procedure(preset.procedure())),
                Set.of()));
    }

    public static void main(String[] arguments) throws RunnerException {
        new Runner(new OptionsBuilder()
                        .include(PlannerBenchmark.class.getSimpleName())
                        .build())
                .run();
    }
}
