package oldtallow.app.register.model;

import oldtallow.core.fastening.lock.LockPattern;
import oldtallow.core.fastening.thread.ScrewThread;
import oldtallow.core.quantity.Length;
import org.jspecify.annotations.Nullable;

/**
 * The adjusting nut of a wheel end.
 *
 * @param threadDesignation as the trade writes it, such as 1-14 UNS
 */
public record SpindleNut(
        String threadDesignation,
        ScrewThread thread,
        LockPattern lock,
        @Nullable Length washerThickness) {}
