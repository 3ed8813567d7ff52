package oldtallow.app.almanac;

import oldtallow.app.walls.Asker;
import oldtallow.app.walls.SignedIn;
import oldtallow.app.workshop.Workshops;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * Works out at each start, in the background, what an upgrade left to be worked out anew: else nothing of a rig would be due until
 * somebody touched it.
 */
@Component
class DueUpkeep {

    private static final Logger LOG = LoggerFactory.getLogger(DueUpkeep.class);

    private final Workshops workshops;
    private final DueBook book;
    private volatile boolean through;

    DueUpkeep(Workshops workshops, DueBook book) {
        this.workshops = workshops;
        this.book = book;
    }

    @EventListener(ApplicationReadyEvent.class)
    void begin() {
        Thread.ofVirtual().name("dates after an upgrade").start(this::all);
    }

    /** Whether every date of every rig is worked out, so that what is not on a list is not due. */
    boolean isThrough() {
        return through;
    }

    private void all() {
        for (SignedIn owner : workshops.owners()) {
            try {
                Asker.as(owner, () -> {
                    book.complete();
                    return owner;
                });
            } catch (RuntimeException e) {
                LOG.warn("Dates of one workshop are not worked out yet: {}", e.toString());
                return; // and so is not through
            }
        }
        through = true;
    }
}
