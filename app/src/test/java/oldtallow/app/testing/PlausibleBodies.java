package oldtallow.app.testing;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import oldtallow.app.testing.Endpoints.Endpoint;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * Bodies as a client of the served document sends them: some that the tests sent and that were taken
 * ({@code fuzz/bodies.json}, by endpoint), for other things, with up to two of their values changed within what the document's
 * schema allows. What is wrong with them, then, only the trade's own rules can say.
 */
public final class PlausibleBodies {

    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;
    private static final List<String> TEXTS =
            List.of("", "a note", "näher \"dran\" ≥ 3 <b>", "=1+1", "L44649/L44610", "\uD83D\uDE9C x\ty");
    /** What no two things of a kind may share. */
    private static final Set<String> UNIQUE = Set.of("plate", "cone", "name");

    private static final UUID NO_ID = new UUID(0, 0);

    private final JsonNode known;
    private final JsonNode schemas;
    private final Endpoints endpoints;
    private final Random random;

    public PlausibleBodies(Endpoints endpoints, Random random) {
        this.endpoints = endpoints;
        this.schemas = endpoints.document().at("/components/schemas");
        this.random = random;
        try (InputStream file = PlausibleBodies.class.getResourceAsStream("/fuzz/bodies.json")) {
            this.known = new JsonMapper().readTree(file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Whether there is one for it. */
    public boolean has(Endpoint endpoint) {
        return known.has(name(endpoint));
    }

    /** One for an endpoint. */
    public String body(Endpoint endpoint) {
        JsonNode all = known.path(name(endpoint));
        JsonNode body = all.get(random.nextInt(all.size())).deepCopy();
        JsonNode schema = endpoint.operation().at("/requestBody/content/application~1json/schema");
        refer(body, "");
        if (endpoint.path().startsWith("/api/v1/shelf/items")
                && body instanceof ObjectNode item
                && item.has("designation")) {
            item.put("designation", "z" + random.nextInt(1_000_000_000));
        }
        int changes = random.nextInt(10);
        for (int i = 0; i < (changes < 4 ? 0 : changes < 8 ? 1 : 2); i++) {
            List<Runnable> possible = new ArrayList<>();
            collect(body, schema, possible);
            if (!possible.isEmpty()) {
                possible.get(random.nextInt(possible.size())).run();
            }
        }
        return body.toString();
    }

    private static String name(Endpoint endpoint) {
        return endpoint.method().toUpperCase(Locale.ROOT) + " " + endpoint.path();
    }

    /** New ids for what is made; ids of things that are there for what is referred to. */
    private void refer(JsonNode node, String name) {
        if (node instanceof ObjectNode object) {
            object.properties().forEach(property -> {
                if (isId(property.getValue())) {
                    property.setValue(NODES.stringNode(idFor(property.getKey())));
                } else if (UNIQUE.contains(property.getKey())
                        && property.getValue().isString()) {
                    property.setValue(NODES.stringNode("z" + random.nextInt(1_000_000_000)));
                } else {
                    refer(property.getValue(), property.getKey());
                }
            });
        } else if (node instanceof ArrayNode array) {
            for (int i = 0; i < array.size(); i++) {
                if (isId(array.get(i))) {
                    array.set(i, NODES.stringNode(idFor(name)));
                } else {
                    refer(array.get(i), name);
                }
            }
        }
    }

    private String idFor(String name) {
        return name.equals("id") ? new UUID(random.nextLong(), random.nextLong()).toString() : endpoints.id(name);
    }

    private static boolean isId(JsonNode node) {
        return node.isString()
                && node.asString().matches("[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}")
                && !node.asString().equals(NO_ID.toString());
    }

    /** What could be changed in it. */
    private void collect(JsonNode node, JsonNode given, List<Runnable> possible) {
        JsonNode schema = ofKind(node, resolved(given));
        if (node instanceof ObjectNode object) {
            String required = schema.path("required").toString();
            for (String name : object.propertyNames()) {
                JsonNode of = resolved(schema.path("properties").path(name));
                JsonNode value = object.get(name);
                if (!required.contains('"' + name + '"') && random.nextInt(3) == 0) {
                    possible.add(() -> object.remove(name));
                }
                changed(value, of, name).ifPresent(other -> possible.add(() -> object.set(name, other)));
                collect(value, of, possible);
            }
        } else if (node instanceof ArrayNode array) {
            for (int i = 0; i < array.size(); i++) {
                int at = i;
                possible.add(() -> array.remove(Math.min(at, array.size() - 1)));
                possible.add(() ->
                        array.add(array.get(Math.min(at, array.size() - 1)).deepCopy()));
                collect(array.get(i), schema.path("items"), possible);
            }
        }
    }

    private Optional<JsonNode> changed(JsonNode value, JsonNode schema, String name) {
        // another unit would mostly be of another kind
        if (isId(value) || name.equals("version") || (name.equals("unit") && random.nextInt(9) > 0)) {
            return Optional.empty();
        }
        JsonNode values = schema.path("enum");
        if (!values.isEmpty()) {
            return Optional.of(values.get(random.nextInt(values.size())));
        }
        return Optional.ofNullable(
                switch (schema.path("type").asString("")) {
                    case "number" -> NODES.numberNode(near(value.asDouble(0), schema));
                    case "integer" -> NODES.numberNode(Math.round(near(value.asDouble(0), schema)));
                    case "boolean" -> NODES.booleanNode(random.nextBoolean());
                    case "string" -> NODES.stringNode(text(value.asString(), schema));
                    default -> null;
                });
    }

    private double near(double number, JsonNode schema) {
        double factor = 0.7 + 0.6 * random.nextDouble();
        double other = Math.round(1000 * (number == 0 ? factor : number * factor)) / 1000.0;
        return Math.clamp(
                other,
                schema.path("minimum").asDouble(-1e9),
                schema.path("maximum").asDouble(1e9));
    }

    private String text(String was, JsonNode schema) {
        int days = (int) (20 * random.nextGaussian());
        return switch (schema.path("format").asString("")) {
            case "date" -> LocalDate.parse(was).minusDays(Math.abs(days)).toString();
            case "date-time" ->
                Instant.parse(was).minusSeconds(3600L * Math.abs(days)).toString();
            case "" -> random.nextInt(3) == 0 ? TEXTS.get(random.nextInt(TEXTS.size())) : was + ' ' + random.nextInt(9);
            default -> was;
        };
    }

    /** Of several, the one that the node says it is. */
    private JsonNode ofKind(JsonNode node, JsonNode schema) {
        JsonNode discriminator = schema.path("discriminator");
        String kind = node.path(discriminator.path("propertyName").asString("")).asString("");
        String to = discriminator.path("mapping").path(kind).asString("");
        return to.isEmpty() ? schema : schemas.path(to.substring(to.lastIndexOf('/') + 1));
    }

    private JsonNode resolved(JsonNode schema) {
        String to = schema.path("$ref").asString("");
        return to.isEmpty() ? schema : schemas.path(to.substring(to.lastIndexOf('/') + 1));
    }
}
