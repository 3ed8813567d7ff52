package oldtallow.app.http;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import oldtallow.app.testing.Endpoints;
import oldtallow.app.testing.Endpoints.Endpoint;
import oldtallow.app.testing.Faults;
import oldtallow.app.testing.Http;
import oldtallow.app.testing.Http.Answer;
import oldtallow.app.testing.PlausibleBodies;
import oldtallow.app.testing.RunningOldTallow;
import org.junit.jupiter.api.Test;

/**
 * What clients of the served document could ask, drawn from it: no failure, no answer of more than 5 MB, none that takes longer
 * than 5 s. Most bodies pass validation, so that what lies behind it is reached. Five thousand here; {@code scripts/measure fuzz}
 * asks a hundred thousand.
 */
class FuzzIT {

    private static final int REQUESTS = Integer.getInteger("oldtallow.fuzz-requests", 5_000);
    private static final long SEED = Long.getLong("oldtallow.fuzz-seed", 20261130);
    private static final Duration LONGEST = Duration.ofSeconds(5);
    private static final double PASSING = 0.8;
    private static final int SHOWN = 600;

    private final Map<String, String> wrong = new TreeMap<>();
    private final Map<String, int[]> bodies = new TreeMap<>();

    @Test
    void nothingAskedByTheDocumentBreaksAnything() {
        try (RunningOldTallow app = RunningOldTallow.withDemo()) {
            var random = new Random(SEED);
            var endpoints = new Endpoints(app.http(), random);
            var plausible = new PlausibleBodies(endpoints, random);
            List<Endpoint> all = endpoints.all();
            assertThat(all)
                    .filteredOn(Endpoint::takesABody)
                    .as("each has a body that was taken once, in fuzz/bodies.json")
                    .allMatch(plausible::has);
            for (int i = 0; i < REQUESTS; i++) {
                Endpoint endpoint = all.get(random.nextInt(all.size()));
                while (refusesMost(endpoint) && random.nextInt(8) > 0) {
                    endpoint = all.get(random.nextInt(all.size()));
                }
                endpoints.another();
                String body = endpoint.takesABody() ? plausible.body(endpoint) : "";
                ask(app.http(), endpoint, endpoints.path(endpoint), body);
            }
            assertThat(wrong).isEmpty();
            int sent = bodies.values().stream().mapToInt(counts -> counts[0]).sum();
            int passed = bodies.values().stream().mapToInt(counts -> counts[1]).sum();
            System.out.println(passed + " of " + sent + " bodies passed validation");
            assertThat(passed)
                    .as("bodies that passed validation: %s", refusing())
                    .isGreaterThan((int) (PASSING * sent));
        }
    }

    private void ask(Http device, Endpoint endpoint, String path, String body) {
        long begun = System.nanoTime();
        Answer answer = switch (endpoint.method()) {
            case "get" -> device.get(path);
            case "delete" -> device.delete(path);
            case "post" -> device.post(path, body);
            default -> device.put(path, body);
        };
        String fault = Faults.of(answer);
        if (System.nanoTime() - begun > LONGEST.toNanos()) {
            fault = "took more than 5 s";
        }
        if (endpoint.takesABody()) {
            int[] counts = bodies.computeIfAbsent(endpoint.method() + " " + endpoint.path(), key -> new int[2]);
            counts[0]++;
            counts[1] += answer.status() == 400 || answer.status() == 422 ? 0 : 1;
        }
        if (!fault.isEmpty()) {
            wrong.putIfAbsent(
                    endpoint.method() + " " + endpoint.path() + ": " + fault,
                    path + " " + start(body) + "\n    -> " + answer.status() + " " + start(answer.text()));
        }
    }

    /** What only few states of a job allow is asked less often. */
    private boolean refusesMost(Endpoint endpoint) {
        int[] counts = bodies.getOrDefault(endpoint.method() + " " + endpoint.path(), new int[2]);
        return counts[0] >= 5 && counts[1] < 0.6 * counts[0];
    }

    /** The endpoints that refuse most. */
    private List<String> refusing() {
        return bodies.entrySet().stream()
                .filter(counted -> counted.getValue()[1] < PASSING * counted.getValue()[0])
                .map(counted -> counted.getKey() + " " + counted.getValue()[1] + "/" + counted.getValue()[0])
                .toList();
    }

    private static String start(String text) {
        return text.substring(0, Math.min(SHOWN, text.length()));
    }
}
