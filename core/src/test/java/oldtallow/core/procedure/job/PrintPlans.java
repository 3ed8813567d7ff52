package oldtallow.core.procedure.job;

import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.stream.Collectors;
import oldtallow.core.procedure.brief.Choices;
import oldtallow.core.procedure.brief.JobBrief;
import oldtallow.core.procedure.step.Check;
import oldtallow.core.procedure.step.PartMove;
import oldtallow.core.procedure.step.Stage;
import oldtallow.core.procedure.step.Step;
import oldtallow.core.stock.Kit;

/** Prints plans as text, to be read through as the mechanic who must follow them: `scripts/plans`. */
final class PrintPlans {

    private PrintPlans() {}

    /** Words of the command line that a plan's heading must hold, none for all. */
    public static void main(String[] words) {
        var out = new PrintStream(System.out, true, StandardCharsets.UTF_8);
        Briefs.worthReading()
                .filter(brief -> {
                    String heading = heading(brief).toLowerCase(Locale.ROOT);
                    for (String word : words) {
                        if (!heading.contains(word.toLowerCase(Locale.ROOT))) {
                            return false;
                        }
                    }
                    return true;
                })
                .forEach(brief -> out.println(text(Planner.plan(brief))));
    }

    static String text(Plan plan) {
        var text = new StringBuilder();
        text.append("== ").append(heading(plan.brief())).append(" ==\n");
        text.append("kit: ")
                .append(Kit.of(plan).lines().stream()
                        .map(line -> line.part().words() + " (" + line.why().words() + ")")
                        .collect(Collectors.joining("; ")))
                .append('\n');
        Stage stage = null;
        int number = 0;
        for (Step step : plan.steps()) {
            if (step.stage() != stage) {
                stage = step.stage();
                text.append("-- ").append(stage.words()).append('\n');
            }
            number++;
            append(text, number, step);
        }
        return text.toString();
    }

    private static void append(StringBuilder text, int number, Step step) {
        text.append(String.format(Locale.ROOT, "%3d %s  [%s]%n", number, step.what(), step.id()));
        if (!step.why().isEmpty()) {
            text.append("      why: ").append(step.why()).append('\n');
        }
        step.how().forEach(line -> text.append("      - ").append(line).append('\n'));
        for (PartMove move : step.moves()) {
            text.append("      ")
                    .append(move.kind())
                    .append(' ')
                    .append(move.part().words())
                    .append('\n');
        }
        step.cautions()
                .forEach(one -> text.append("      ! ").append(one.title()).append('\n'));
        if (!step.tools().isEmpty()) {
            text.append("      with: ")
                    .append(step.tools().stream().map(tool -> tool.words()).collect(Collectors.joining(", ")))
                    .append('\n');
        }
        step.readings()
                .forEach(
                        kind -> text.append("      reads ").append(kind.words()).append('\n'));
        for (Check check : step.checks()) {
            text.append(check.must() ? "      must: " : "      see: ")
                    .append(check.says())
                    .append('\n');
        }
    }

    static String heading(JobBrief brief) {
        Choices choices = brief.choices();
        return brief.construction().words() + ", " + brief.scope().words() + ", " + brief.fastening() + ", "
                + brief.fittings().seal() + ", " + brief.fittings().cap() + ", "
                + brief.fittings().brake() + ", "
                + brief.fittings().spacing() + ", " + brief.fittings().snapRing() + ", "
                + brief.fittings().wheel() + ", "
                + brief.procedure().label() + (brief.isOnNewHub() ? ", hub brings " + choices.hubBrings() : "") + ", "
                + choices.inboardCone() + ", " + choices.races() + ", " + choices.cupRemoval() + ", "
                + choices.cleaning() + ", "
                + brief.worker() + (brief.condemned().isEmpty() ? "" : ", condemned " + brief.condemned());
    }
}
