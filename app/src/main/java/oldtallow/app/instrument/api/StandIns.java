package oldtallow.app.instrument.api;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import oldtallow.standin.Simulated;
import oldtallow.standin.StandIn;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** Starts the simulated instruments with the demo, on neighbouring ports; a port that is taken does without its instrument. */
@Component
@ConditionalOnProperty("oldtallow.demo")
class StandIns implements DisposableBean {

    private static final Logger LOG = LoggerFactory.getLogger(StandIns.class);

    private final List<StandIn> started = new ArrayList<>();

    StandIns(@Value("${oldtallow.instrument-ports}") String ports) {
        int port = Integer.parseInt(ports.split("-", 2)[0]);
        for (Simulated kind : Simulated.values()) {
            try {
                started.add(StandIn.start(kind, port));
            } catch (IOException e) {
                LOG.info("No simulated {}: port {} is taken", kind, port);
            }
            port++;
        }
    }

    @Override
    public void destroy() throws IOException {
        for (StandIn one : started) {
            one.close();
        }
    }
}
