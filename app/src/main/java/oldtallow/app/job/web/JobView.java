package oldtallow.app.job.web;

import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import oldtallow.app.job.api.JobRecords;
import oldtallow.app.job.form.ChoiceAskedView;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.core.hub.Fittings;
import oldtallow.core.hub.Fittings.CapKind;
import oldtallow.core.hub.part.Fate;
import oldtallow.core.hub.part.Part;
import oldtallow.core.hub.part.StackedPart;
import oldtallow.core.hub.section.PartName;
import oldtallow.core.procedure.bench.Bench;
import oldtallow.core.procedure.bench.Job;
import oldtallow.core.procedure.bench.JobEntry;
import oldtallow.core.procedure.bench.RecordedEntry;
import oldtallow.core.procedure.brief.Absence;
import oldtallow.core.procedure.brief.Choices;
import oldtallow.core.procedure.brief.JobBrief.Worker;
import oldtallow.core.procedure.brief.Scope;
import oldtallow.core.procedure.job.Ledger;
import oldtallow.core.procedure.step.PartMove;
import org.jspecify.annotations.Nullable;

/**
 * A job as the bench shows it.
 *
 * @param choosable what is still to choose among
 * @param number of its latest entry; grows with each
 * @param greased which grease goes in; null until somebody says
 * @param comparison findings beside those of the other side and of last time, in sentences
 */
record JobView(
        UUID id,
        Job.State state,
        JobHubView hub,
        Scope scope,
        String scopeWords,
        Choices choices,
        List<ChoiceAskedView> choosable,
        Worker worker,
        Instant openedAt,
        int number,
        WalkView walk,
        RoundView round,
        JobPartsView parts,
        ClosingView closing,
        @Nullable GreasedView greased,
        @Nullable WaitsView waits,
        @Nullable DiagnosisView firstLook,
        List<JudgingView> judgings,
        List<String> comparison,
        List<JobPhotoView> photos,
        List<JobNoteView> notes) {

    static JobView of(Bench<WheelEnd> bench, JobRecords.Remarks remarks) {
        return new JobView(
                bench.job().id(),
                bench.job().state(),
                JobHubView.of(bench.end()),
                bench.plan().brief().scope(),
                bench.plan().brief().scope().words(),
                bench.plan().brief().choices(),
                remarks.choices().stream().map(ChoiceAskedView::of).toList(),
                bench.job().worker(),
                bench.job().openedAt(),
                bench.entries().size(),
                WalkView.of(bench, remarks),
                RoundView.of(bench, remarks),
                JobPartsView.of(bench),
                ClosingView.of(bench, remarks),
                bench.greased().map(GreasedView::of).orElse(null),
                bench.waits().map(WaitsView::of).orElse(null),
                DiagnosisView.of(bench),
                JudgingView.of(bench),
                remarks.comparison(),
                bench.entries().stream()
                        .flatMap(recorded -> JobPhotoView.of(recorded).stream())
                        .toList(),
                bench.standing().stream()
                        .flatMap(recorded -> JobNoteView.of(recorded).stream())
                        .toList());
    }

    /**
     * Whose hub it is.
     *
     * @param springCap whether its cap is spring-loaded, which seeps a little by its nature
     */
    record JobHubView(
            UUID wheelEndId, UUID rigId, String rigName, String position, String construction, boolean springCap) {

        static JobHubView of(WheelEnd end) {
            return new JobHubView(
                    end.id(),
                    end.rigId(),
                    end.rigName(),
                    end.positionName(),
                    end.construction().words(),
                    end.build().fittings().cap() == CapKind.SPRING_LOADED);
        }
    }

    /**
     * Where the hub's parts are.
     *
     * @param condemnable parts that can be called done with now
     * @param absent parts that turned out not to be on this hub
     * @param offSection what of the section is not on the wheel end now
     */
    record JobPartsView(
            List<TrayView> tray,
            List<CondemnableView> condemnable,
            List<AbsentView> absent,
            List<PartName> offSection) {

        static JobPartsView of(Bench<WheelEnd> bench) {
            return new JobPartsView(
                    bench.ledger().entries().stream()
                            .filter(Ledger.Entry::isOnTray)
                            .map(entry -> TrayView.of(entry, bench))
                            .toList(),
                    bench.condemnable().stream()
                            .map(part -> new CondemnableView(part, part.words()))
                            .toList(),
                    bench.plan().brief().absent().stream()
                            .sorted()
                            .map(part -> AbsentView.of(part, bench.end()))
                            .toList(),
                    JobView.offSection(bench));
        }
    }

    /**
     * What it takes to close it.
     *
     * @param openChecks no entry has met yet
     * @param settingRecorded whether the nut's setting was put on record since the job began
     * @param toAnswerFor apprentices whose steps, verdicts or setting stand in it
     * @param hindrances why it cannot be closed yet
     */
    record ClosingView(
            List<String> openChecks, boolean settingRecorded, List<String> toAnswerFor, List<String> hindrances) {

        static ClosingView of(Bench<WheelEnd> bench, JobRecords.Remarks remarks) {
            return new ClosingView(
                    bench.open().stream().map(check -> check.says()).toList(),
                    remarks.settingIsRecorded(),
                    remarks.toAnswerFor(),
                    remarks.hindrances());
        }
    }

    /**
     * What the section no longer shows, and what this hub never had. The hub is drawn in its place while work goes on in it; a
     * lock of several pieces is gone with its last.
     */
    private static List<PartName> offSection(Bench<WheelEnd> bench) {
        List<Part> off = Stream.concat(
                        bench.ledger().onTray().stream().filter(part -> part != Part.HUB),
                        bench.plan().brief().absent().stream())
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

    /**
     * A part that is not on this hub.
     *
     * @param onRecord whether the wheel end's record has it
     */
    record AbsentView(Part part, String words, boolean onRecord) {

        static AbsentView of(Part part, WheelEnd end) {
            Fittings fittings = end.build().fittings();
            boolean onRecord = !Absence.without(Set.of(part), fittings).equals(fittings);
            return new AbsentView(part, part.words(), onRecord);
        }
    }

    /**
     * A photo and the step it was taken at.
     *
     * @param part what it shows; null where nobody said
     */
    record JobPhotoView(UUID id, String stepId, @Nullable Part part, String by, Instant at) {

        static Optional<JobPhotoView> of(RecordedEntry recorded) {
            return recorded.entry() instanceof JobEntry.PhotoTaken(String stepId, UUID photoId, var part)
                    ? Optional.of(new JobPhotoView(photoId, stepId, part, recorded.by(), recorded.at()))
                    : Optional.empty();
        }
    }

    /** A note and the step it was taken at. */
    record JobNoteView(String stepId, String words, String by, Instant at) {

        static Optional<JobNoteView> of(RecordedEntry recorded) {
            return recorded.entry() instanceof JobEntry.Noted(String stepId, String words)
                    ? Optional.of(new JobNoteView(stepId, words, recorded.by(), recorded.at()))
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
