package oldtallow.app.identity.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.io.IOException;
import java.io.InputStream;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Collections;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import java.util.stream.StreamSupport;
import oldtallow.app.testing.Bench;
import oldtallow.app.testing.Demo;
import oldtallow.app.testing.Http;
import oldtallow.app.testing.Http.Answer;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import org.jooq.impl.DSL;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** Strangers at the door, and what is seen of who went in. */
@ExtendWith(OldTallowExtension.class)
class DoorIT {

    private static final String PASSWORD = "long enough words";

    /** Whoever tries a colleague's name waits alone. */
    @Test
    void nobodyIsLockedOutByAnother(RunningOldTallow app) {
        String name = added(app, "MECHANIC");
        Http mischief = app.strangerAlone();
        for (int i = 0; i < 3; i++) {
            mischief.signIn(name, "a guess of mine");
        }
        assertThat(mischief.signIn(name, "a guess of mine").status()).isEqualTo(429);

        assertThat(app.strangerAlone().signIn(name, PASSWORD).status()).isEqualTo(200);
    }

    @Test
    void oneAddressTriesNoListOfNames(RunningOldTallow app) {
        Http mischief = app.strangerAlone();
        long looked = 0;
        for (int i = 0; i < 25; i++) {
            looked += mischief.signIn("somebody" + i, "password of all").status() == 422 ? 1 : 0;
        }
        assertThat(looked).as("names whose password was looked at").isBetween(10L, 14L);
    }

    @ParameterizedTest
    @ValueSource(strings = {"password1234", "qwertyuiop12", "aaaaaaaaaaaa", "iloveyou1234", "1234567890"})
    void commonPasswordsAreRefused(String common, RunningOldTallow app) {
        assertThat(add(app, newName(), "MECHANIC", common).remedyFor("password"))
                .contains("among the first a stranger would try");
    }

    @Test
    void ownNamesAreNoPassword(RunningOldTallow app) {
        String name = "marlinspike";
        assertThat(add(app, name, "MECHANIC", name).remedyFor("password")).contains("among the first");
    }

    @Test
    void devicesAreSeenAndEnded(RunningOldTallow app) {
        String name = added(app, "APPRENTICE");
        Http phone = app.strangerAlone();
        Http bench = app.strangerAlone();
        phone.signIn(name, PASSWORD);
        bench.signIn(name, PASSWORD);

        JsonNode mine = phone.get("/api/v1/devices").json();
        assertThat(mine).hasSize(2);
        assertThat(mine.findValuesAsString("address")).allMatch(address -> address.startsWith("127.1."));
        JsonNode other = one(mine, false);
        assertThat(one(mine, true).path("since").asString()).isNotEmpty();
        assertThat(other.toString()).doesNotContain(bench.cookie("oldtallow"));

        String path = "/api/v1/devices/" + other.path("personId").asString() + "/"
                + other.path("name").asString();
        assertThat(app.as("tobe").delete(path).status()).as("another's device").isEqualTo(404);
        assertThat(phone.delete(path).json()).hasSize(1);
        assertThat(bench.get("/api/v1/yard").status()).isEqualTo(401);
        assertThat(phone.get("/api/v1/yard").status()).isEqualTo(200);
        assertThat(app.as("ines").get("/api/v1/devices").json().findValuesAsString("personName"))
                .as("the owner sees everybody's")
                .contains("Somebody");
    }

    @Test
    void anOpenLineEndsWithItsSession(RunningOldTallow app) {
        Http wil = app.strangerAlone();
        wil.signIn(added(app, "APPRENTICE"), PASSWORD);
        Bench bench = new Bench(wil);
        JsonNode job = bench.open(new Bench(app.http()).newWheelEnd("STEPPED_BRAKED"), "REPACK");
        List<String> told = new CopyOnWriteArrayList<>();
        var over = wil.line("/api/v1/jobs/" + job.path("id").asString() + "/events", told::add);
        await().until(() -> told.contains("data:look"));
        assertThat(over.isDone()).isFalse();

        wil.delete("/api/v1/session?everywhere=true");
        await().until(over::isDone);
    }

    @Test
    void nobodyHoldsMoreLinesThanTheirShare(RunningOldTallow app) {
        Http wil = app.strangerAlone();
        wil.signIn(added(app, "APPRENTICE"), PASSWORD);
        JsonNode job = new Bench(wil).open(new Bench(app.http()).newWheelEnd("STEPPED_BRAKED"), "REPACK");
        String events = "/api/v1/jobs/" + job.path("id").asString() + "/events";
        List<String> told = new CopyOnWriteArrayList<>();
        Future<?> first = wil.line(events, told::add);
        await().until(() -> told.contains("data:look"));
        List<Future<?>> others = IntStream.range(1, 24)
                .<Future<?>>mapToObj(i -> wil.line(events, told::add))
                .toList();
        Future<?> another = app.as("ines").line(events, told::add);
        await().until(() -> Collections.frequency(told, "data:look") == 25);
        assertThat(first.isDone()).isFalse();

        Future<?> last = wil.line(events, told::add);
        await().until(first::isDone);
        await().until(() -> Collections.frequency(told, "data:look") == 26);
        assertThat(others).noneMatch(Future::isDone);
        assertThat(another.isDone()).as("somebody else's").isFalse();

        wil.delete("/api/v1/session?everywhere=true");
        await().until(last::isDone);
    }

    @Test
    void aNewPasswordEndsCalendarAddresses(RunningOldTallow app) {
        Http person = app.strangerAlone();
        person.signIn(added(app, "MECHANIC"), PASSWORD);
        JsonNode feed =
                Bench.accepted(person.put("/api/v1/calendar-feeds/" + UUID.randomUUID(), "{\"name\": \"kitchen\"}"));
        String calendar = URI.create(feed.path("address").asString()).getPath();
        assertThat(app.stranger().get(calendar).status()).isEqualTo(200);

        String id = person.get("/api/v1/session").json().at("/person/id").asString();
        assertThat(person.put(
                                "/api/v1/people/" + id + "/password",
                                "{\"current\": \"" + PASSWORD + "\", \"password\": \"other words of mine\"}")
                        .status())
                .isEqualTo(204);
        assertThat(app.stranger().get(calendar).status()).isEqualTo(404);
    }

    @Test
    void theOwnerReadsWhoWentInAndWhoWasRefused(RunningOldTallow app) {
        String name = added(app, "APPRENTICE");
        Http wil = app.strangerAlone();
        wil.signIn(name, "a guess of mine");
        wil.signIn(name, PASSWORD);
        assertThat(wil.post("/api/v1/rigs/" + Demo.rig("Short camper") + "/figures", "{}")
                        .status())
                .isEqualTo(403);

        assertThat(wil.get("/api/v1/workshop/security").status()).isEqualTo(403);
        String read = app.as("ines").get("/api/v1/workshop/security").text();
        assertThat(read)
                .contains("tried a wrong password", "signed in", "was refused", "added a person", "/figures")
                .doesNotContain(PASSWORD, "a guess of mine");
    }

    /** Old sessions end however busy they are kept; here a month goes by. */
    @Test
    void noSessionLastsForEver() {
        try (RunningOldTallow app = RunningOldTallow.empty()) {
            Http device = app.founder();
            assertThat(device.get("/api/v1/yard").status()).isEqualTo(200);
            app.leap(Duration.ofDays(29));
            assertThat(device.get("/api/v1/yard").status()).isEqualTo(200);
            app.leap(Duration.ofDays(2));
            assertThat(device.get("/api/v1/yard").status()).isEqualTo(401);
        }
    }

    @Test
    void theFirstOwnerKnowsTheWordThatWasPrinted() {
        try (RunningOldTallow app = RunningOldTallow.empty()) {
            Http stranger = app.stranger();
            stranger.get("/api/v1/session");
            assertThat(stranger.post("/api/v1/first-owner", RunningOldTallow.FOUNDER.replace("let me in", "open up"))
                            .remedyFor("word"))
                    .contains("printed where Old Tallow runs");
            assertThat(stranger.get("/api/v1/session")
                            .json()
                            .path("firstOwnerWanted")
                            .asBoolean())
                    .isTrue();
            assertThat(stranger.post(
                                    "/api/v1/first-owner", RunningOldTallow.FOUNDER.replace("let me in", " Let me IN "))
                            .status())
                    .isEqualTo(200);
        }
    }

    /** One installation, two workshops: neither sees the other, and a word opens one of them once. */
    @Test
    void anotherWorkshopOpensWithAWordOfItsOwn() {
        try (RunningOldTallow app = RunningOldTallow.withDemo()) {
            Http cas = app.stranger();
            cas.get("/api/v1/session");
            String form = RunningOldTallow.FOUNDER.replace("bex", "cas").replace("let me in", "Abcd-2345-EFGH");
            assertThat(cas.post("/api/v1/first-owner", form).remedyFor("word"))
                    .contains("printed where Old Tallow runs");

            // as ./run new-workshop does
            app.db()
                    .execute(
                            "select open_another_workshop(encode(sha256('abcd-2345-efgh'), 'hex'), now() + interval '7 days')");
            assertThat(cas.post("/api/v1/first-owner", form.replace("\"cas\"", "\"ines\""))
                            .remedyFor("signInName"))
                    .isEqualTo("is taken; choose another");
            assertThat(cas.post("/api/v1/first-owner", form).status()).isEqualTo(200);

            assertThat(cas.get("/api/v1/yard").json().path("rigs")).isEmpty();
            assertThat(cas.get("/api/v1/people").json()).hasSize(1);
            assertThat(app.as("ines").get("/api/v1/people").json().findValuesAsString("signInName"))
                    .doesNotContain("cas");
            assertThat(app.stranger().post("/api/v1/first-owner", form).status())
                    .isBetween(400, 499);
            Http later = app.stranger();
            later.get("/api/v1/session");
            assertThat(later.post("/api/v1/first-owner", form.replace("cas", "dee"))
                            .remedyFor("word"))
                    .as("used once")
                    .isNotEmpty();
        }
    }

    /** Their password is known to everybody: once the demo is off they are nobody. */
    @Test
    void theDemosPeopleDoNotOutliveTheDemo() {
        try (RunningOldTallow app = RunningOldTallow.withDemo()) {
            assertThat(app.strangerAlone().signIn("ines", Demo.PASSWORD).status())
                    .isEqualTo(200);
            app.restartWithoutDemo();
            assertThat(app.strangerAlone().signIn("ines", Demo.PASSWORD).status())
                    .isEqualTo(422);
            assertThat(app.stranger().get("/api/v1/session").json().path("demoAccounts"))
                    .isEmpty();
        }
    }

    /** Ended with or without its rigs, nobody of it signs in again, and the next one to come is the first owner. */
    @ParameterizedTest
    @ValueSource(booleans = {true, false})
    void theDemoEndsForGood(boolean keepRigs) {
        try (RunningOldTallow app = RunningOldTallow.withDemo()) {
            Http ines = app.as("ines");
            int rigs = ines.get("/api/v1/yard").json().path("rigs").size();
            assertThat(app.as("tobe")
                            .post("/api/v1/workshop/demo-ended", "{\"keepRigs\": false}")
                            .status())
                    .isEqualTo(403);
            assertThat(ines.post("/api/v1/workshop/demo-ended", "{\"keepRigs\": " + keepRigs + "}")
                            .status())
                    .isEqualTo(204);

            assertThat(ines.get("/api/v1/yard").status()).isEqualTo(401);
            app.restart(); // still told to show the demo: it does not come back
            JsonNode door = app.stranger().get("/api/v1/session").json();
            assertThat(door.path("demoAccounts")).isEmpty();
            assertThat(door.path("firstOwnerWanted").asBoolean()).isTrue();
            assertThat(app.strangerAlone().signIn("ines", Demo.PASSWORD).status())
                    .isEqualTo(422);

            Http bex = app.founder();
            assertThat(bex.get("/api/v1/yard").json().path("rigs")).hasSize(keepRigs ? rigs : 0);
            assertThat(bex.get("/api/v1/yard").json().path("workshop").asString())
                    .isEqualTo("North shed");
            if (!keepRigs) {
                assertThat(app.db().fetchCount(DSL.table("job_entry"))).isZero();
                assertThat(app.db().fetchCount(DSL.table("person"))).isEqualTo(1);
            }
            // row security and the trail stand as before
            app.restart();
            assertThat(bex.get("/api/v1/yard").status()).isEqualTo(200);
        }
    }

    @Test
    void aRequestForAnotherNameIsRefused(RunningOldTallow app) throws IOException {
        String host = app.at("/").getAuthority();
        assertThat(raw(app, "GET /api/v1/session HTTP/1.1", host)).startsWith("HTTP/1.1 200");
        String refused = raw(app, "GET /api/v1/session HTTP/1.1", "evil.example.org");
        assertThat(refused).startsWith("HTTP/1.1 400").doesNotContain("evil.example.org");
    }

    @Test
    void noOtherPageReadsOrOpensThisOne(RunningOldTallow app) {
        for (String path : List.of("/", "/api/v1/session", "/api/v1/yard")) {
            var headers = app.http().get(path).headers();
            assertThat(headers.firstValue("cross-origin-opener-policy")).contains("same-origin");
            assertThat(headers.firstValue("cross-origin-resource-policy")).contains("same-origin");
        }
        assertThat(app.stranger().get("/api/v1/session").headers().allValues("set-cookie"))
                .isNotEmpty()
                .allMatch(cookie -> cookie.contains("SameSite=Strict"));
    }

    private static String raw(RunningOldTallow app, String line, String host) throws IOException {
        URI at = app.at("/");
        try (var socket = new Socket(at.getHost(), at.getPort())) {
            socket.getOutputStream()
                    .write((line + "\r\nHost: " + host + "\r\nConnection: close\r\n\r\n")
                            .getBytes(StandardCharsets.US_ASCII));
            InputStream in = socket.getInputStream();
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    private static JsonNode one(JsonNode devices, boolean isThis) {
        return StreamSupport.stream(devices.spliterator(), false)
                .filter(device -> device.path("isThis").asBoolean() == isThis)
                .findFirst()
                .orElseThrow();
    }

    private static String newName() {
        return "door" + UUID.randomUUID().toString().substring(0, 8);
    }

    private static String added(RunningOldTallow app, String role) {
        String name = newName();
        Bench.accepted(add(app, name, role, PASSWORD));
        return name;
    }

    private static Answer add(RunningOldTallow app, String name, String role, String password) {
        return app.as("ines").post("/api/v1/people", """
                {"id": "%s", "name": "Somebody", "signInName": "%s", "role": "%s", "password": "%s"}
                """.formatted(UUID.randomUUID(), name, role, password));
    }
}
