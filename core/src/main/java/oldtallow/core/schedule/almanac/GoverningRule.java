package oldtallow.core.schedule.almanac;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import oldtallow.core.schedule.figure.Authority;
import oldtallow.core.schedule.figure.FigureValue;
import oldtallow.core.schedule.figure.FigureValue.Interval;
import oldtallow.core.schedule.figure.GoverningFigure;
import oldtallow.core.schedule.interval.DueAction;
import oldtallow.core.schedule.interval.DueRule;
import oldtallow.core.schedule.interval.Duty;
import oldtallow.core.schedule.interval.Severity;
import oldtallow.core.schedule.interval.Trigger;

/**
 * A rule that holds at a wheel end, and whose it is.
 *
 * @param rule as it stands on file
 * @param trigger as hard use leaves it
 * @param hardUse why it is shorter than on file; empty where it is not
 */
public record GoverningRule(DueRule rule, Trigger trigger, Authority authority, String source, String hardUse) {

    private record Settled(DueAction action, Trigger.Group group) {}

    /**
     * Rules that hold, of figures from the governing one down: each action and group of triggers goes by the first that says
     * anything of it.
     *
     * @param duty whose practice stands at the bottom: what that practice was made for does not shorten it again
     */
    public static List<GoverningRule> among(List<GoverningFigure<FigureValue>> ladder, Set<Severity> uses, Duty duty) {
        Set<Severity> beyond = new HashSet<>(uses);
        beyond.removeAll(duty.allowsFor());
        List<GoverningRule> rules = new ArrayList<>();
        Set<Settled> settled = new HashSet<>();
        for (GoverningFigure<FigureValue> figure : ladder) {
            if (figure.value() instanceof Interval(List<DueRule> said)) {
                said.stream()
                        .filter(rule -> !settled.contains(groupOf(rule)))
                        .map(rule -> of(rule, figure, figure.authority() == Authority.COMMON_PRACTICE ? beyond : uses))
                        .forEach(rules::add);
                said.forEach(rule -> settled.add(groupOf(rule)));
            }
        }
        return List.copyOf(rules);
    }

    private static Settled groupOf(DueRule rule) {
        return new Settled(rule.action(), rule.trigger().kind().group());
    }

    private static GoverningRule of(DueRule rule, GoverningFigure<FigureValue> figure, Set<Severity> uses) {
        Trigger trigger = figure.authority() == Authority.MAKER
                ? rule.trigger()
                : Severity.shortened(rule.action(), rule.trigger(), uses);
        String hardUse = trigger.equals(rule.trigger())
                ? ""
                : EnumSet.copyOf(uses).stream().map(Severity::words).collect(Collectors.joining(", "));
        return new GoverningRule(rule, trigger, figure.authority(), figure.source(), hardUse);
    }

    DueAction action() {
        return rule.action();
    }
}
