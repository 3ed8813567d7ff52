package oldtallow.app.testing;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;

/** The machine's clock, put forward or back as somebody might do. */
final class LeapingClock extends Clock {

    private final Clock machine;
    private volatile Duration off = Duration.ZERO;

    LeapingClock(Clock machine) {
        this.machine = machine;
    }

    void leap(Duration by) {
        off = off.plus(by);
    }

    @Override
    public ZoneId getZone() {
        return machine.getZone();
    }

    @Override
    public Clock withZone(ZoneId zone) {
        throw new UnsupportedOperationException("one machine, one zone");
    }

    @Override
    public Instant instant() {
        return machine.instant().plus(off);
    }
}
