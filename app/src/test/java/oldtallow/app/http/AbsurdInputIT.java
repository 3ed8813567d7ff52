package oldtallow.app.http;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.UUID;
import java.util.regex.Pattern;
import oldtallow.app.testing.AbsurdBodies;
import oldtallow.app.testing.Demo;
import oldtallow.app.testing.Http;
import oldtallow.app.testing.Http.Answer;
import oldtallow.app.testing.RunningOldTallow;
import org.junit.jupiter.api.Test;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;

/**
 * Absurd bodies at every endpoint that works something out or saves it. Allowed are answers with finite numbers in range, and
 * problems that name a field and its remedy; never a failure of the application itself. Four thousand here, since twenty take six
 * minutes; {@code scripts/measure absurd} throws twenty.
 */
class AbsurdInputIT {

    private static final int BODIES = Integer.getInteger("oldtallow.absurd-bodies", 4_000);
    private static final double LARGEST = 1e12;
    private static final Pattern NONSENSE = Pattern.compile("Infinity|\\bNaN\\b|[0-9]{22,}");
    private static final Pattern PARAMETER = Pattern.compile("\\{(\\w+)}");
    /** Signing in and out has tests of its own, and would end the test's own session; an instrument is dialled up. */
    private static final Pattern LEFT_ALONE = Pattern.compile(
            "/api/(session.*|first-owner|people.*|second-factor.*|workshop/demo-ended|instruments.*|mail-reminder/now|jobs/\\{jobId}/(close|abandon))");

    @Test
    void noBodyMakesNonsenseOrBreaksAnything() {
        try (RunningOldTallow app = RunningOldTallow.withDemo()) {
            Http device = app.http();
            JsonNode document = device.get("/api/openapi").json();
            List<Endpoint> endpoints = endpoints(document);
            Map<String, List<String>> things = things(device);
            var random = new Random(20261129);
            var bodies = new AbsurdBodies(
                    document,
                    random,
                    things.values().stream().flatMap(List::stream).toList());
            Map<String, String> wrong = new TreeMap<>();
            Map<Integer, Integer> statuses = new TreeMap<>();
            for (int i = 0; i < BODIES; i++) {
                Endpoint endpoint = endpoints.get(i % endpoints.size());
                String path = path(endpoint, things, random);
                String body = bodies.body(endpoint.operation());
                Answer answer = endpoint.method().equals("post") ? device.post(path, body) : device.put(path, body);
                statuses.merge(answer.status(), 1, Integer::sum);
                String fault = fault(answer);
                if (!fault.isEmpty()) {
                    wrong.putIfAbsent(
                            endpoint.method() + " " + endpoint.path() + ": " + fault,
                            body.substring(0, Math.min(600, body.length())) + "\n    -> " + answer.status() + " "
                                    + answer.text()
                                            .substring(
                                                    0,
                                                    Math.min(600, answer.text().length())));
                }
            }
            assertThat(wrong).isEmpty();
            assertThat(statuses.getOrDefault(200, 0))
                    .as("bodies that got through")
                    .isGreaterThan(BODIES / 20);
        }
    }

    private record Endpoint(String method, String path, JsonNode operation) {}

    private static List<Endpoint> endpoints(JsonNode document) {
        List<Endpoint> endpoints = new ArrayList<>();
        document.path("paths")
                .properties()
                .forEach(path -> path.getValue().properties().forEach(operation -> {
                    boolean takesABody =
                            operation.getValue().at("/requestBody/content").has("application/json");
                    if (takesABody && !LEFT_ALONE.matcher(path.getKey()).matches()) {
                        endpoints.add(new Endpoint(operation.getKey(), path.getKey(), operation.getValue()));
                    }
                }));
        return endpoints;
    }

    /** Ids of things that exist, by the parameter that names them. */
    private static Map<String, List<String>> things(Http device) {
        // a job on each hub of the yard: all that comes is not to pile up on one
        for (JsonNode rig : device.get("/api/yard").json().path("rigs")) {
            String path = "/api/rigs/" + rig.path("id").asString();
            for (JsonNode axle : device.get(path).json().path("axles")) {
                for (JsonNode end : axle.path("wheelEnds")) {
                    device.post(
                            "/api/wheel-ends/" + end.path("id").asString() + "/jobs",
                            "{\"id\": \"" + UUID.randomUUID() + "\", \"scope\": \"REPACK\"}");
                }
            }
        }
        List<String> jobs = new ArrayList<>();
        device.get("/api/jobs").json().forEach(job -> jobs.add(job.path("id").asString()));
        List<String> ends = List.of(
                Demo.SHORT_CAMPER_LEFT.toString(),
                Demo.BUSH_REAR_LEFT.toString(),
                Demo.frontLeft("Boat tandem").toString(),
                Demo.frontLeft("Two-seater").toString());
        List<String> rigs = List.of(
                Demo.rig("Short camper").toString(), Demo.rig("Boat tandem").toString());
        return Map.of("jobId", jobs, "wheelEndId", ends, "rigId", rigs);
    }

    private static String path(Endpoint endpoint, Map<String, List<String>> things, Random random) {
        String query = "";
        for (JsonNode parameter : endpoint.operation().path("parameters")) {
            if (parameter.path("in").asString().equals("query")) {
                JsonNode values = parameter.at("/schema/enum");
                query += (query.isEmpty() ? "?" : "&") + parameter.path("name").asString() + "="
                        + (values.isEmpty()
                                ? "1"
                                : values.get(random.nextInt(values.size())).asString());
            }
        }
        return PARAMETER.matcher(endpoint.path()).replaceAll(found -> {
                    String name = found.group(1);
                    String of = !name.equals("id")
                            ? name
                            : endpoint.path().startsWith("/api/wheel-ends/{id}")
                                    ? "wheelEndId"
                                    : endpoint.path().startsWith("/api/rigs/{id}") ? "rigId" : name;
                    List<String> known = things.getOrDefault(of, List.of());
                    return known.isEmpty() || random.nextInt(30) == 0
                            ? new UUID(random.nextLong(), random.nextLong()).toString()
                            : known.get(random.nextInt(known.size()));
                })
                + query;
    }

    /** What is wrong with an answer; empty where nothing is. */
    private static String fault(Answer answer) {
        if (answer.status() >= 500 || answer.status() == 401) {
            return "status " + answer.status();
        }
        if (NONSENSE.matcher(answer.text()).find()) {
            return "nonsense in words";
        }
        if (answer.text().isEmpty()) {
            return answer.status() < 300 ? "" : "no problem told";
        }
        try {
            return answer.status() < 300 ? nonsense(answer.json()) : untold(answer);
        } catch (JacksonException e) {
            return "no JSON";
        }
    }

    private static String untold(Answer answer) {
        JsonNode problem = answer.json();
        if (problem.path("title").asString("").isBlank()
                || problem.path("detail").asString("").isBlank()) {
            return "no problem told";
        }
        if (answer.status() != 422 && answer.status() != 400) {
            return "";
        }
        JsonNode errors = problem.path("errors");
        if (problem.path("detail").asString().contains("not well-formed JSON")) {
            return "";
        }
        if (errors.isEmpty()) {
            return "no field named";
        }
        for (JsonNode error : errors) {
            if (error.path("remedy").asString("").isBlank()) {
                return "no remedy";
            }
        }
        return "";
    }

    private static String nonsense(JsonNode node) {
        if (node.isNumber()) {
            return Math.abs(node.asDouble()) <= LARGEST ? "" : "number out of range";
        }
        for (JsonNode inner : node) {
            String found = nonsense(inner);
            if (!found.isEmpty()) {
                return found;
            }
        }
        return "";
    }
}
