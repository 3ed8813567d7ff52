package oldtallow.core.schedule.almanac;

import java.time.LocalDate;
import oldtallow.core.schedule.distance.DueRange;
import oldtallow.core.schedule.interval.DueAction;

/**
 * Something that falls due.
 *
 * @param when by all its rules: whichever comes first
 * @param governs the rule that comes first
 * @param since what it is counted from
 */
public record Due(DueAction action, DueRange when, GoverningRule governs, Serviced since) {

    /** Day by which it is sorted: earlier than it is due by what is at stake; it does not change as days go by. */
    public LocalDate attentionOn() {
        return when.likely().minusDays(action.leadDays());
    }
}
