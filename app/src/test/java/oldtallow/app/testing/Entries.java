package oldtallow.app.testing;

import java.util.UUID;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** What a mechanic's device sends to the register, starting from the presets as the interface does. */
public final class Entries {

    private static final JsonMapper JSON = new JsonMapper();

    private Entries() {}

    /** The preset of a construction, as a build to be changed and sent back. */
    public static ObjectNode preset(Http device, String construction) {
        for (JsonNode one : device.get("/api/v1/constructions").json().path("constructions")) {
            if (one.path("id").asString().equals(construction)) {
                return (ObjectNode) one.path("preset").deepCopy();
            }
        }
        throw new IllegalArgumentException(construction);
    }

    public static ObjectNode rig(String name, String plate) {
        ObjectNode rig =
                JSON.createObjectNode().put("kind", "CAMPER").put("name", name).put("plate", plate);
        rig.putArray("uses").add("BRAKED");
        rig.putObject("distance").put("by", "ESTIMATE");
        return rig;
    }

    /** A new rig of so many like axles. */
    public static ObjectNode newRig(ObjectNode rig, ObjectNode build, int axles, String inboard, String outboard) {
        ObjectNode form = JSON.createObjectNode().put("id", UUID.randomUUID().toString());
        form.set("rig", rig);
        ArrayNode list = form.putArray("axles");
        for (int i = 0; i < axles; i++) {
            ObjectNode left = list.addObject().putObject("left");
            left.set("build", build.deepCopy());
            ArrayNode bearings = left.putArray("bearings");
            rings(bearings.addObject().put("place", "INBOARD"), inboard);
            rings(bearings.addObject().put("place", "OUTBOARD"), outboard);
        }
        return form;
    }

    public static ObjectNode size(ObjectNode build, String dimension, double number, String unit) {
        ObjectNode size = ((ArrayNode) build.path("dimensions")).addObject().put("dimension", dimension);
        size.putObject("length").put("number", number).put("unit", unit);
        return build;
    }

    /** A bearing in a place. */
    public static ObjectNode bearing(String place, String set) {
        ObjectNode part = JSON.createObjectNode()
                .put("id", UUID.randomUUID().toString())
                .put("place", place)
                .put("condition", "NEW");
        String[] numbers = set.split("/", -1);
        return part.put("designation", numbers[0]).put("cupDesignation", numbers[numbers.length - 1]);
    }

    private static void rings(ObjectNode rings, String set) {
        String[] numbers = set.split("/", -1);
        rings.put("cone", numbers[0]).put("cup", numbers[numbers.length - 1]);
    }
}
