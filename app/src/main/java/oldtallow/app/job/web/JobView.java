package oldtallow.app.job.web;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.Instant;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import oldtallow.app.job.api.JobRecords;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.core.hub.Fittings.CapKind;
import oldtallow.core.hub.part.Fate;
import oldtallow.core.hub.part.Part;
import oldtallow.core.hub.part.StackedPart;
import oldtallow.core.hub.section.PartName;
import oldtallow.core.procedure.bench.Bench;
import oldtallow.core.procedure.bench.Job;
import oldtallow.core.procedure.bench.JobEntry;
import oldtallow.core.procedure.bench.RecordedEntry;
import oldtallow.core.procedure.brief.Choices;
import oldtallow.core.procedure.brief.JobBrief.Worker;
import oldtallow.core.procedure.brief.Scope;
import oldtallow.core.procedure.job.Ledger;
import oldtallow.core.procedure.step.PartMove;
import oldtallow.core.procedure.step.Stage;
import oldtallow.core.procedure.step.Step;
import org.jspecify.annotations.Nullable;

/**
 * A job as the bench shows it.
 *
 * @param number of its latest entry; grows with each
 * @param now the step to do now; null when none is left
 * @param condemnable parts that can be called done with now
 * @param offSection what of the section is not on the wheel end now
 * @param settingRecorded whether the nut's setting was put on record since the job began
 * @param springCap whether its cap is spring-loaded, which seeps a little by its nature
 * @param toAnswerFor apprentices whose steps, verdicts or setting stand in it
 * @param greased which grease goes in; null until somebody says
 * @param hindrances why it cannot be closed yet
 * @param comparison findings beside those of the other side and of last time, in sentences
 */
record JobView(
        UUID id,
        Job.State state,
        UUID wheelEndId,
        UUID rigId,
        String rigName,
        String position,
        String construction,
        Scope scope,
        String scopeWords,
        Choices choices,
        Worker worker,
        Instant openedAt,
        int number,
        List<StageView> stages,
        @Nullable BenchStepView now,
        List<AheadView> ahead,
        List<DoneView> done,
        List<TrayView> tray,
        List<CondemnableView> condemnable,
        List<PartName> offSection,
        List<String> openChecks,
        boolean settingRecorded,
        boolean springCap,
        List<String> toAnswerFor,
        List<String> hindrances,
        @Nullable GreasedView greased,
        @Nullable WaitsView waits,
        @Nullable DiagnosisView firstLook,
        List<JudgingView> judgings,
        List<String> comparison,
        List<JobPhotoView> photos) {

    private static final int AHEAD = 3;
    private static final int DECIMALS = 3;

    static JobView of(Bench<WheelEnd> bench, JobRecords.Remarks remarks) {
        return new JobView(
                bench.job().id(),
                bench.job().state(),
                bench.end().id(),
                bench.end().rigId(),
                bench.end().rigName(),
                bench.end().positionName(),
                bench.end().construction().words(),
                bench.plan().brief().scope(),
                bench.plan().brief().scope().words(),
                bench.plan().brief().choices(),
                bench.job().worker(),
                bench.job().openedAt(),
                bench.entries().size(),
                stages(bench),
                bench.now().map(step -> BenchStepView.of(step, bench)).orElse(null),
                bench.rest().stream()
                        .skip(1)
                        .limit(AHEAD)
                        .map(step -> new AheadView(step.id(), step.stage().number(), step.what()))
                        .toList(),
                bench.done().stream().map(DoneView::of).toList(),
                bench.ledger().entries().stream()
                        .filter(Ledger.Entry::isOnTray)
                        .map(entry -> TrayView.of(entry, bench))
                        .toList(),
                bench.condemnable().stream()
                        .map(part -> new CondemnableView(part, part.words()))
                        .toList(),
                offSection(bench),
                bench.open().stream().map(check -> check.says()).toList(),
                remarks.settingIsRecorded(),
                bench.end().build().fittings().cap() == CapKind.SPRING_LOADED,
                remarks.toAnswerFor(),
                remarks.hindrances(),
                bench.greased().map(GreasedView::of).orElse(null),
                bench.waits().map(WaitsView::of).orElse(null),
                DiagnosisView.of(bench),
                JudgingView.of(bench),
                remarks.comparison(),
                bench.entries().stream()
                        .flatMap(recorded -> JobPhotoView.of(recorded).stream())
                        .toList());
    }

    /**
     * What the section no longer shows. The hub is drawn in its place while work goes on in it; a lock of several pieces is
     * gone with its last.
     */
    private static List<PartName> offSection(Bench<WheelEnd> bench) {
        List<Part> off = bench.ledger().onTray().stream()
                .filter(part -> part != Part.HUB)
                .toList();
        Set<PartName> stillOn = bench.plan().brief().stack().parts().stream()
                .map(StackedPart::part)
                .filter(part -> !off.contains(part))
                .flatMap(part -> part.drawn().stream())
                .collect(Collectors.toSet());
        return off.stream()
                .flatMap(part -> part.drawn().stream())
                .filter(name -> !stillOn.contains(name))
                .distinct()
                .sorted(Comparator.naturalOrder())
                .toList();
    }

    private static List<StageView> stages(Bench<WheelEnd> bench) {
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
                    entry.readings().stream().map(JobView::words).toList(),
                    entry.note());
        }
    }

    /**
     * A part on the tray.
     *
     * @param inHand whether the step to do now puts it on
     */
    record TrayView(Part part, String words, Fate fate, String fateWords, boolean inHand, Set<PartName> drawn) {

        static TrayView of(Ledger.Entry entry, Bench<WheelEnd> bench) {
            boolean inHand = bench.now().stream()
                    .flatMap(step -> step.moves().stream())
                    .filter(move -> move.kind().puts())
                    .map(PartMove::part)
                    .anyMatch(part -> part == entry.part());
            return new TrayView(
                    entry.part(),
                    entry.part().words(),
                    entry.fate(),
                    entry.fate().words(),
                    inHand,
                    entry.part().drawn());
        }
    }

    /** A part that can be called done with. */
    record CondemnableView(Part part, String words) {}

    /** A photo and the step it was taken at. */
    record JobPhotoView(UUID id, String stepId, String by, Instant at) {

        static Optional<JobPhotoView> of(RecordedEntry recorded) {
            return recorded.entry() instanceof JobEntry.PhotoTaken(String stepId, UUID photoId)
                    ? Optional.of(new JobPhotoView(photoId, stepId, recorded.by(), recorded.at()))
                    : Optional.empty();
        }
    }

    /** Which grease goes in. */
    record GreasedView(String name, String thickenerWords, String code, String batch) {

        static GreasedView of(JobEntry.Greased greased) {
            return new GreasedView(
                    greased.grease().name(),
                    greased.grease().thickener().words(),
                    greased.grease().code(),
                    greased.batch());
        }
    }

    /** What it waits for. */
    record WaitsView(String what, String bag, String orderedFrom) {

        static WaitsView of(JobEntry.Waits waits) {
            return new WaitsView(waits.what(), waits.bag(), waits.orderedFrom());
        }
    }
}
