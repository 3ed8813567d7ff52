package oldtallow.core.fastening.lock;

import java.util.List;
import oldtallow.core.quantity.Turn;

/**
 * A nut angle at which the lock goes in.
 *
 * @param at within [0, 1) turn
 * @param engagements every way of fitting the lock there, by mark; never empty
 */
public record LockPosition(Turn at, List<Engagement> engagements) {

    public LockPosition {
        engagements = List.copyOf(engagements);
    }
}
