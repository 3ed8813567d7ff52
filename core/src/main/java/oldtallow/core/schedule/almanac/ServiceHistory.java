package oldtallow.core.schedule.almanac;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;
import oldtallow.core.schedule.interval.DueAction;

/**
 * What was last done at a wheel end.
 *
 * @param last of each action itself; an action that covers another counts for both
 * @param wheelOff when the wheel was last put back on
 * @param retorques how often its nuts were re-torqued since, 0 or more
 */
public record ServiceHistory(Map<DueAction, Serviced> last, Optional<Serviced> wheelOff, int retorques) {

    public static final ServiceHistory NONE = new ServiceHistory(Map.of(), Optional.empty(), 0);

    public ServiceHistory {
        last = Map.copyOf(last);
        if (retorques < 0) {
            throw new IllegalArgumentException("re-torqued " + retorques + " times");
        }
    }

    /** When this, or something that covers it, was last done. */
    public Optional<Serviced> lastFor(DueAction action) {
        Optional<Serviced> latest = Optional.empty();
        for (Map.Entry<DueAction, Serviced> one : last.entrySet()) {
            if (one.getKey().covers(action)
                    && latest.filter(found -> !one.getValue().isAfter(found)).isEmpty()) {
                latest = Optional.of(one.getValue());
            }
        }
        return latest;
    }

    /** When the nuts were re-torqued last since the wheel was off. */
    Optional<Serviced> lastRetorque() {
        return retorques == 0 ? Optional.empty() : Optional.ofNullable(last.get(DueAction.RETORQUE));
    }

    /** The same history with something more done. */
    public ServiceHistory with(DueAction action, Serviced done) {
        Map<DueAction, Serviced> more = new EnumMap<>(DueAction.class);
        more.putAll(last);
        more.merge(action, done, (a, b) -> b.isAfter(a) ? b : a);
        return new ServiceHistory(more, wheelOff, action == DueAction.RETORQUE ? retorques + 1 : retorques);
    }

    /** The same history after the wheel was off and on again: its nuts want their torque anew. */
    public ServiceHistory withWheelOff(Serviced on) {
        Map<DueAction, Serviced> others = new EnumMap<>(DueAction.class);
        others.putAll(last);
        others.remove(DueAction.RETORQUE);
        return new ServiceHistory(others, Optional.of(on), 0);
    }
}
