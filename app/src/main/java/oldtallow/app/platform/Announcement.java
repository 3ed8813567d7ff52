package oldtallow.app.platform;

import java.util.Objects;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Tells the person at the terminal where to go, once everything answers. */
@Component
class Announcement {

    @EventListener
    void ready(ApplicationReadyEvent event) {
        if (event.getApplicationContext() instanceof WebServerApplicationContext web) {
            int port = Objects.requireNonNull(web.getWebServer()).getPort();
            System.out.println("Old Tallow is ready at http://127.0.0.1:" + port + "  (Ctrl-C stops it)");
        }
    }
}
