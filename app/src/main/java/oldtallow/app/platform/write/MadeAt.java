package oldtallow.app.platform.write;

import java.time.Clock;
import java.time.DateTimeException;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import oldtallow.core.refusal.InvalidInputException;
import org.jspecify.annotations.Nullable;

/**
 * When an entry was made that waited on a device for a line: it is written down as of then, and worked out as of then. The device
 * says so by its own clock, put right by what the server told it last.
 */
final class MadeAt {

    static final String HEADER = "Entry-Made-At";

    /** A device that lay in a camper over the winter still brings what it has. */
    static final Duration LONGEST = Duration.ofDays(400);

    private static final ThreadLocal<@Nullable Instant> MOMENT = new ThreadLocal<>();

    private MadeAt() {}

    /**
     * What this thread does next was done then. Nothing is done in the future: a clock that is ahead says no more than now.
     *
     * @throws InvalidInputException where it is no moment, or one over 400 days ago
     */
    static void is(String told, Instant now) {
        Instant then;
        try {
            then = Instant.parse(told);
        } catch (DateTimeException e) {
            throw new InvalidInputException(HEADER, told, "must be a moment, such as 2026-05-09T10:41:07.250Z");
        }
        if (then.isBefore(now.minus(LONGEST))) {
            throw new InvalidInputException(
                    HEADER,
                    told,
                    "is over " + LONGEST.toDays() + " days ago; set the clock of the device and enter it anew");
        }
        MOMENT.set(then.isAfter(now) ? now : then);
    }

    static void isOver() {
        MOMENT.remove();
    }

    /** The clock by which everybody works, put back for whoever brings what was made before. */
    static Clock over(Clock real) {
        return real instanceof Then ? real : new Then(real);
    }

    private static final class Then extends Clock {

        private final Clock real;

        private Then(Clock real) {
            this.real = real;
        }

        @Override
        public Instant instant() {
            Instant then = MOMENT.get();
            return then == null ? real.instant() : then;
        }

        @Override
        public ZoneId getZone() {
            return real.getZone();
        }

        @Override
        public Clock withZone(ZoneId zone) {
            return new Then(real.withZone(zone));
        }
    }
}
