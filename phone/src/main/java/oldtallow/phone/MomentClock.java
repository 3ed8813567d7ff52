package oldtallow.phone;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneId;

/** Stands at the moment of the request that is answered: what waited is worked out again as of then. */
final class MomentClock extends Clock {

    private final ZoneId zone;
    private Instant moment = Instant.EPOCH;

    MomentClock(ZoneId zone) {
        this.zone = zone;
    }

    void is(Instant now) {
        moment = now;
    }

    @Override
    public Instant instant() {
        return moment;
    }

    @Override
    public ZoneId getZone() {
        return zone;
    }

    @Override
    public Clock withZone(ZoneId other) {
        var there = new MomentClock(other);
        there.is(moment);
        return there;
    }
}
