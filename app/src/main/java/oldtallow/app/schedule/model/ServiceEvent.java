package oldtallow.app.schedule.model;

import java.time.LocalDate;
import java.util.UUID;
import oldtallow.core.schedule.interval.DueAction;
import org.jspecify.annotations.Nullable;

/**
 * Something that was done at a wheel end.
 *
 * @param jobId in which; null where it was done outside a job
 */
public record ServiceEvent(
        UUID id,
        UUID wheelEndId,
        Kind kind,
        LocalDate on,
        Source source,
        @Nullable UUID jobId,
        String person,
        String note) {

    /** What was done to the wheel end. */
    public enum Kind {
        RETORQUE(DueAction.RETORQUE),
        REPACK(DueAction.REPACK),
        RENEW(DueAction.RENEW),
        ADJUST(DueAction.ADJUST),
        INSPECT(DueAction.INSPECT),
        TOP_UP(DueAction.TOP_UP),
        /** The wheel was off and is on again: its nuts want their second torque. */
        WHEEL_OFF(null);

        private final @Nullable DueAction action;

        Kind(@Nullable DueAction action) {
            this.action = action;
        }

        /** Null for a wheel that was off. */
        public @Nullable DueAction action() {
            return action;
        }

        public String words() {
            return action == null ? "wheel off and on again" : action.done();
        }

        public static Kind of(DueAction action) {
            return valueOf(action.name());
        }
    }

    /** How it came to be on record. */
    public enum Source {
        JOB,
        SETTING,
        HAND
    }
}
