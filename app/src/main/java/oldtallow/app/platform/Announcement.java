package oldtallow.app.platform;

import oldtallow.app.platform.security.OwnAddress;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Tells the person at the terminal where to go, once everything answers. */
@Component
class Announcement {

    private final OwnAddress address;

    Announcement(OwnAddress address) {
        this.address = address;
    }

    @EventListener
    @Order(Ordered.HIGHEST_PRECEDENCE)
    void ready(ApplicationReadyEvent event) {
        System.out.println("Old Tallow is ready at " + address.base() + "  (Ctrl-C stops it)");
    }
}
