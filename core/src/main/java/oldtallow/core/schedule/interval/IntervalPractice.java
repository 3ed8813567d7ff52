package oldtallow.core.schedule.interval;

import java.util.Collection;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * When it is done again, by one of the trade's practices.
 *
 * @param id the same for ever
 * @param bySource rules by what each goes by, what the practice is named for first; of an action the sooner counts
 */
public record IntervalPractice(String id, String name, Map<String, List<DueRule>> bySource) {

    public IntervalPractice {
        var kept = new LinkedHashMap<String, List<DueRule>>();
        bySource.forEach((source, rules) -> kept.put(source, List.copyOf(rules)));
        bySource = Collections.unmodifiableMap(kept);
    }

    public List<DueRule> rules() {
        return bySource.values().stream().flatMap(Collection::stream).toList();
    }

    /** Of the rules it is named for. */
    public String source() {
        return bySource.keySet().iterator().next();
    }
}
