package oldtallow.app.http;

import static org.assertj.core.api.Assertions.assertThat;

import ch.qos.logback.classic.Level;
import ch.qos.logback.classic.Logger;
import ch.qos.logback.classic.spi.ILoggingEvent;
import ch.qos.logback.core.read.ListAppender;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import oldtallow.app.testing.Demo;
import oldtallow.app.testing.Entries;
import oldtallow.app.testing.Http;
import oldtallow.app.testing.Http.Answer;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import oldtallow.app.testing.Stores;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.slf4j.LoggerFactory;

/** What nobody types, but somebody sends: it is refused in a few bytes and at once, and never a failure of the application. */
@ExtendWith(OldTallowExtension.class)
class HostileInputIT {

    private static final String RIG = Demo.rig("Short camper").toString();
    private static final String HUB = Demo.SHORT_CAMPER_LEFT.toString();

    private final ListAppender<ILoggingEvent> logged = new ListAppender<>();
    private Http tobe;

    @BeforeEach
    void signIn(RunningOldTallow app) {
        tobe = app.http();
        logged.start();
        root().addAppender(logged);
    }

    /** Who sends nonsense fills no disk. */
    @AfterEach
    void noStackIsLogged() {
        root().detachAppender(logged);
        assertThat(logged.list)
                .filteredOn(line -> line.getThrowableProxy() != null || line.getLevel() == Level.ERROR)
                .isEmpty();
    }

    private static Logger root() {
        return (Logger) LoggerFactory.getLogger(org.slf4j.Logger.ROOT_LOGGER_NAME);
    }

    /** A number of a few letters that is a hundred million digits long. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "1e99999999",
                "1e999999999",
                "1e400",
                "-1e-99999999",
                "1e2147483647",
                "1e-2147483648",
                "0e-99999999"
            })
    void numbersThatAreTooLongToWriteDown(String number, RunningOldTallow app) {
        String item = Stores.form(UUID.randomUUID(), "price")
                .toString()
                .replaceAll("\"price\":[0-9.]+", "\"price\":" + number);
        assertThat(item).contains(number);
        assertRefused(tobe.post("/api/v1/shelf/items", item));
        assertRefused(app.as("ines")
                .put(
                        "/api/v1/workshop/rates",
                        "{\"version\": 0, \"hour\": %s, \"standingDay\": 20, \"sundries\": 4}".formatted(number)));
        assertRefused(tobe.post(
                "/api/v1/wheel-ends/" + HUB + "/rock",
                "{\"measured\": {\"number\": %s, \"unit\": \"MILLIMETRE\"}}".formatted(number)));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            GET  | /api/v1/palette?q=%00
            GET  | /api/v1/palette?q=a%FF%FEb
            GET  | /api/v1/palette?q=%C0%80
            GET  | /api/v1/palette?q=%E0%80
            GET  | /api/v1/shelf/recall?batch=%00
            GET  | /api/v1/almanac?from=%2B999999999-12-31
            GET  | /api/v1/almanac?from=-999999999-01-01
            GET  | /api/v1/almanac/strip?from=%2B999999999-12-31&to=-999999999-01-01
            GET  | /api/v1/almanac/weeks?from=%2B999999999-12-31
            GET  | /api/v1/audit?before=-9223372036854775808
            GET  | /api/v1/audit?before=9223372036854775808
            GET  | /api/v1/yard?more=%00
            GET  | /api/v1/yard?show=%0D%0ASet-Cookie:x
            GET  | /api/v1/bearing-sets/read?text=%00
            GET  | /api/v1/rigs/%00
            GET  | /api/v1/rigs/../rigs
            GET  | /api/v1/wheel-ends/not-an-id
            GET  | /api/v1/jobs/1-1-1-1-1
            GET  | /error
            POST | /error
            PUT  | /api/v1/session
            GET  | /calendar/%00.ics
            GET  | /calendar/..%2F..%2Fetc.ics
            GET  | /%2e%2e/%2e%2e/etc/passwd
            GET  | /api/v1//yard
            GET  | /api/v1/yard;jsessionid=1
            """)
    void addressesNobodyTypes(String method, String path) {
        Answer answer =
                method.equals("GET") ? tobe.get(path) : tobe.send(method, path, "application/json", new byte[0]);
        assertThat(answer.status()).as(path + ": " + answer.text()).isLessThan(500);
        assertThat(answer.text()).doesNotContain("Exception", "\tat ", "org.springframework");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "*/*",
                "multipart/form-data",
                "multipart/form-data; boundary=",
                "text/plain",
                "application/json; charset=nonsense",
                "application/x-www-form-urlencoded",
                "image/svg+xml",
                "application/octet-stream"
            })
    void bodiesThatAreSaidToBeSomethingElse(String type) {
        for (String path : List.of(
                "/api/v1/shelf/items",
                "/api/v1/session",
                "/api/v1/tracks/gpx",
                "/api/v1/wheel-ends/" + HUB + "/grease")) {
            Answer answer = tobe.send("POST", path, type, "{\"a\": 1}".getBytes(StandardCharsets.UTF_8));
            assertThat(answer.status()).as(path + " " + answer.text()).isBetween(400, 499);
            assertThat(answer.text()).doesNotContain("Exception", "\tat ");
        }
    }

    @Test
    void textsThatAreNoText() {
        List<Answer> answers = new ArrayList<>();
        for (String bad : List.of("\\u0000", "a\\u0007b", "\\u001b[31m", "\\ud800", "x".repeat(2_001))) {
            answers.add(tobe.post(
                    "/api/v1/shelf/items",
                    Stores.form(UUID.randomUUID(), "BAD").toString().replace("BAD", bad)));
            answers.add(tobe.post("/api/v1/wheel-ends/" + HUB + "/grease", """
                    {"id": "%s", "name": "%s", "thickener": "LITHIUM_COMPLEX", "code": "", "batch": "7"}
                    """.formatted(UUID.randomUUID(), bad)));
            answers.add(tobe.put("/api/v1/calendar-feeds/" + UUID.randomUUID(), "{\"name\": \"%s\"}".formatted(bad)));
            answers.add(
                    tobe.post("/api/v1/nut-calculations", "{\"thread\": {\"designation\": \"%s\"}}".formatted(bad)));
        }
        answers.forEach(HostileInputIT::assertRefused);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {"+999999999-12-31", "-999999999-01-01", "0001-01-01", "9999-12-31", "1899-12-31", "2200-01-01"})
    void daysNobodyLives(String day) {
        assertRefused(tobe.put("/api/v1/rigs/" + RIG + "/water/" + UUID.randomUUID(), """
                {"on": "%s", "kind": "DUNKING", "salt": true, "hot": false}""".formatted(day)));
        assertRefused(tobe.post("/api/v1/planned-jobs", """
                {"id": "%s", "wheelEndId": "%s", "scope": "REPACK", "wantedOn": "%s"}""".formatted(UUID.randomUUID(), HUB, day)));
        assertRefused(tobe.put("/api/v1/rigs/" + RIG + "/trips/" + UUID.randomUUID(), """
                {"version": 0, "name": "There", "state": "PLANNED", "from": "%s", "to": "%s", "km": 300, "legs": []}""".formatted(day, day)));
    }

    /** 58 KB of the same bearing again and again held a workshop up for a minute and a half. */
    @Test
    void listsWithoutEnd() {
        String axles = "{\"position\": 1},".repeat(2_000);
        String rig = Entries.newRig(
                        Entries.rig("Long", "L 1"),
                        Entries.preset(tobe, "STEPPED_BRAKED"),
                        1,
                        "L68149/L68111",
                        "L44649/L44610")
                .toString();
        long began = System.nanoTime();
        assertRefused(tobe.post("/api/v1/rigs", rig.replaceFirst("\"axles\":\\[", "\"axles\":[" + axles)));
        assertRefused(tobe.post("/api/v1/jobs/" + UUID.randomUUID() + "/first-look", """
                {"id": "%s", "signs": [%s]}""".formatted(
                        UUID.randomUUID(), "{\"kind\": \"SPIN\", \"value\": \"SILENT\"},".repeat(3_000) + "{}")));
        assertThat((System.nanoTime() - began) / 1e9).as("seconds").isLessThan(10);
    }

    /** One text node of 120 MB in a recorded track took all the memory there is. */
    @Test
    void aTrackThatIsOneLongWord() {
        String word = "<gpx xmlns=\"http://www.topografix.com/GPX/1/1\" version=\"1.1\"><trk><name>"
                + "x".repeat(900_000) + "</name></trk></gpx>";
        Answer answer = tobe.postXml("/api/v1/tracks/gpx", word);
        assertThat(answer.text().length()).isLessThan(2_000);
        assertThat(answer.status()).as(answer.text()).isBetween(400, 499);
    }

    @Test
    void oneFeedIdTwice(RunningOldTallow app) {
        String id = UUID.randomUUID().toString();
        assertThat(tobe.put("/api/v1/calendar-feeds/" + id, "{\"name\": \"one\"}")
                        .status())
                .isEqualTo(200);
        for (String who : List.of("ines", "wil")) {
            Answer second = app.as(who).put("/api/v1/calendar-feeds/" + id, "{\"name\": \"two\"}");
            assertThat(second.status()).as(second.text()).isBetween(400, 499);
        }
    }

    private static void assertRefused(Answer answer) {
        // a report of the whole of it would be too much for the one who reports
        assertThat(answer.text().length()).isLessThan(5_000);
        assertThat(answer.status()).as(answer.text()).isBetween(400, 499);
        assertThat(answer.text()).doesNotContain("Exception", "\tat ", "org.springframework");
        assertThat(answer.json().path("detail").asString("")).isNotBlank();
    }
}
