package oldtallow.app.schedule.api;

import org.springframework.boot.health.contributor.Health;
import org.springframework.boot.health.contributor.HealthIndicator;
import org.springframework.boot.health.contributor.Status;
import org.springframework.stereotype.Component;

/** Whether every date is worked out; after an upgrade that takes a while. */
@Component("dates")
class DueHealth implements HealthIndicator {

    static final Status CATCHING_UP = new Status("CATCHING_UP");

    private final DueCatchUp upkeep;

    DueHealth(DueCatchUp upkeep) {
        this.upkeep = upkeep;
    }

    @Override
    public Health health() {
        return Health.status(upkeep.isThrough() ? Status.UP : CATCHING_UP).build();
    }
}
