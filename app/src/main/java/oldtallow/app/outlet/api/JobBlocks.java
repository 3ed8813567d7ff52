package oldtallow.app.outlet.api;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import oldtallow.app.outlet.model.ServiceSheet.Line;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.core.procedure.bench.Bench;
import oldtallow.core.procedure.bench.JobEntry;
import oldtallow.core.procedure.bench.RecordedEntry;
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
                found.add(new Line(
                        "not to go back",
                        parts.stream().map(part -> part.words()).collect(Collectors.joining(", "))
                                + (reason.isEmpty() ? "" : ": " + reason)));
            } else if (entry instanceof JobEntry.SettingReopened(var shown, String what)) {
                found.add(new Line(
                        "after the drive", shown.words() + ", set again" + (what.isEmpty() ? "" : ": " + what)));
            }
        });
        return found;
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
