package oldtallow.core.schedule.interval;

import java.util.List;

/**
 * What the intervals of a wheel end follow from where nobody says anything.
 *
 * @param springCap whether its cap is spring-loaded, and wants topping up between services
 */
public record Upkeep(Duty duty, boolean springCap) {

    /** Practices that are common practice for it, of different actions each. */
    public List<IntervalPractice> practices() {
        return springCap
                ? List.of(StandardIntervals.common(duty), StandardIntervals.springCap())
                : List.of(StandardIntervals.common(duty));
    }

    /** Of them all. */
    public List<DueRule> rules() {
        return practices().stream()
                .flatMap(practice -> practice.rules().stream())
                .toList();
    }

    /** What the rules of its duty go by. */
    public String source() {
        return StandardIntervals.common(duty).source();
    }
}
