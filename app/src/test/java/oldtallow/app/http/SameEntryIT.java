package oldtallow.app.http;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Base64;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.concurrent.BrokenBarrierException;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.CyclicBarrier;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import oldtallow.app.testing.Bench;
import oldtallow.app.testing.Demo;
import oldtallow.app.testing.Entries;
import oldtallow.app.testing.Http;
import oldtallow.app.testing.Http.Answer;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import oldtallow.app.testing.Stores;
import oldtallow.standin.Simulated;
import oldtallow.standin.StandIn;
import org.jooq.impl.DSL;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Whoever retries must not double: every endpoint that writes is sent the same three times at the same moment, answers alike
 * three times, and has done it once.
 */
@ExtendWith(OldTallowExtension.class)
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class SameEntryIT {

    /** Nothing is written there, or nothing of a workshop's book. */
    private static final String NO_ENTRY =
            ".*(/session|/first-owner|/demo-ended|/second-factor.*|/passkey|/wanted|/code|/confirmed|/take|/nearby|/now|/identify|/nut-calculations|/readings/.*"
                    + "|/reckon/.*|/setting-chart|/what-if|/section|/stud-circle|/tracks/gpx|/after-drive|/job-plan|/play-readings"
                    + "|/rock|/sense|/drag|/torque)";

    private final Set<String> tried = new TreeSet<>();
    private RunningOldTallow app;
    private Http tobe;
    private Bench bench;
    private Bench.Pair pair;

    @BeforeEach
    void rig(RunningOldTallow app) {
        this.app = app;
        tobe = app.http();
        bench = new Bench(tobe);
        pair = bench.newPair("STEPPED_BRAKED");
    }

    @AfterAll
    void everyEndpointWasTried() {
        Set<String> all = new TreeSet<>();
        tobe.get("/api/v1/openapi")
                .json()
                .path("paths")
                .properties()
                .forEach(path -> path.getValue().properties().forEach(operation -> {
                    String method = operation.getKey().toUpperCase(Locale.ROOT);
                    if (Set.of("POST", "PUT", "DELETE").contains(method)
                            && !path.getKey().matches(NO_ENTRY)) {
                        all.add(method + " " + path.getKey());
                    }
                }));
        assertThat(tried).containsAll(all);
    }

    @Test
    void rigsAndTheirParts() {
        String rig = Entries.newRig(
                        Entries.rig("Thrice", "T " + tail()),
                        Entries.preset(tobe, "STEPPED_BRAKED"),
                        1,
                        "L68149/L68111",
                        "L44649/L44610")
                .toString();
        JsonNode made = thrice("POST", "/api/v1/rigs", rig);
        String id = made.path("id").asString();
        String end = made.at("/axles/0/wheelEnds/0/id").asString();
        assertThat(count("rig", "id", id)).isEqualTo(1);
        assertThat(count("axle", "rig_id", id)).isEqualTo(1);
        thrice("PUT", "/api/v1/rigs/{id}", """
                {"version": 1, "rig": {"kind": "CAMPER", "name": "Thrice over", "plate": "T %s", "uses": ["BRAKED"],
                 "distance": {"by": "ESTIMATE"}}}""".formatted(tail()), id);
        thrice("PUT", "/api/v1/rigs/{rigId}/photo", picture(), id);
        thrice("DELETE", "/api/v1/rigs/{rigId}/photo", "", id);

        thrice("POST", "/api/v1/wheel-ends/{id}/builds", """
                {"version": 1, "build": %s}""".formatted(Entries.preset(tobe, "STEPPED_BRAKED")), end);
        String fitted = """
                {"id": "%s", "place": "SEAL", "designation": "35x62x8", "condition": "NEW", "fittedOn": "2026-05-01"}
                """.formatted(UUID.randomUUID());
        thrice("POST", "/api/v1/wheel-ends/{id}/parts", fitted, end);
        thrice("PUT", "/api/v1/wheel-ends/{id}/parts", fitted, end);
        thrice("DELETE", "/api/v1/wheel-ends/{id}/parts/{place}", "", end, "SEAL");
        thrice("POST", "/api/v1/wheel-ends/{id}/copies", "", "?to=OTHER_SIDE", end);
        thrice("POST", "/api/v1/wheel-ends/{id}/grease", """
                {"id": "%s", "name": "red tin", "thickener": "LITHIUM_COMPLEX", "code": "", "batch": "7"}
                """.formatted(UUID.randomUUID()), end);
        assertThat(count("grease_fill", "wheel_end_id", end)).isEqualTo(1);
    }

    @Test
    void figuresAndRules() {
        String torque = """
                {"kind": "WHEEL_NUT_TORQUE", "authority": "MAKER", "version": %d, "source": "manual, p. 4",
                 "leastTorque": {"number": 120, "unit": "NEWTON_METRE"}, "mostTorque": {"number": 130, "unit": "NEWTON_METRE"}}""";
        thrice("POST", "/api/v1/rigs/{rigId}/figures", torque.formatted(0), pair.rig());
        thrice("POST", "/api/v1/wheel-ends/{wheelEndId}/figures", torque.formatted(0), "?place=WHEEL_END", pair.left());
        String ofRig = figure("rig_id", pair.rig());
        String ofEnd = figure("wheel_end_id", pair.left());
        thrice("DELETE", "/api/v1/rigs/{rigId}/figures/{id}", "", "?version=1", pair.rig(), ofRig);
        thrice("DELETE", "/api/v1/wheel-ends/{wheelEndId}/figures/{id}", "", "?version=1", pair.left(), ofEnd);

        tobe = app.as("ines");
        JsonNode rules = thrice("POST", "/api/v1/workshop/rules", """
                {"kind": "SPANNERS", "authority": "WORKSHOP", "version": 0, "source": "ours", "words": "19 and 36 mm"}""");
        for (JsonNode rule : rules) {
            if (rule.path("kind").asString().equals("SPANNERS")) {
                thrice(
                        "DELETE",
                        "/api/v1/workshop/rules/{id}",
                        "",
                        "?version=1",
                        rule.path("id").asString());
            }
        }
    }

    @Test
    void settingsAndChecks() {
        String id = UUID.randomUUID().toString();
        thrice("POST", "/api/v1/wheel-ends/{wheelEndId}/nut-settings", """
                {"id": "%s", "setAt": "2026-05-14T10:00:00Z", "procedure": "SEAT_AND_FINGER_TIGHT",
                 "reading": {"mark": 1, "looserDegrees": 17}, "backOffDegrees": 17,
                 "measuredEndPlay": {"number": 0.08, "unit": "MILLIMETRE"}}""".formatted(id), pair.left());
        assertThat(count("nut_setting", "wheel_end_id", pair.left())).isEqualTo(1);
        thrice("POST", "/api/v1/wheel-ends/{id}/play-checks", """
                {"id": "%s", "checkedAt": "2026-05-15T10:00:00Z", "readings": {"readings": [
                 {"number": 0.07, "unit": "MILLIMETRE"}]}}""".formatted(UUID.randomUUID()), pair.left());

        tobe = app.as("wil");
        String apprentices = UUID.randomUUID().toString();
        tobe.post(Demo.settingsOf(UUID.fromString(pair.right())), Demo.goodSetting(UUID.fromString(apprentices)));
        tobe = app.http();
        thrice(
                "POST",
                "/api/v1/wheel-ends/{wheelEndId}/nut-settings/{settingId}/sign-off",
                "",
                pair.right(),
                apprentices);
    }

    @Test
    void useAndWater() {
        String on = "2026-05-14";
        String meter = UUID.randomUUID().toString();
        tobe.put("/api/v1/rigs/" + pair.rig(), """
                {"version": 1, "rig": {"kind": "CAMPER", "name": "Metered", "plate": "M %s", "uses": ["BRAKED"],
                 "distance": {"by": "HUB_METER"}}}""".formatted(tail()));
        thrice("PUT", "/api/v1/rigs/{rigId}/meter/{id}", """
                {"version": 0, "on": "%s", "shows": 1200, "kind": "READ"}""".formatted(on), pair.rig(), meter);
        thrice("DELETE", "/api/v1/rigs/{rigId}/meter/{id}", "", "?version=1", pair.rig(), meter);
        String water = UUID.randomUUID().toString();
        thrice("PUT", "/api/v1/rigs/{rigId}/water/{id}", """
                {"on": "%s", "kind": "DUNKING", "salt": true, "hot": false}""".formatted(on), pair.rig(), water);
        assertThat(count("water_entry", "rig_id", pair.rig())).isEqualTo(1);
        thrice("DELETE", "/api/v1/rigs/{rigId}/water/{id}", "", pair.rig(), water);
        String trip = UUID.randomUUID().toString();
        thrice("PUT", "/api/v1/rigs/{rigId}/trips/{id}", """
                {"version": 0, "name": "There", "state": "PLANNED", "from": "2026-12-20", "to": "2026-12-24", "km": 300,
                 "legs": []}""", pair.rig(), trip);
        String stop = UUID.randomUUID().toString();
        thrice("PUT", "/api/v1/rigs/{rigId}/warmth/{id}", """
                {"at": "2026-05-14T10:00:00Z", "dayCelsius": 17.3, "tripKm": 81.7, "note": "by the lake",
                 "hubs": [{"wheelEndId": "%s", "celsius": 43.7}]}
                """.formatted(pair.left()), pair.rig(), stop);
        thrice("DELETE", "/api/v1/rigs/{rigId}/warmth/{id}", "", pair.rig(), stop);
        thrice("POST", "/api/v1/rigs/{id}/services", """
                {"id": "%s", "wheelEndIds": ["%s"], "kind": "RETORQUE", "on": "%s"}
                """.formatted(UUID.randomUUID(), pair.left(), on), pair.rig());
        assertThat(count("service_event", "wheel_end_id", pair.left())).isEqualTo(1);
        String feed = UUID.randomUUID().toString();
        // an address is told once and kept as a digest: each answer has another, and the last one holds
        tried.add("PUT /api/v1/calendar-feeds/{id}");
        together("PUT", "/api/v1/calendar-feeds/" + feed, "{\"name\": \"Kitchen\"}");
        assertThat(count("calendar_feed", "id", feed)).isEqualTo(1);
        thrice("DELETE", "/api/v1/calendar-feeds/{id}", "", feed);
    }

    @Test
    void shelfAndOrders() {
        UUID item = UUID.randomUUID();
        thrice(
                "POST",
                "/api/v1/shelf/items",
                Stores.form(item, "Thrice " + tail()).toString());
        thrice(
                "PUT",
                "/api/v1/shelf/items/{id}",
                Stores.form(item, "Thrice again " + tail()).toString(),
                item);
        JsonNode shelf = thrice(
                "POST",
                "/api/v1/shelf/items/{id}/batches",
                Stores.delivery("1", 7).toString(),
                item);
        String batch = Stores.here(shelf, item).at("/batches/0/id").asString();
        thrice(
                "POST",
                "/api/v1/shelf/batches/{id}/moves",
                Stores.moved(-1, "SCRAPPED").toString(),
                batch);
        assertThat(onHand(item)).isEqualTo(6);
        thrice("POST", "/api/v1/shelf/batches/{id}/count", """
                {"id": "%s", "counted": 4, "note": ""}""".formatted(UUID.randomUUID()), batch);
        assertThat(onHand(item)).isEqualTo(4);

        String planned = UUID.randomUUID().toString();
        thrice("POST", "/api/v1/planned-jobs", """
                {"id": "%s", "wheelEndId": "%s", "scope": "REPACK", "wantedOn": "2026-12-20"}
                """.formatted(planned, pair.left()));
        thrice("DELETE", "/api/v1/planned-jobs/{id}", "", planned);
    }

    @Test
    void whatTheWorkshopHas() {
        String set = UUID.randomUUID().toString();
        thrice("POST", "/api/v1/bearing-sets", """
                {"id": "%s", "cone": "thr-%s", "cup": "thr-70", "series": "METRIC", "source": "measured on the old one",
                 "bore": {"number": 33, "unit": "MILLIMETRE"}, "outsideDiameter": {"number": 70, "unit": "MILLIMETRE"},
                 "width": {"number": 18, "unit": "MILLIMETRE"}, "coneWidth": {"number": 17, "unit": "MILLIMETRE"},
                 "cupWidth": {"number": 14, "unit": "MILLIMETRE"}}""".formatted(set, tail()));
        thrice("DELETE", "/api/v1/bearing-sets/{id}", "", set);
        String procedure = UUID.randomUUID().toString();
        thrice("PUT", "/api/v1/adjustment-procedures/own/{id}", """
                {"label": "Thrice %s", "source": "manual, page 12", "usedOn": "one rig", "endsWith": "play", "steps": [
                 {"kind": "SEAT", "says": "Pull it", "hub": "TURN_BOTH_WAYS", "hubTurns": 8,
                  "torque": {"least": 30, "most": 30, "unit": "POUND_FORCE_FOOT"}},
                 {"kind": "BACK_OFF_TO_STOP", "says": "To the stop", "hub": "HOLD_STILL"}]}
                """.formatted(tail()), "?version=0", procedure);
        thrice("DELETE", "/api/v1/adjustment-procedures/own/{id}", "", procedure);
        String tool = UUID.randomUUID().toString();
        thrice("PUT", "/api/v1/tools/{id}", """
                {"version": 0, "kind": "SOCKET", "name": "%s", "outside": {"number": 36, "unit": "MILLIMETRE"}}
                """.formatted(tail()), tool);
        thrice("DELETE", "/api/v1/tools/{id}", "", tool);
        int mail = tobe.get("/api/v1/mail-reminder").json().path("version").asInt();
        thrice("PUT", "/api/v1/mail-reminder", """
                {"version": %d, "address": "tobe@example.org", "wanted": false, "at": "07:00", "quietFrom": "20:00",
                 "quietTo": "06:00", "daysAhead": 14}""".formatted(mail));

        tobe = app.as("ines");
        ObjectNode rates = (ObjectNode) tobe.get("/api/v1/workshop/rates").json();
        ObjectNode others = rates.deepCopy().put("hour", 61);
        JsonNode now = thrice("PUT", "/api/v1/workshop/rates", others.toString());
        Bench.accepted(tobe.put(
                "/api/v1/workshop/rates",
                rates.put("version", now.path("version").asInt()).toString()));
        String packing = usual(tobe.get("/api/v1/workshop/usual-choices").json());
        thrice("PUT", "/api/v1/workshop/usual-choices", "{\"packing\": \"PACKER\"}");
        Bench.accepted(tobe.put("/api/v1/workshop/usual-choices", "{\"packing\": \"%s\"}".formatted(packing)));
        JsonNode people = thrice("POST", "/api/v1/people", """
                {"id": "%s", "name": "Thrice", "signInName": "thrice%s", "role": "APPRENTICE", "password": "one of a kind 7"}
                """.formatted(UUID.randomUUID(), tail()));
        String person = people.path("id").asString();
        thrice("PUT", "/api/v1/people/{id}", """
                {"version": 1, "name": "Thrice over", "role": "APPRENTICE", "active": true}""", person);
        thrice(
                "PUT",
                "/api/v1/people/{id}/password",
                "{\"current\": \"tallow and tow\", \"password\": \"two of a kind 8\"}",
                person);
        Http another = app.stranger();
        another.get("/api/v1/session"); // brings the token that a change must carry
        assertThat(another.signIn("ines", Demo.PASSWORD).status()).isEqualTo(200);
        JsonNode device = tobe.get("/api/v1/devices")
                .json()
                .valueStream()
                .filter(one -> !one.path("isThis").asBoolean()
                        && one.path("personName").asString().equals("Ines"))
                .findFirst()
                .orElseThrow();
        thrice(
                "DELETE",
                "/api/v1/devices/{personId}/{name}",
                "",
                device.path("personId").asString(),
                device.path("name").asString());
    }

    @Test
    void jobsOnSeveralHubs() {
        String left = UUID.randomUUID().toString();
        String right = UUID.randomUUID().toString();
        thrice("POST", "/api/v1/rigs/{rigId}/jobs", """
                {"id": "%s", "scope": "REPACK", "hubs": [{"id": "%s", "wheelEndId": "%s"}]}
                """.formatted(UUID.randomUUID(), left, pair.left()), pair.rig());
        JsonNode added = thrice("POST", "/api/v1/jobs/{jobId}/hubs", """
                {"id": "%s", "wheelEndId": "%s"}""".formatted(right, pair.right()), left);
        assertThat(added.path("round").path("hubs").size()).isEqualTo(2);
        thrice("POST", "/api/v1/jobs/{jobId}/round", "{\"order\": \"HUB_BY_HUB\"}", left);
        JsonNode alone = thrice("POST", "/api/v1/jobs/{jobId}/let-go", entry().toString(), right);
        assertThat(alone.path("round").path("hubs").size()).isEqualTo(1);
    }

    @Test
    void jobsOnTheBench() {
        String job = UUID.randomUUID().toString();
        JsonNode at = thrice("POST", "/api/v1/wheel-ends/{wheelEndId}/jobs", """
                {"id": "%s", "scope": "RENEW"}""".formatted(job), pair.left());
        assertThat(count("job", "wheel_end_id", pair.left())).isEqualTo(1);
        thrice(
                "POST",
                "/api/v1/jobs/{jobId}/scope",
                entry().put("scope", "REPACK").toString(),
                job);
        thrice(
                "PUT",
                "/api/v1/jobs/{jobId}/photos/{photoId}",
                picture(),
                "?stepId=prepare.odometer",
                job,
                UUID.randomUUID());
        thrice("POST", "/api/v1/jobs/{jobId}/first-look", """
                {"id": "%s", "signs": [{"kind": "SPIN", "value": "SILENT"}]}""".formatted(UUID.randomUUID()), job);
        thrice(
                "POST",
                "/api/v1/jobs/{jobId}/adjustment-procedure",
                entry().put("procedure", "SEAT_AND_FINGER_TIGHT").toString(),
                job);
        thrice("POST", "/api/v1/jobs/{jobId}/grease", """
                {"id": "%s", "name": "red tin", "thickener": "LITHIUM_COMPLEX"}""".formatted(UUID.randomUUID()), job);
        at = bench.doNow(bench.look(at));
        String step = Bench.done(at.path("walk").path("now"), UUID.randomUUID()).toString();
        at = thrice("POST", "/api/v1/jobs/{jobId}/steps", step, job);
        at = thrice(
                "POST",
                "/api/v1/jobs/{jobId}/undo",
                entry().put(
                                "stepId",
                                last(at.path("walk").path("done"))
                                        .path("stepId")
                                        .asString())
                        .toString(),
                job);
        at = thrice(
                "POST",
                "/api/v1/jobs/{jobId}/runs",
                Bench.run(at, UUID.randomUUID()).toString(),
                job);
        String pressed = at.path("walk").path("lastPress").path("entryId").asString();
        thrice(
                "POST",
                "/api/v1/jobs/{jobId}/undo",
                entry().put("entryId", pressed).toString(),
                job);
        thrice("POST", "/api/v1/jobs/{jobId}/waits", entry().put("what", "seal").toString(), job);
        thrice("POST", "/api/v1/jobs/{jobId}/went-on", entry().toString(), job);
        at = bench.doUntil(bench.look(at), "raise.jack");
        thrice(
                "POST",
                "/api/v1/jobs/{jobId}/waivers",
                entry().put("checkId", "raise.on-stands")
                        .put("reason", "on a two-post lift")
                        .toString(),
                job);
        thrice(
                "POST",
                "/api/v1/jobs/{jobId}/notes",
                entry().put("stepId", "raise.jack").put("words", "soft ground").toString(),
                job);
        at = bench.doUntil(bench.look(at), "strip.cap");
        thrice(
                "POST",
                "/api/v1/jobs/{jobId}/not-here",
                entry().put("stepId", "strip.cap").toString(),
                job);
        thrice(
                "POST",
                "/api/v1/jobs/{jobId}/ways",
                entry().put("choice", "PACKING").put("way", "PACKER").toString(),
                job);
        thrice("POST", "/api/v1/jobs/{jobId}/not-here/recorded", "", job);
        assertThat(count("wheel_end_build", "wheel_end_id", pair.left())).isEqualTo(1);
        at = bench.doUntil(bench.look(at), "judge.inboard");
        thrice("POST", "/api/v1/jobs/{jobId}/judgings", """
                {"id": "%s", "item": "INBOARD_BEARING", "findings": [],
                 "looked": {"cleaned": true, "by": ["LOOKING", "FINGERNAIL", "TURNING"], "noisy": false}}
                """.formatted(UUID.randomUUID()), job);
        at = bench.doUntil(bench.look(at), "judge.brake");
        thrice("POST", "/api/v1/jobs/{jobId}/condemned", """
                {"id": "%s", "parts": ["LININGS"], "reason": "soaked"}""".formatted(UUID.randomUUID()), job);
        assertThat(count("job_entry", "job_id", job))
                .isEqualTo(bench.look(at).path("number").asInt());
        thrice(
                "POST",
                "/api/v1/jobs/{jobId}/abandon",
                entry().put("reason", "to try it").toString(),
                job);
    }

    @Test
    void jobsToTheirEnd() {
        JsonNode job = bench.doUntil(bench.open(UUID.fromString(pair.left()), "RENEW"), "prove.temperature");
        String id = job.path("id").asString();
        JsonNode back = thrice(
                "POST",
                "/api/v1/jobs/{jobId}/setting-reopened",
                entry().put("found", "HOT").toString(),
                id);
        thrice("POST", "/api/v1/jobs/{jobId}/cup-moved", """
                {"id": "%s", "cups": ["INBOARD_CUP"]}""".formatted(UUID.randomUUID()), id);
        bench.doAll(bench.look(back));
        thrice("POST", "/api/v1/jobs/{jobId}/close", entry().toString(), id);

        Bench wil = new Bench(app.as("wil"));
        JsonNode his = wil.doUntil(wil.open(UUID.fromString(pair.right()), "REPACK"), "nut.shown");
        his = wil.doAll(bench.doNow(his));
        Bench.accepted(wil.post(his, "/close", entry()));
        thrice(
                "POST",
                "/api/v1/jobs/{jobId}/sign-off",
                entry().toString(),
                his.path("id").asString());
    }

    @Test
    void instruments() throws IOException {
        String id = UUID.randomUUID().toString();
        try (StandIn calliper = StandIn.start(Simulated.CALLIPER, app.instrumentPort(9))) {
            thrice("POST", "/api/v1/instruments", """
                    {"id": "%s", "port": %d}""".formatted(id, calliper.port()));
        }
        thrice("DELETE", "/api/v1/instruments/{id}", "", id);
    }

    private static ObjectNode entry() {
        return Bench.entry();
    }

    private static JsonNode last(JsonNode list) {
        return list.get(list.size() - 1);
    }

    /** Sends it three times at once; the answer. */
    private JsonNode thrice(String method, String template, String body, Object... address) {
        tried.add(method + " " + template);
        String query = address.length > 0 && address[0].toString().startsWith("?") ? address[0].toString() : "";
        String path = template;
        for (Object part : List.of(address).subList(query.isEmpty() ? 0 : 1, address.length)) {
            path = path.replaceFirst("\\{\\w+}", part.toString());
        }
        List<Answer> answers = together(method, path + query, body);
        assertThat(answers)
                .extracting(Answer::text)
                .as("%s %s", method, template)
                .containsOnly(answers.getFirst().text());
        return answers.getFirst().text().isEmpty()
                ? tobe.get("/api/v1/session").json()
                : answers.getFirst().json();
    }

    private List<Answer> together(String method, String path, String body) {
        List<Answer> answers = new CopyOnWriteArrayList<>();
        var together = new CyclicBarrier(3);
        List<Thread> devices = IntStream.range(0, 3)
                .mapToObj(device -> Thread.ofVirtual().start(() -> {
                    await(together);
                    answers.add(send(method, path, body));
                }))
                .toList();
        devices.forEach(SameEntryIT::join);
        assertThat(answers)
                .extracting(Answer::status)
                .as("%s %s: %s", method, path, told(answers))
                .hasSize(3)
                .allMatch(status -> status < 300);
        return answers;
    }

    private Answer send(String method, String path, String body) {
        return switch (method) {
            case "DELETE" -> tobe.delete(path);
            case "POST" -> tobe.post(path, body);
            default ->
                path.contains("/photo")
                        ? tobe.putBytes(path, Base64.getDecoder().decode(body))
                        : tobe.put(path, body);
        };
    }

    private static String told(List<Answer> answers) {
        return answers.stream()
                .map(answer -> answer.status() + " " + answer.text())
                .toList()
                .toString();
    }

    private int count(String table, String column, String id) {
        return app.db()
                .fetchCount(DSL.table(table), DSL.field(column, UUID.class).eq(UUID.fromString(id)));
    }

    private String figure(String column, String id) {
        return app.db()
                .fetchSingle("select id from figure where " + column + " = ?::uuid", id)
                .get(0, String.class);
    }

    private int onHand(UUID item) {
        return Stores.here(tobe.get("/api/v1/shelf").json(), item)
                .at("/batches/0/onHand")
                .asInt();
    }

    private static String tail() {
        return UUID.randomUUID().toString().substring(0, 8);
    }

    /** One pixel, as PNG. */
    private static String picture() {
        var picture = new BufferedImage(1, 1, BufferedImage.TYPE_INT_RGB);
        var bytes = new ByteArrayOutputStream();
        try {
            ImageIO.write(picture, "png", bytes);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return Base64.getEncoder().encodeToString(bytes.toByteArray());
    }

    private static void await(CyclicBarrier together) {
        try {
            together.await();
        } catch (InterruptedException | BrokenBarrierException e) {
            throw new IllegalStateException(e);
        }
    }

    private static void join(Thread device) {
        try {
            device.join();
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    private static String usual(JsonNode choices) {
        return choices.valueStream()
                .filter(one -> one.path("name").asString().equals("packing"))
                .findFirst()
                .orElseThrow()
                .path("now")
                .asString();
    }
}
