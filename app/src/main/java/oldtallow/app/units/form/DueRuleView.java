package oldtallow.app.units.form;

import oldtallow.core.schedule.interval.DueAction;
import oldtallow.core.schedule.interval.DueRule;
import oldtallow.core.schedule.interval.Trigger;

/**
 * A rule of an interval as it is shown.
 *
 * @param words all of it, as a mechanic would say it
 */
public record DueRuleView(DueAction action, Trigger.Kind trigger, int number, String words) {

    public static DueRuleView of(DueRule rule) {
        return new DueRuleView(
                rule.action(), rule.trigger().kind(), rule.trigger().number(), rule.words());
    }
}
