package oldtallow.app.testing;

import java.util.UUID;
import java.util.stream.StreamSupport;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The stores as a device sees them: things with names of their own, so that tests do not meet. */
public final class Stores {

    private static final JsonMapper JSON = new JsonMapper();

    private final Http device;

    public Stores(Http device) {
        this.device = device;
    }

    /** A new seal of 4.35, its designation ending in its id. */
    public UUID item(String name) {
        UUID id = UUID.randomUUID();
        Bench.accepted(
                device.post("/api/v1/shelf/items", form(id, name + " " + id).toString()));
        return id;
    }

    /** A batch of it, made on 2025-03-01. */
    public UUID batch(UUID item, String number, int pieces) {
        JsonNode shelf = Bench.accepted(device.post(
                "/api/v1/shelf/items/" + item + "/batches",
                delivery(number, pieces).toString()));
        return UUID.fromString(here(shelf, item).at("/batches/0/id").asString());
    }

    public void move(UUID batch, int pieces, String reason, UUID wheelEnd) {
        Bench.accepted(device.post(
                "/api/v1/shelf/batches/" + batch + "/moves",
                moved(pieces, reason).put("wheelEndId", wheelEnd.toString()).toString()));
    }

    /** A thing as the shelf shows it. */
    public static JsonNode here(JsonNode shelf, UUID item) {
        return StreamSupport.stream(shelf.path("items").spliterator(), false)
                .filter(one -> one.path("id").asString().equals(item.toString()))
                .findFirst()
                .orElseThrow();
    }

    public static ObjectNode form(UUID id, String designation) {
        return JSON.createObjectNode()
                .put("id", id.toString())
                .put("kind", "SEAL")
                .put("designation", designation)
                .put("words", "")
                .put("supplier", "")
                .put("price", 4.35)
                .put("want", 0)
                .put("version", 1);
    }

    public static ObjectNode delivery(String batch, int pieces) {
        return JSON.createObjectNode()
                .put("id", UUID.randomUUID().toString())
                .put("batch", batch)
                .put("madeOn", "2025-03-01")
                .put("note", "")
                .put("pieces", pieces);
    }

    public static ObjectNode moved(int pieces, String reason) {
        return JSON.createObjectNode()
                .put("id", UUID.randomUUID().toString())
                .put("pieces", pieces)
                .put("reason", reason)
                .put("note", "");
    }
}
