package oldtallow.app.job.web;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.core.procedure.bench.Bench;
import oldtallow.core.procedure.bench.JobEntry;
import oldtallow.core.procedure.bench.RecordedEntry;
import oldtallow.core.procedure.step.Stage;
import oldtallow.core.procedure.step.Step;
import org.jspecify.annotations.Nullable;

/**
 * Where the job stands on its way.
 *
 * @param now the step to do now; null when none is left
 */
record WalkView(List<StageView> stages, @Nullable BenchStepView now, List<AheadView> ahead, List<DoneView> done) {

    private static final int AHEAD = 3;
    private static final int DECIMALS = 3;

    static WalkView of(Bench<WheelEnd> bench) {
        return new WalkView(
                progress(bench),
                bench.now().map(step -> BenchStepView.of(step, bench)).orElse(null),
                bench.rest().stream()
                        .skip(1)
                        .limit(AHEAD)
                        .map(step -> new AheadView(step.id(), step.stage().number(), step.what()))
                        .toList(),
                bench.done().stream().map(DoneView::of).toList());
    }

    private static List<StageView> progress(Bench<WheelEnd> bench) {
        return Arrays.stream(Stage.values())
                .map(stage -> {
                    long total = bench.plan().steps().stream()
                            .filter(step -> step.stage() == stage)
                            .count();
                    long left = bench.rest().stream()
                            .filter(step -> step.stage() == stage)
                            .count();
                    return new StageView(stage.number(), stage.words(), (int) total, (int) (total - left));
                })
                .toList();
    }

    /** In its own unit, as it was kept: rock at the tyre 3.2 mm. */
    private static String words(JobEntry.Taken taken) {
        return "%s %s %s"
                .formatted(
                        taken.kind().words(),
                        BigDecimal.valueOf(taken.value())
                                .setScale(DECIMALS, RoundingMode.HALF_UP)
                                .stripTrailingZeros()
                                .toPlainString(),
                        taken.kind().unit().symbol());
    }

    /** How far a stage is. */
    record StageView(int number, String words, int steps, int done) {}

    /** A step to come. */
    record AheadView(String id, int stage, String what) {}

    /** A step that was done, by whom and when. */
    record DoneView(String stepId, int stage, String what, String by, Instant at, List<String> readings, String note) {

        static DoneView of(Bench.Done done) {
            Step step = done.step();
            RecordedEntry recorded = done.recorded();
            JobEntry.StepDone entry = done.entry();
            return new DoneView(
                    step.id(),
                    step.stage().number(),
                    step.what(),
                    recorded.by(),
                    recorded.at(),
                    entry.readings().stream().map(WalkView::words).toList(),
                    entry.note());
        }
    }
}
