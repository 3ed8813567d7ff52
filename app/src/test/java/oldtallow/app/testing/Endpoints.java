package oldtallow.app.testing;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import java.util.UUID;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;

/** The endpoints of the served document, and paths into them that name things of the demo. */
public final class Endpoints {

    private static final Pattern PARAMETER = Pattern.compile("\\{(\\w+)}");
    /** Signing in and out has tests of its own, and would end the test's own session; an instrument is dialled up. */
    private static final Pattern LEFT_ALONE = Pattern.compile(
            "/api/v1/(session.*|first-owner|people.*|devices/.*|second-factor.*|workshop/demo-ended|instruments.*|mail-reminder/now"
                    + "|jobs/\\{jobId}/(close|abandon|events))");

    private final JsonNode document;
    private final Random random;
    private final Map<String, List<String>> things;
    private final Map<String, List<String>> wheelEnds = new TreeMap<>();
    private String rig = "";

    /** {@code device}: somebody is signed in; on each hub of the yard a job is begun, so that not all that comes piles up on one. */
    public Endpoints(Http device, Random random) {
        this.document = device.get("/api/v1/openapi").json();
        this.random = random;
        this.things = things(device);
        another();
    }

    public record Endpoint(String method, String path, JsonNode operation) {

        public boolean takesABody() {
            return operation.at("/requestBody/content").has("application/json");
        }
    }

    public JsonNode document() {
        return document;
    }

    /** Every one but those of the door. */
    public List<Endpoint> all() {
        List<Endpoint> all = new ArrayList<>();
        document.path("paths").properties().stream()
                .filter(path -> !LEFT_ALONE.matcher(path.getKey()).matches())
                .forEach(path -> path.getValue()
                        .properties()
                        .forEach(operation ->
                                all.add(new Endpoint(operation.getKey(), path.getKey(), operation.getValue()))));
        return all;
    }

    /** One of them, those of the door included. */
    public Optional<Endpoint> named(String method, String path) {
        JsonNode operation = document.path("paths").path(path).path(method);
        return operation.isMissingNode() ? Optional.empty() : Optional.of(new Endpoint(method, path, operation));
    }

    /** Ids of things that exist. */
    public List<String> ids() {
        return Stream.concat(
                        wheelEnds.keySet().stream(),
                        Stream.of(wheelEnds, things)
                                .flatMap(all -> all.values().stream())
                                .flatMap(List::stream))
                .toList();
    }

    /** From now on ids are of another rig of the yard and its wheel ends. */
    public void another() {
        List<String> rigs = List.copyOf(wheelEnds.keySet());
        rig = rigs.get(random.nextInt(rigs.size()));
    }

    /** Of a thing that exists, by the name of what refers to it; most of the time. */
    public String id(String name) {
        List<String> known = switch (name) {
            case "rigId" -> List.of(rig);
            case "wheelEndId", "wheelEndIds" -> wheelEnds.getOrDefault(rig, List.of());
            default -> things.getOrDefault(name, List.of());
        };
        return known.isEmpty() || random.nextInt(30) == 0
                ? new UUID(random.nextLong(), random.nextLong()).toString()
                : known.get(random.nextInt(known.size()));
    }

    /** A path into an endpoint, with its query. */
    public String path(Endpoint endpoint) {
        String query = "";
        for (JsonNode parameter : endpoint.operation().path("parameters")) {
            if (parameter.path("in").asString().equals("query")) {
                query += (query.isEmpty() ? "?" : "&") + parameter.path("name").asString() + "="
                        + URLEncoder.encode(value(parameter.path("schema")), StandardCharsets.UTF_8);
            }
        }
        return PARAMETER.matcher(endpoint.path()).replaceAll(found -> id(refersTo(found.group(1), endpoint.path())))
                + query;
    }

    private static String refersTo(String parameter, String path) {
        if (!parameter.equals("id")) {
            return parameter;
        }
        String of = path.split("/", 5)[3];
        return Map.of("wheel-ends", "wheelEndId", "rigs", "rigId", "jobs", "jobId", "trips", "tripId")
                .getOrDefault(of, parameter);
    }

    private String value(JsonNode schema) {
        JsonNode values = schema.path("enum");
        if (!values.isEmpty()) {
            return values.get(random.nextInt(values.size())).asString();
        }
        return switch (schema.path("format").asString("")) {
            case "date" -> "2026-12-01";
            case "date-time" -> "2026-12-01T10:00:00Z";
            case "uuid" -> id("rigId");
            default -> List.of("1", "7", "30205", "true").get(random.nextInt(4));
        };
    }

    private Map<String, List<String>> things(Http device) {
        Map<String, List<String>> things = new HashMap<>();
        for (JsonNode rig : device.get("/api/v1/yard").json().path("rigs")) {
            String id = rig.path("id").asString();
            wheelEnds.put(id, new ArrayList<>());
            for (JsonNode axle : device.get("/api/v1/rigs/" + id).json().path("axles")) {
                for (JsonNode end : axle.path("wheelEnds")) {
                    String wheelEnd = end.path("id").asString();
                    wheelEnds.get(id).add(wheelEnd);
                    device.post(
                            "/api/v1/wheel-ends/" + wheelEnd + "/jobs",
                            "{\"id\": \"" + UUID.randomUUID() + "\", \"scope\": \"REPACK\"}");
                }
            }
        }
        Stream.of("jobs", "trips")
                .forEach(kind -> device.get("/api/v1/" + kind)
                        .json()
                        .findValuesAsString("id")
                        .forEach(id -> things.computeIfAbsent(
                                        kind.substring(0, kind.length() - 1) + "Id", key -> new ArrayList<>())
                                .add(id)));
        return things;
    }
}
