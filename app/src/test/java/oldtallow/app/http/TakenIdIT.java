package oldtallow.app.http;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import java.util.function.Function;
import oldtallow.app.testing.Bench;
import oldtallow.app.testing.Entries;
import oldtallow.app.testing.Http;
import oldtallow.app.testing.Http.Answer;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import oldtallow.app.testing.Stores;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.node.ObjectNode;

/** Not a second try but something else under its id: were it taken for one, it would be called saved and be nowhere. */
@ExtendWith(OldTallowExtension.class)
class TakenIdIT {

    private RunningOldTallow app;
    private Http tobe;
    private Bench.Pair pair;

    @BeforeEach
    void rig(RunningOldTallow app) {
        this.app = app;
        tobe = app.http();
        pair = new Bench(tobe).newPair("STEPPED_BRAKED");
    }

    @Test
    void onTheShelf() {
        UUID item = UUID.randomUUID();
        Bench.accepted(tobe.post(
                "/api/v1/shelf/items", Stores.form(item, "Once " + item).toString()));
        refusesOther("/api/v1/shelf/items/" + item + "/batches", Stores.delivery("1", 7), "pieces", 5);
        assertThat(onHand(item)).isEqualTo(7);

        String batch = app.db()
                .fetchSingle("select id from stock_batch where item_id = ?", item)
                .get(0, String.class);
        refusesOther("/api/v1/shelf/batches/" + batch + "/moves", Stores.moved(-1, "SCRAPPED"), "pieces", -2);
        assertThat(onHand(item)).isEqualTo(6);

        ObjectNode plan = Bench.entry()
                .put("wheelEndId", pair.right())
                .put("scope", "REPACK")
                .put("wantedOn", "2026-12-20");
        refusesOther("/api/v1/planned-jobs", plan, "wantedOn", "2026-12-21");
    }

    @Test
    void onTheRoad() {
        ObjectNode water =
                put("on", "2026-05-14", "kind", "DUNKING").put("salt", true).put("hot", false);
        refusesOtherAt("/api/v1/rigs/" + pair.rig() + "/water/" + UUID.randomUUID(), water, "kind", "CROSSING");

        ObjectNode stop = put("at", "2026-05-14T10:00:00Z", "note", "");
        stop.putArray("hubs").addObject().put("wheelEndId", pair.left()).put("celsius", 43.7);
        refusesOtherAt("/api/v1/rigs/" + pair.rig() + "/warmth/" + UUID.randomUUID(), stop, "note", "by the lake");

        ObjectNode service = entry("kind", "RETORQUE", "on", "2026-05-14");
        service.putArray("wheelEndIds").add(pair.left());
        refusesOther("/api/v1/rigs/" + pair.rig() + "/services", service, "on", "2026-05-13");
    }

    @Test
    void onRigsAndTheirHubs() {
        ObjectNode rig = Entries.newRig(
                Entries.rig("Once", "O " + UUID.randomUUID().toString().substring(0, 8)),
                Entries.preset(tobe, "STEPPED_BRAKED"),
                1,
                "L68149/L68111",
                "L44649/L44610");
        refusesOther("/api/v1/rigs", rig, "axles", List.of());

        String hub = "/api/v1/wheel-ends/" + pair.left();
        ObjectNode grease = entry("name", "red tin", "thickener", "LITHIUM_COMPLEX");
        refusesOther(hub + "/grease", grease.put("code", "").put("batch", "7"), "name", "blue tin");

        ObjectNode setting = entry("setAt", "2026-05-14T10:00:00Z", "procedure", "SEAT_AND_FINGER_TIGHT")
                .put("backOffDegrees", 17);
        setting.putObject("reading").put("mark", 1).put("looserDegrees", 17);
        refusesOther(hub + "/nut-settings", setting, "backOffDegrees", 18);

        ObjectNode check = Bench.entry().put("checkedAt", "2026-05-15T10:00:00Z");
        check.putObject("readings")
                .putArray("readings")
                .addObject()
                .put("number", 0.07)
                .put("unit", "MILLIMETRE");
        refusesOther(hub + "/play-checks", check, "checkedAt", "2026-05-16T10:00:00Z");
    }

    @Test
    void onTheBench() {
        ObjectNode job = Bench.entry().put("scope", "REPACK");
        refusesOther("/api/v1/wheel-ends/" + pair.left() + "/jobs", job, "scope", "RENEW");
        ObjectNode waits = Bench.entry().put("what", "seal");
        refusesOther("/api/v1/jobs/" + job.path("id").asString() + "/waits", waits, "what", "cup");
    }

    /** The id belongs to what was sent first, wherever the second goes. */
    @Test
    void atAnotherPlace() {
        ObjectNode grease = entry("name", "red tin", "thickener", "LITHIUM_COMPLEX")
                .put("code", "")
                .put("batch", "7");
        Bench.accepted(tobe.post("/api/v1/wheel-ends/" + pair.left() + "/grease", grease.toString()));

        assertIsTaken(tobe.post("/api/v1/wheel-ends/" + pair.right() + "/grease", grease.toString()));
    }

    /** What was refused was never saved: its id is free for what is put right. */
    @Test
    void notWhereTheFirstTryWasRefused() {
        ObjectNode grease = entry("name", "", "thickener", "LITHIUM_COMPLEX")
                .put("code", "")
                .put("batch", "7");
        String path = "/api/v1/wheel-ends/" + pair.left() + "/grease";
        assertThat(tobe.post(path, grease.toString()).status()).isEqualTo(422);

        Bench.accepted(tobe.post(path, grease.put("name", "red tin").toString()));
    }

    private void refusesOther(String path, ObjectNode body, String field, Object other) {
        refusesOther(sent -> tobe.post(path, sent), body, field, other);
    }

    private void refusesOtherAt(String path, ObjectNode body, String field, Object other) {
        refusesOther(sent -> tobe.put(path, sent), body, field, other);
    }

    private static void refusesOther(Function<String, Answer> send, ObjectNode body, String field, Object other) {
        Bench.accepted(send.apply(body.toString()));
        ObjectNode changed = body.deepCopy();
        changed.putPOJO(field, other);
        assertIsTaken(send.apply(changed.toString()));
        Bench.accepted(send.apply(body.toString())); // the same is harmless still
    }

    private static void assertIsTaken(Answer refused) {
        assertThat(refused.status()).as(refused.text()).isEqualTo(409);
        assertThat(refused.text()).contains("An earlier try was saved after all");
    }

    private static ObjectNode entry(String field, String value, String other, String otherValue) {
        return Bench.entry().put(field, value).put(other, otherValue);
    }

    private static ObjectNode put(String field, String value, String other, String otherValue) {
        ObjectNode body = entry(field, value, other, otherValue);
        body.remove("id"); // stands in the address
        return body;
    }

    private int onHand(UUID item) {
        return Stores.here(tobe.get("/api/v1/shelf").json(), item)
                .at("/batches/0/onHand")
                .asInt();
    }
}
