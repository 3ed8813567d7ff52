package oldtallow.benchmark;

import java.io.IOException;
import java.net.http.HttpResponse;
import java.time.Instant;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Somebody who works the hubs of a rig of their own through, job after job, as fast as answers come. */
final class Mechanic {

    private static final JsonMapper JSON = new JsonMapper();
    private static final Map<String, String> JUDGES = Map.of(
            "judge.inboard", "INBOARD_BEARING",
            "judge.outboard", "OUTBOARD_BEARING",
            "judge.spindle", "SPINDLE",
            "judge.hub", "HUB");

    private final Device device;
    private Sender sender;
    private final String wheelEndId;
    private JsonNode job;

    /** Sends an entry until it is known to be saved; answers what came back. */
    interface Sender {
        HttpResponse<String> send(Device device, String path, String body) throws IOException, InterruptedException;
    }

    /** Enters a rig with one axle and opens a job on its left wheel end. */
    Mechanic(Device device, Sender sender) throws IOException, InterruptedException {
        this.device = device;
        this.sender = sender;
        JsonNode rig = enter("/api/v1/rigs", newRig());
        wheelEndId = rig.at("/axles/0/wheelEnds/0/id").asString();
        job = open();
    }

    /** From now on in another way. */
    Mechanic sendingBy(Sender other) {
        sender = other;
        return this;
    }

    String jobId() {
        return job.path("id").asString();
    }

    /** One press: the step to do now, or what it wants before; the next job where this one is worked through. */
    void goOn() throws IOException, InterruptedException {
        JsonNode now = job.path("walk").path("now");
        if (now.isMissingNode()) {
            job = enter("/api/v1/jobs/" + jobId() + "/abandon", entry().put("reason", "measured"));
            job = open();
            return;
        }
        String item = JUDGES.get(now.path("id").asString());
        if (item != null && !job.path("judgings").findValuesAsString("item").contains(item)) {
            job = enter("/api/v1/jobs/" + jobId() + "/judgings", judging(item));
            return;
        }
        ObjectNode step = entry().put("stepId", now.path("id").asString());
        ArrayNode met = step.putArray("checksMet");
        for (JsonNode check : now.path("checks")) {
            met.add(check.path("id").asString());
            if (check.path("id").asString().equals("nut.recorded")) {
                enter("/api/v1/wheel-ends/" + wheelEndId + "/nut-settings", setting());
            }
        }
        job = enter("/api/v1/jobs/" + jobId() + "/steps", step);
    }

    private JsonNode open() throws IOException, InterruptedException {
        return enter("/api/v1/wheel-ends/" + wheelEndId + "/jobs", entry().put("scope", "REPACK"));
    }

    private JsonNode enter(String path, ObjectNode body) throws IOException, InterruptedException {
        HttpResponse<String> answer = sender.send(device, path, body.toString());
        if (answer.statusCode() / 100 != 2) {
            throw new IllegalStateException(path + ": " + answer.statusCode() + " " + answer.body());
        }
        return JSON.readTree(answer.body());
    }

    private ObjectNode newRig() throws IOException, InterruptedException {
        String number = UUID.randomUUID().toString().substring(0, 8).toUpperCase(Locale.ROOT);
        ObjectNode form = entry();
        ObjectNode rig = form.putObject("rig")
                .put("kind", "CAMPER")
                .put("name", "Measured " + number)
                .put("plate", "M " + number);
        rig.putArray("uses").add("BRAKED");
        rig.putObject("distance").put("by", "ESTIMATE");
        ObjectNode left = form.putArray("axles").addObject().putObject("left");
        JsonNode constructions =
                JSON.readTree(device.send(device.get("/api/v1/constructions")).body());
        for (JsonNode one : constructions.path("constructions")) {
            if (one.path("id").asString().equals("STEPPED_BRAKED")) {
                left.set("build", one.path("preset"));
            }
        }
        left.putArray("bearings");
        return form;
    }

    private static ObjectNode judging(String item) {
        ObjectNode form = entry().put("item", item);
        form.putArray("findings");
        form.putObject("looked")
                .put("cleaned", true)
                .put("noisy", false)
                .putArray("by")
                .add("LOOKING")
                .add("FINGERNAIL")
                .add("TURNING");
        return form;
    }

    private static ObjectNode setting() {
        ObjectNode form = entry().put("setAt", Instant.now().toString()).put("procedure", "SEAT_AND_FINGER_TIGHT");
        form.putObject("reading").put("mark", 1).put("looserDegrees", 17);
        form.put("backOffDegrees", 17);
        form.putObject("measuredEndPlay").put("number", 0.08).put("unit", "MILLIMETRE");
        return form;
    }

    private static ObjectNode entry() {
        return JSON.createObjectNode().put("id", UUID.randomUUID().toString());
    }
}
