package oldtallow.core.stock;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import oldtallow.core.procedure.brief.Scope;

/**
 * What a job costs: parts, consumables, time. What has no price is named, never taken for nothing.
 *
 * @param time working time
 * @param hour what an hour of it costs; empty where the workshop has set none
 */
public record JobCost(Scope scope, List<Line> lines, Duration time, Optional<Money> hour) {

    public JobCost {
        lines = List.copyOf(lines);
    }

    /** What a line is for. */
    public enum For {
        PART,
        CONSUMABLE
    }

    /**
     * Something that is used up.
     *
     * @param price of all of it; empty where none is known
     */
    public record Line(For use, String what, Optional<Money> price) {}

    public Money of(For use) {
        return lines.stream()
                .filter(line -> line.use() == use)
                .flatMap(line -> line.price().stream())
                .reduce(Money.ZERO, Money::plus);
    }

    public Optional<Money> labour() {
        return hour.map(rate -> rate.forAnHourOver(time));
    }

    /** Of what has a price. */
    public Money total() {
        return of(For.PART).plus(of(For.CONSUMABLE)).plus(labour().orElse(Money.ZERO));
    }

    /** What has no price, so that the total is at least so much. */
    public List<String> unpriced() {
        return lines.stream()
                .filter(line -> line.price().isEmpty())
                .map(Line::what)
                .toList();
    }

    public boolean isWhole() {
        return hour.isPresent() && unpriced().isEmpty();
    }
}
