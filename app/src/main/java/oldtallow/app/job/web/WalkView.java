package oldtallow.app.job.web;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import oldtallow.app.job.api.JobRecords.Remarks;
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
record WalkView(
        List<StageView> stages,
        @Nullable BenchStepView now,
        @Nullable RunView run,
        List<AheadView> ahead,
        List<DoneView> done,
        @Nullable PressView lastPress) {

    private static final int AHEAD = 3;
    private static final int DECIMALS = 3;

    static WalkView of(Bench<WheelEnd> bench, Remarks remarks) {
        return new WalkView(
                progress(bench),
                bench.now()
                        .map(step -> BenchStepView.of(step, bench, remarks.choices()))
                        .orElse(null),
                RunView.of(bench, remarks),
                bench.rest().stream()
                        .skip(1)
                        .limit(AHEAD)
                        .map(step -> new AheadView(step.id(), step.stage().number(), step.what()))
                        .toList(),
                bench.done().stream().map(DoneView::of).toList(),
                bench.lastPress()
                        .filter(last -> last.personId().equals(remarks.asker().personId()))
                        .map(last -> PressView.of(last, bench, remarks))
                        .orElse(null));
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
        String number = BigDecimal.valueOf(taken.value())
                .setScale(DECIMALS, RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
        return taken.kind().words() + " " + number + " " + taken.kind().unit().symbol();
    }

    /** How far a stage is. */
    record StageView(int number, String words, int steps, int done) {}

    /**
     * What one press takes back: the asker's own, and the last one here.
     *
     * @param words in a few words
     * @param hubs at how many hubs
     */
    record PressView(UUID entryId, String words, long hubs) {

        static PressView of(RecordedEntry last, Bench<WheelEnd> bench, Remarks remarks) {
            long hubs = remarks.round().hubs().stream()
                    .filter(hub ->
                            hub.entries().stream().anyMatch(one -> one.pressId().equals(last.pressId())))
                    .count();
            return new PressView(last.id(), words(last.entry(), bench), hubs);
        }

        private static String words(JobEntry entry, Bench<WheelEnd> bench) {
            return switch (entry) {
                case JobEntry.StepDone done -> called(done.stepId(), bench);
                case JobEntry.RunDone run when run.steps().isEmpty() -> "what was added";
                case JobEntry.RunDone run
                when run.steps().size() == 1 -> called(run.steps().getFirst().stepId(), bench);
                case JobEntry.RunDone run ->
                    called(run.steps().getFirst().stepId(), bench) + ", and "
                            + (run.steps().size() - 1) + " more";
                case JobEntry.Judged judged -> "verdict: " + judged.item().words();
                case JobEntry.FirstLooked look -> "what was noticed at the first look";
                case JobEntry.Greased greased -> "the grease";
                case JobEntry.ProcedureChosen chosen -> "another procedure for the nut";
                case JobEntry.WayChosen one ->
                    one.choice().words() + ": " + one.chosen().words();
                case JobEntry.NotHere none -> "what is not on this hub";
                case JobEntry.Noted noted -> "a note";
                case JobEntry.Waived waived -> "a check let go";
                case JobEntry.Condemned condemned -> "parts that do not go back";
                default -> "the last entry";
            };
        }

        private static String called(String stepId, Bench<WheelEnd> bench) {
            return bench.plan().find(stepId).map(Step::what).orElse(stepId);
        }
    }

    /** A step to come. */
    record AheadView(String id, int stage, String what) {}

    /**
     * A step that was done, by whom and when.
     *
     * @param inOneGo how many steps of this hub the same press said; 1 where it was said by itself
     */
    record DoneView(
            String stepId,
            int stage,
            String what,
            String by,
            Instant at,
            int inOneGo,
            List<String> readings,
            String note) {

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
                    recorded.entry() instanceof JobEntry.RunDone run
                            ? run.steps().size()
                            : 1,
                    entry.readings().stream().map(WalkView::words).toList(),
                    entry.note());
        }
    }
}
