package oldtallow.app.http;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import oldtallow.app.testing.Endpoints;
import oldtallow.app.testing.Endpoints.Endpoint;
import oldtallow.app.testing.Http;
import oldtallow.app.testing.Http.Answer;
import oldtallow.app.testing.PlausibleBodies;
import oldtallow.app.testing.RunningOldTallow;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * Takes an answer of each kind from the demo for the API document: {@code ./test --answers}. No part of the usual run; that each
 * operation has one, and that it is what its schema says, {@link OpenApiIT} holds.
 */
class TakeAnswers {

    private static final Path FILE = Path.of("src/main/resources/api-answers.json");
    private static final JsonMapper JSON = new JsonMapper();
    private static final List<String> OF_THE_DOOR = List.of(
            "session",
            "people",
            "devices",
            "instruments",
            "instruments/nearby",
            "second-factor",
            "second-factor/passkeys",
            "workshop/security");
    private static final int TRIES = 25;
    /** Longer texts are drawings. */
    private static final int LONGEST = 300;

    private static final String LIST = ".list";

    private final Map<String, JsonNode> answers = new TreeMap<>();

    @Test
    void takesAnAnswerOfEachKind() throws IOException {
        Set<String> wanted = new TreeSet<>();
        try (RunningOldTallow app = RunningOldTallow.withDemo()) {
            var random = new Random(20261130);
            var endpoints = new Endpoints(app.http(), random);
            var bodies = new PlausibleBodies(endpoints, random);
            for (JsonNode path : endpoints.document().path("paths")) {
                path.forEach(operation -> wanted.add(AnswerSchemas.of(operation)));
            }
            for (String path : OF_THE_DOOR) {
                endpoints
                        .named("get", "/api/v1/" + path)
                        .ifPresent(one -> take(one, app.http().get(one.path())));
            }
            for (int i = 0; i < TRIES; i++) {
                for (Endpoint endpoint : endpoints.all()) {
                    endpoints.another();
                    if (!answers.containsKey(AnswerSchemas.of(endpoint.operation()))
                            && (!endpoint.takesABody() || bodies.has(endpoint))) {
                        take(endpoint, ask(app.http(), endpoint, endpoints, bodies));
                    }
                }
            }
        }
        new TreeMap<>(answers).forEach((schema, answer) -> {
            if (schema.endsWith(LIST)) {
                answers.putIfAbsent(schema.replace(LIST, ""), answer.get(0));
            } else {
                answers.putIfAbsent(
                        schema + LIST, JsonNodeFactory.instance.arrayNode().add(answer));
            }
        });
        answers.keySet().retainAll(wanted);
        // what takes a second device or an instrument stays as it was written
        JSON.readTree(FILE).properties().forEach(known -> answers.putIfAbsent(known.getKey(), known.getValue()));
        Files.writeString(FILE, JSON.writerWithDefaultPrettyPrinter().writeValueAsString(answers) + "\n");
    }

    private static Answer ask(Http device, Endpoint endpoint, Endpoints endpoints, PlausibleBodies bodies) {
        String path = endpoints.path(endpoint).replaceFirst("\\?(?!.*(q|text)=).*", "");
        String body = endpoint.takesABody() ? bodies.body(endpoint) : "";
        return switch (endpoint.method()) {
            case "get" -> device.get(path);
            case "delete" -> device.delete(path);
            case "post" -> device.post(path, body);
            default -> device.put(path, body);
        };
    }

    private void take(Endpoint endpoint, Answer answer) {
        String schema = AnswerSchemas.of(endpoint.operation());
        if (schema.isEmpty() || answer.status() / 100 != 2 || !answer.type().contains("json")) {
            return;
        }
        JsonNode whole = answer.json();
        if (!whole.isArray() || !whole.isEmpty()) {
            answers.put(schema, shortened(whole));
        }
    }

    /** One of each list: an example shows what is there, not how much of it. */
    private static JsonNode shortened(JsonNode node) {
        if (node instanceof ArrayNode array) {
            ArrayNode one = JsonNodeFactory.instance.arrayNode();
            if (!array.isEmpty()) {
                one.add(shortened(array.get(0)));
            }
            return one;
        }
        if (node instanceof ObjectNode object) {
            ObjectNode all = JsonNodeFactory.instance.objectNode();
            object.properties().forEach(property -> all.set(property.getKey(), shortened(property.getValue())));
            return all;
        }
        return node.isString() && node.asString().length() > LONGEST
                ? JsonNodeFactory.instance.stringNode(node.asString().substring(0, LONGEST) + "…")
                : node;
    }
}
