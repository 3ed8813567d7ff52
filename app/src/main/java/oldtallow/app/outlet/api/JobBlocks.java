package oldtallow.app.outlet.api;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import oldtallow.app.outlet.model.ServiceSheet.Line;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.core.hub.part.Part;
import oldtallow.core.procedure.bench.Bench;
import oldtallow.core.procedure.bench.JobEntry;
import oldtallow.core.procedure.bench.RecordedEntry;
import oldtallow.core.procedure.step.Step;
import oldtallow.core.quantity.ReadingUnit;
import oldtallow.core.quantity.Torque;

/** What a job says of itself on its sheet. */
final class JobBlocks {

    private JobBlocks() {}

    /** What was judged and how, what was let go, and what the drive showed. */
    static List<Line> found(Bench<WheelEnd> bench) {
        List<Line> found = new ArrayList<>();
        bench.judged()
                .forEach((item, judged) -> found.add(new Line(
                        item.words(),
                        (judged.findings().isEmpty()
                                        ? "nothing found"
                                        : judged.findings().stream()
                                                .map(finding -> finding.words())
                                                .collect(Collectors.joining("; ")))
                                + bench.outcome(item)
                                        .map(outcome -> ": " + outcome.words())
                                        .orElse("")
                                + Optional.ofNullable(judged.overruled())
                                        .map(outcome -> ", overruled: " + judged.overruleReason())
                                        .orElse(""))));
        bench.standing().stream().map(RecordedEntry::entry).forEach(entry -> {
            if (entry instanceof JobEntry.Waived(String check, String reason)) {
                found.add(new Line("let go", check + ": " + reason));
            } else if (entry instanceof JobEntry.Condemned(var parts, String reason)) {
                found.add(new Line("not to go back", words(parts) + (reason.isEmpty() ? "" : ": " + reason)));
            } else if (entry instanceof JobEntry.NotHere(String stepId, var parts)) {
                found.add(new Line("not on this hub", words(parts)));
            } else if (entry instanceof JobEntry.WayChosen one) {
                found.add(new Line(
                        one.choice().words().toLowerCase(Locale.ROOT),
                        one.chosen().words()));
            } else if (entry instanceof JobEntry.Noted(String stepId, String words)) {
                found.add(new Line("noted", called(stepId, bench) + ": " + words));
            } else if (entry instanceof JobEntry.SettingReopened(var shown, String what)) {
                found.add(new Line(
                        "after the drive", shown.words() + ", set again" + (what.isEmpty() ? "" : ": " + what)));
            }
        });
        bench.done().stream()
                .filter(one -> !one.entry().note().isEmpty())
                .forEach(one -> found.add(
                        new Line("noted", one.step().what() + ": " + one.entry().note())));
        return found;
    }

    private static String words(Set<Part> parts) {
        return parts.stream().sorted().map(Part::words).collect(Collectors.joining(", "));
    }

    /** A step that this job has or had. */
    private static String called(String stepId, Bench<WheelEnd> bench) {
        return Stream.concat(bench.done().stream().map(Bench.Done::step), bench.plan().steps().stream())
                .filter(step -> step.id().equals(stepId))
                .map(Step::what)
                .findFirst()
                .orElse(stepId);
    }

    /** Everything that was measured, in the order it was. */
    static List<Line> readings(Bench<WheelEnd> bench) {
        return bench.standing().stream()
                .map(RecordedEntry::entry)
                .flatMap(entry -> switch (entry) {
                    case JobEntry.StepDone done -> done.readings().stream();
                    case JobEntry.RunDone(var steps, var added, var judged) ->
                        Stream.concat(
                                steps.stream().flatMap(done -> done.readings().stream()),
                                added.stream().flatMap(one -> one.readings().stream()));
                    case JobEntry.Added added -> added.readings().stream();
                    default -> Stream.empty();
                })
                .map(taken -> new Line(taken.kind().words(), measured(taken)))
                .toList();
    }

    private static String measured(JobEntry.Taken taken) {
        String own =
                SheetWords.number(taken.value(), 2) + " " + taken.kind().unit().symbol();
        return taken.kind().unit() == ReadingUnit.NEWTON_METRE
                ? own + " ("
                        + SheetWords.number(Torque.ofNewtonMetres(taken.value()).poundForceFeet(), 0) + " lbf·ft)"
                : own;
    }
}
