package oldtallow.app.units.form;

import java.util.ArrayList;
import java.util.List;
import oldtallow.core.refusal.FieldErrors;
import oldtallow.core.schedule.interval.DueAction;
import oldtallow.core.schedule.interval.DueRule;
import oldtallow.core.schedule.interval.Trigger;
import org.jspecify.annotations.Nullable;

/**
 * A rule of an interval.
 *
 * @param number months, km or times; of a season's end month times 100 plus day, such as 1031
 */
public record DueRuleForm(
        DueAction action,
        Trigger.@Nullable Kind trigger,
        @Nullable Integer number) {

    public static DueRuleForm of(DueRule rule) {
        return new DueRuleForm(
                rule.action(), rule.trigger().kind(), rule.trigger().number());
    }

    /** The rules; what is wrong with any is noted under {@code path}. */
    public static List<DueRule> toRules(String path, List<DueRuleForm> forms, FieldErrors errors) {
        List<DueRule> rules = new ArrayList<>();
        for (int i = 0; i < forms.size(); i++) {
            @Nullable DueRule rule = forms.get(i).toRule(path + "[" + i + "]", errors);
            if (rule != null) {
                rules.add(rule);
            }
        }
        return rules;
    }

    private @Nullable DueRule toRule(String path, FieldErrors errors) {
        if (trigger == null) {
            errors.add(path + ".trigger", null, "is missing; a rule needs what makes it due, such as MONTHS");
            return null;
        }
        if (number == null) {
            errors.add(path + ".number", null, "is missing; say how many " + trigger.unit());
            return null;
        }
        @Nullable Trigger made = errors.at(path + ".number", () -> trigger.of(number));
        return made == null ? null : errors.at(path + ".trigger", () -> new DueRule(action, made));
    }
}
