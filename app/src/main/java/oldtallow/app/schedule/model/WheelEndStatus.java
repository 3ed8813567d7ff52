package oldtallow.app.schedule.model;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.register.model.WheelEndName;
import oldtallow.core.schedule.almanac.Due;
import oldtallow.core.schedule.almanac.GoverningRule;
import oldtallow.core.schedule.almanac.ServiceHistory;
import oldtallow.core.schedule.interval.HubState;
import org.jspecify.annotations.Nullable;

/**
 * How a wheel end stands.
 *
 * @param rules that hold here
 * @param dues most pressing first; empty where nothing is known to count from
 * @param openJobId job that is not over on this wheel end
 */
public record WheelEndStatus(
        WheelEndName wheelEnd,
        HubState state,
        Optional<DueBasis.LastSetting> lastSetting,
        ServiceHistory history,
        List<GoverningRule> rules,
        List<Due> dues,
        @Nullable UUID openJobId) {

    public WheelEndStatus {
        rules = List.copyOf(rules);
        dues = List.copyOf(dues);
    }

    /** What presses most. */
    public Optional<Due> due() {
        return dues.stream().findFirst();
    }

    /** Days until that is due; negative once it is overdue. */
    public Optional<Long> daysLeft(LocalDate today) {
        return due().map(due -> ChronoUnit.DAYS.between(today, due.when().likely()));
    }

    /** The rule that governs: of what presses most, else the first there is. */
    public GoverningRule governs() {
        return due().map(Due::governs).orElseGet(rules::getFirst);
    }
}
