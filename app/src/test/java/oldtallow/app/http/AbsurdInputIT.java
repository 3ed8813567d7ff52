package oldtallow.app.http;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import oldtallow.app.testing.AbsurdBodies;
import oldtallow.app.testing.Endpoints;
import oldtallow.app.testing.Endpoints.Endpoint;
import oldtallow.app.testing.Faults;
import oldtallow.app.testing.Http;
import oldtallow.app.testing.Http.Answer;
import oldtallow.app.testing.RunningOldTallow;
import org.junit.jupiter.api.Test;

/**
 * Absurd bodies at every endpoint that works something out or saves it. Allowed are answers with finite numbers in range, and
 * problems that name a field and its remedy; never a failure of the application itself. Four thousand here, since twenty take six
 * minutes; {@code scripts/measure absurd} throws twenty.
 */
class AbsurdInputIT {

    private static final int BODIES = Integer.getInteger("oldtallow.absurd-bodies", 4_000);
    private static final int SHOWN = 600;

    @Test
    void noBodyMakesNonsenseOrBreaksAnything() {
        try (RunningOldTallow app = RunningOldTallow.withDemo()) {
            Http device = app.http();
            var random = new Random(20261129);
            var endpoints = new Endpoints(device, random);
            List<Endpoint> all =
                    endpoints.all().stream().filter(Endpoint::takesABody).toList();
            var bodies = new AbsurdBodies(endpoints.document(), random, endpoints.ids());
            Map<String, String> wrong = new TreeMap<>();
            Map<Integer, Integer> statuses = new TreeMap<>();
            for (int i = 0; i < BODIES; i++) {
                Endpoint endpoint = all.get(i % all.size());
                String path = endpoints.path(endpoint);
                String body = bodies.body(endpoint.operation());
                Answer answer = endpoint.method().equals("post") ? device.post(path, body) : device.put(path, body);
                statuses.merge(answer.status(), 1, Integer::sum);
                String fault = Faults.of(answer);
                if (!fault.isEmpty()) {
                    wrong.putIfAbsent(
                            endpoint.method() + " " + endpoint.path() + ": " + fault,
                            start(body) + "\n    -> " + answer.status() + " " + start(answer.text()));
                }
            }
            assertThat(wrong).isEmpty();
            assertThat(statuses.getOrDefault(200, 0))
                    .as("bodies that got through")
                    .isGreaterThan(BODIES / 20);
        }
    }

    private static String start(String text) {
        return text.substring(0, Math.min(SHOWN, text.length()));
    }
}
