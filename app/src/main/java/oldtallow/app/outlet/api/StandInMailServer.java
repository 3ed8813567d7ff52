package oldtallow.app.outlet.api;

import java.util.Objects;
import oldtallow.standin.MailBox;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** Starts the simulated mail server with the demo; where its port is taken there is none, and mails tell so. */
@Component
@ConditionalOnProperty("oldtallow.demo")
class StandInMailServer implements DisposableBean {

    private static final Logger LOG = LoggerFactory.getLogger(StandInMailServer.class);

    private final @Nullable MailBox box;

    StandInMailServer(@Value("${oldtallow.mail-stand-in-port}") int port) {
        box = start(port);
    }

    /** Where mails of the demo lie. */
    MailBox box() {
        return Objects.requireNonNull(box, "its port is taken");
    }

    private static @Nullable MailBox start(int port) {
        try {
            return MailBox.start(port);
        } catch (IllegalStateException e) {
            LOG.info("No simulated mail server: {}", e.getMessage());
            return null;
        }
    }

    @Override
    public void destroy() {
        if (box != null) {
            box.close();
        }
    }
}
