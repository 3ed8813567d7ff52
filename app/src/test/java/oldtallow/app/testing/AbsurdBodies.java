package oldtallow.app.testing;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * Bodies drawn from the served document's schemas: mostly of the right shape, so that they get past the door, with values nobody
 * would enter and now and then a wrong shape.
 */
public final class AbsurdBodies {

    private static final JsonMapper JSON = new JsonMapper();
    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;
    private static final int DEEPEST = 8;
    private static final double[] ODD_NUMBERS = {
        0,
        -0.0,
        -1,
        -30,
        0.015,
        1e-12,
        1e-320,
        0.1,
        3,
        4,
        12,
        349.4,
        350,
        999,
        1e6,
        4294967246.0,
        1e15,
        1e17,
        1e300,
        1.7976931348623157e308,
        -1e308
    };
    private static final List<String> ODD_TEXTS = List.of(
            "",
            " ",
            "-0",
            "null",
            "TAPE",
            "0",
            "3",
            "<b>bold</b>",
            "'; drop table rig; --",
            "\u0000",
            "\uD83D\uDE9C",
            "１２",
            "x".repeat(6_000));
    private static final List<String> TEXTS = List.of(
            "L68149/L68111",
            "L44649/L44610",
            "30205",
            "31.75 x 59.1",
            "LM67048",
            "NONSENSE/NONSENSE",
            "KP2K-30",
            "GC-LB",
            "a note",
            "OT 1");

    private final JsonNode schemas;
    private final Random random;
    private final List<String> ids;

    /**
     * Draws.
     *
     * @param document the served one
     * @param ids of things that exist
     */
    public AbsurdBodies(JsonNode document, Random random, List<String> ids) {
        this.schemas = document.at("/components/schemas");
        this.random = random;
        this.ids = List.copyOf(ids);
    }

    /** One for an operation; an empty text where it takes none. */
    public String body(JsonNode operation) {
        JsonNode schema = operation.at("/requestBody/content/application~1json/schema");
        if (schema.isMissingNode()) {
            return "";
        }
        String text = JSON.writeValueAsString(draw(schema, "", 0));
        // JSON has no such numbers, and somebody sends them all the same
        return chance(0.003) ? text.replaceFirst("(?<=\":)-?[0-9][-+0-9.E]*", "NaN") : text;
    }

    private JsonNode draw(JsonNode schema, String name, int depth) {
        if (chance(0.02)) {
            return wrongShape();
        }
        if (schema.has("$ref")) {
            String to = schema.path("$ref").asString();
            return draw(schemas.path(to.substring(to.lastIndexOf('/') + 1)), name, depth + 1);
        }
        if (schema.has("enum")) {
            return oneOf(schema.path("enum"));
        }
        for (String either : List.of("oneOf", "anyOf", "allOf")) {
            if (schema.has(either)) {
                return draw(
                        schema.path(either)
                                .get(random.nextInt(schema.path(either).size())),
                        name,
                        depth + 1);
            }
        }
        return switch (schema.path("type").asString("object")) {
            case "number" -> NODES.numberNode(number());
            case "integer" -> NODES.numberNode(chance(0.3) ? (long) number() : random.nextInt(12));
            case "boolean" -> NODES.booleanNode(random.nextBoolean());
            case "string" -> NODES.stringNode(text(schema.path("format").asString("")));
            case "array" -> array(schema, name, depth);
            default -> object(schema, depth);
        };
    }

    private JsonNode oneOf(JsonNode values) {
        int which = random.nextInt(values.size());
        return chance(0.02) ? NODES.numberNode(which) : values.get(which);
    }

    private JsonNode array(JsonNode schema, String name, int depth) {
        ArrayNode array = NODES.arrayNode();
        int size = depth > DEEPEST ? 0 : chance(0.01) ? 300 : random.nextInt(5);
        for (int i = 0; i < size; i++) {
            array.add(draw(schema.path("items"), name, depth + 1));
        }
        return array;
    }

    private JsonNode object(JsonNode schema, int depth) {
        ObjectNode object = NODES.objectNode();
        if (depth > DEEPEST) {
            return object;
        }
        String required = schema.path("required").toString();
        schema.path("properties").properties().forEach(property -> {
            boolean asked = required.contains("\"" + property.getKey() + "\"");
            if (asked ? !chance(0.01) : chance(0.6)) {
                object.set(property.getKey(), draw(property.getValue(), property.getKey(), depth + 1));
            }
        });
        if (chance(0.01)) {
            object.put("nobodyAsked", 1);
        }
        return object;
    }

    private double number() {
        if (chance(0.25)) {
            return ODD_NUMBERS[random.nextInt(ODD_NUMBERS.length)];
        }
        double size = Math.pow(10, -2 + 5 * random.nextDouble());
        return Math.round(1000 * size) / 1000.0;
    }

    private String text(String format) {
        if (chance(0.08)) {
            return ODD_TEXTS.get(random.nextInt(ODD_TEXTS.size()));
        }
        return switch (format) {
            case "uuid" ->
                chance(0.5)
                        ? ids.get(random.nextInt(ids.size()))
                        : new UUID(random.nextLong(), random.nextLong()).toString();
            case "date" ->
                LocalDate.of(2026, 1, 1)
                        .plusDays((long) (random.nextGaussian() * 600))
                        .toString();
            case "date-time" ->
                Instant.parse("2026-05-01T10:00:00Z")
                        .plusSeconds((long) (random.nextGaussian() * 3e7))
                        .toString();
            default -> TEXTS.get(random.nextInt(TEXTS.size()));
        };
    }

    private JsonNode wrongShape() {
        return switch (random.nextInt(6)) {
            case 0 -> NODES.nullNode();
            case 1 -> NODES.arrayNode();
            case 2 -> NODES.objectNode();
            case 3 -> NODES.stringNode(ODD_TEXTS.get(random.nextInt(ODD_TEXTS.size())));
            case 4 -> NODES.numberNode(ODD_NUMBERS[random.nextInt(ODD_NUMBERS.length)]);
            default -> NODES.booleanNode(true);
        };
    }

    private boolean chance(double probability) {
        return random.nextDouble() < probability;
    }
}
