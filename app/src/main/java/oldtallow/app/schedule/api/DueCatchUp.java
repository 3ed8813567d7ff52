package oldtallow.app.schedule.api;

import java.time.Duration;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.identity.access.SignedIn;
import oldtallow.app.identity.api.Workshops;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;

/**
 * Works out at each start, in the background, what an upgrade left to be worked out anew: else nothing of a rig would be due until
 * somebody touched it.
 */
@Component
class DueCatchUp implements DueProgress {

    private static final Logger LOG = LoggerFactory.getLogger(DueCatchUp.class);

    private static final Duration BEFORE_NEXT_TRY = Duration.ofSeconds(10);

    private final Workshops workshops;
    private final DueRenewal dues;
    private volatile boolean through;

    DueCatchUp(Workshops workshops, DueRenewal dues) {
        this.workshops = workshops;
        this.dues = dues;
    }

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        Thread.ofVirtual().name("dates after an upgrade").start(this::all);
    }

    @Override
    public boolean isThrough() {
        return through;
    }

    /** Until every workshop's are; a lost database is waited for. */
    private void all() {
        Set<UUID> done = new HashSet<>();
        while (!through) {
            try {
                List<SignedIn> left = workshops.owners().stream()
                        .filter(owner -> !done.contains(owner.workshopId()))
                        .toList();
                left.forEach(owner -> {
                    if (isComplete(owner)) {
                        done.add(owner.workshopId());
                    }
                });
                through = left.stream().allMatch(owner -> done.contains(owner.workshopId()));
            } catch (DataAccessException e) {
                LOG.warn("the dates of no workshop can be worked out: {}", e.toString());
            }
            if (!through && !pause()) {
                return;
            }
        }
    }

    private boolean isComplete(SignedIn owner) {
        try {
            CurrentPerson.as(owner, () -> {
                dues.complete();
                return owner;
            });
            return true;
        } catch (RuntimeException e) {
            LOG.warn("the dates of one workshop are not worked out yet: {}", e.toString());
            return false;
        }
    }

    private static boolean pause() {
        try {
            Thread.sleep(BEFORE_NEXT_TRY);
            return true;
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            return false;
        }
    }
}
