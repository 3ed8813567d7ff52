package oldtallow.app.testing;

import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import java.util.function.Supplier;
import oldtallow.app.testing.Http.Answer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** A device at the bench: opens jobs and does their steps as somebody with a spanner would. */
public final class Bench {

    private static final JsonMapper JSON = new JsonMapper();

    private final Http device;
    private final Supplier<Instant> clock;

    public Bench(Http device) {
        this(device, Instant::now);
    }

    /** At a device whose clock says something else. */
    public Bench(Http device, Supplier<Instant> clock) {
        this.device = device;
        this.clock = clock;
    }

    /** A wheel end of a new rig with one axle, nothing known about its bearings. */
    public UUID newWheelEnd(String construction) {
        return UUID.fromString(newRig(construction)
                .path("axles")
                .get(0)
                .path("wheelEnds")
                .get(0)
                .path("id")
                .asString());
    }

    private JsonNode newRig(String construction) {
        return newRig(construction, 1);
    }

    /** A new rig of so many axles, all wheel ends alike, nothing known about their bearings. */
    public JsonNode newRig(String construction, int axles) {
        ObjectNode form = JSON.createObjectNode().put("id", UUID.randomUUID().toString());
        form.set(
                "rig",
                Entries.rig("On the bench", "B " + UUID.randomUUID().toString().substring(0, 8)));
        ArrayNode all = form.putArray("axles");
        for (int i = 0; i < axles; i++) {
            ObjectNode left = all.addObject().putObject("left");
            left.set("build", Entries.preset(device, construction));
            left.putArray("bearings");
        }
        return accepted(device.post("/api/v1/rigs", form.toString()));
    }

    /** A rig with one axle, by the ids of its parts. */
    public record Pair(String rig, String left, String right) {}

    /** A new rig with one axle, both sides alike, nothing known about its bearings. */
    public Pair newPair(String construction) {
        JsonNode rig = newRig(construction);
        JsonNode ends = rig.path("axles").get(0).path("wheelEnds");
        return new Pair(
                rig.path("id").asString(),
                ends.get(0).path("id").asString(),
                ends.get(1).path("id").asString());
    }

    /** Something was done at a wheel end, outside a job. */
    public void serviced(String rig, String wheelEnd, String kind, LocalDate on) {
        accepted(
                device.post("/api/v1/rigs/" + rig + "/services", """
                {"id": "%s", "wheelEndIds": ["%s"], "kind": "%s", "on": "%s"}
                """.formatted(UUID.randomUUID(), wheelEnd, kind, on)));
    }

    public JsonNode open(UUID wheelEnd, String scope) {
        return accepted(device.post(
                "/api/v1/wheel-ends/" + wheelEnd + "/jobs",
                "{\"id\": \"" + UUID.randomUUID() + "\", \"scope\": \"" + scope + "\"}"));
    }

    /** Opens one job on all wheel ends of a rig; answers it at the first hub of the round. */
    public JsonNode openAll(JsonNode rig, String scope, String order) {
        ObjectNode form = entry().put("scope", scope).put("order", order);
        ArrayNode hubs = form.putArray("hubs");
        rig.path("axles")
                .forEach(axle -> axle.path("wheelEnds")
                        .forEach(end -> hubs.addObject()
                                .put("id", UUID.randomUUID().toString())
                                .put("wheelEndId", end.path("id").asString())));
        return accepted(device.post("/api/v1/rigs/" + rig.path("id").asString() + "/jobs", form.toString()));
    }

    /** The job at another of its hubs, by its place in the round. */
    public JsonNode at(JsonNode job, int hub) {
        return accepted(device.get("/api/v1/jobs/"
                + job.path("round").path("hubs").get(hub).path("jobId").asString()));
    }

    public JsonNode look(JsonNode job) {
        return accepted(device.get(path(job, "")));
    }

    /** Does the step to do now, every check of it met; a nut's setting is saved where it wants one. */
    public JsonNode doNow(JsonNode job) {
        JsonNode now = job.path("walk").path("now");
        for (JsonNode check : now.path("checks")) {
            if (check.path("id").asString().equals("nut.recorded")) {
                saveSetting(UUID.fromString(job.path("hub").path("wheelEndId").asString()));
            }
        }
        judgeIfAsked(job, now);
        return accepted(
                device.post(path(job, "/steps"), done(now, UUID.randomUUID()).toString()));
    }

    /** Does what the hands do now in one go, every check of it met; judged and set where it ends with that. */
    public JsonNode doRun(JsonNode job) {
        JsonNode at = job;
        for (JsonNode step : job.path("walk").path("run").path("steps")) {
            if (step.path("id").asString().equals("nut.stop")) {
                saveSetting(UUID.fromString(job.path("hub").path("wheelEndId").asString()));
            }
            judgeIfAsked(at, step);
        }
        return accepted(
                device.post(path(at, "/runs"), run(at, UUID.randomUUID()).toString()));
    }

    /** What the hands do now in one go, as done. */
    public static ObjectNode run(JsonNode job, UUID id) {
        ObjectNode form = JSON.createObjectNode().put("id", id.toString());
        JsonNode run = job.path("walk").path("run");
        addSteps(form, run);
        ArrayNode others = form.putArray("alongside");
        run.path("alongside")
                .forEach(other -> addSteps(
                        others.addObject().put("jobId", other.path("jobId").asString()), other));
        return form;
    }

    private static void addSteps(ObjectNode form, JsonNode run) {
        ArrayNode steps = form.putArray("steps");
        run.path("steps").forEach(step -> {
            ObjectNode done = done(step, UUID.randomUUID());
            done.remove("id");
            steps.add(done);
        });
    }

    /** Nothing found, seen clean, felt and turned. */
    private void judgeIfAsked(JsonNode job, JsonNode step) {
        String item = step.path("judges").asString("");
        if (!item.isEmpty() && !job.path("judgings").findValuesAsString("item").contains(item)) {
            accepted(judge(job, item, ""));
        }
    }

    /** Judges an item, looked at in every way; findings as JSON. */
    public Answer judge(JsonNode job, String item, String findings) {
        return device.post(path(job, "/judgings"), """
                {"id": "%s", "item": "%s", "findings": [%s],
                 "looked": {"cleaned": true, "by": ["LOOKING", "FINGERNAIL", "TURNING"], "noisy": false}}
                """.formatted(UUID.randomUUID(), item, findings));
    }

    /** Does steps until the given one is to be done now. */
    public JsonNode doUntil(JsonNode job, String stepId) {
        JsonNode at = job;
        while (!at.path("walk").path("now").path("id").asString().equals(stepId)) {
            if (at.path("walk").path("now").isMissingNode()) {
                throw new IllegalStateException("the job has no step " + stepId + " ahead");
            }
            at = doNow(at);
        }
        return at;
    }

    /** Does every step that is left. */
    public JsonNode doAll(JsonNode job) {
        JsonNode at = job;
        while (!at.path("walk").path("now").isMissingNode()) {
            at = doNow(at);
        }
        return at;
    }

    /** A step as done, every check met. */
    public static ObjectNode done(JsonNode step, UUID id) {
        ObjectNode form = JSON.createObjectNode()
                .put("id", id.toString())
                .put("stepId", step.path("id").asString());
        ArrayNode met = form.putArray("checksMet");
        step.path("checks").forEach(check -> met.add(check.path("id").asString()));
        return form;
    }

    public Answer post(JsonNode job, String path, ObjectNode form) {
        return device.post(path(job, path), form.toString());
    }

    public static ObjectNode entry() {
        return JSON.createObjectNode().put("id", UUID.randomUUID().toString());
    }

    /** A setting that every lock can have: back from zero by feel. */
    public void saveSetting(UUID wheelEnd) {
        accepted(device.post(Demo.settingsOf(wheelEnd), """
                {"id": "%s", "setAt": "%s", "procedure": "SEAT_AND_FINGER_TIGHT",
                 "reading": {"mark": 1, "looserDegrees": 17}, "backOffDegrees": 17,
                 "measuredEndPlay": {"number": 0.08, "unit": "MILLIMETRE"}}
                """.formatted(UUID.randomUUID(), clock.get())));
    }

    public static JsonNode accepted(Answer answer) {
        if (answer.status() >= 300) {
            throw new IllegalStateException(answer.status() + ": " + answer.text());
        }
        return answer.json();
    }

    private static String path(JsonNode job, String path) {
        return "/api/v1/jobs/" + job.path("id").asString() + path;
    }
}
