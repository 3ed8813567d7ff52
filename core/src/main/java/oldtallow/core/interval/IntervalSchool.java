package oldtallow.core.interval;

import java.util.List;

/**
 * When it is done again, by one of the trade's schools.
 *
 * @param id the same for ever
 * @param rules of an action the sooner counts
 */
public record IntervalSchool(String id, String name, List<DueRule> rules, String source) {

    public IntervalSchool {
        rules = List.copyOf(rules);
    }
}
