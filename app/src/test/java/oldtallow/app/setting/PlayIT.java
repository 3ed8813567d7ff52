package oldtallow.app.setting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.util.UUID;
import oldtallow.app.testing.Bench;
import oldtallow.app.testing.Http.Answer;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(OldTallowExtension.class)
class PlayIT {

    @Test
    void carriesTheUncertaintyToTheVerdict(RunningOldTallow app) {
        UUID end = new Bench(app.http()).newWheelEnd("STEPPED_BRAKED");

        JsonNode inside = Bench.accepted(judge(app, end, "[0.075, 0.08, 0.077]", "0"));
        assertThat(inside.path("decision").asString()).isEqualTo("INSIDE");
        assertThat(inside.at("/spread/millimetres").asDouble()).isCloseTo(0.005, within(1e-9));
        assertThat(inside.path("better")).isEmpty();

        JsonNode close = Bench.accepted(judge(app, end, "[0.12, 0.125]", "0"));
        assertThat(close.path("decision").asString()).isEqualTo("TOO_CLOSE");
        assertThat(close.path("better").toString()).contains("edge itself");

        JsonNode loose = Bench.accepted(judge(app, end, "[0.3]", "0.02"));
        assertThat(loose.path("decision").asString()).isEqualTo("TOO_MUCH");
        assertThat(loose.at("/endPlay/millimetres").asDouble()).isCloseTo(0.28, within(1e-9));
    }

    @Test
    void refusesReadingsNoIndicatorShows(RunningOldTallow app) {
        UUID end = new Bench(app.http()).newWheelEnd("STEPPED_BRAKED");

        assertThat(judge(app, end, "[9]", "0").remedyFor("readings.readings")).contains("0 to 5 mm");
        assertThat(judge(app, end, "[]", "0").remedyFor("readings.readings")).contains("1 to 20");
        assertThat(judge(app, end, "[0.05]", "0.06").remedyFor("readings.slack.number"))
                .contains("smallest reading");
    }

    @Test
    void learnsHowTheBearingsSettle(RunningOldTallow app) {
        Bench bench = new Bench(app.http());
        UUID end = bench.newWheelEnd("STEPPED_BRAKED");
        assertThat(check(app, end, UUID.randomUUID(), "0.1", Instant.now()).remedyFor("readings"))
                .contains("setting on record first");
        bench.saveSetting(end); // left with 0.08 mm

        UUID id = UUID.randomUUID();
        Instant then = Instant.now();
        JsonNode shown = Bench.accepted(check(app, end, id, "0.1", then));
        assertThat(shown.at("/settling/gains/millimetres").asDouble()).isCloseTo(0.02, within(1e-9));
        assertThat(shown.at("/settling/times").asInt()).isEqualTo(1);
        assertThat(Bench.accepted(check(app, end, id, "0.1", then)).path("checks"))
                .as("sent twice it is one")
                .hasSize(1);

        Bench.accepted(check(app, end, UUID.randomUUID(), "0.13", Instant.now()));
        assertThat(app.http()
                        .get("/api/v1/wheel-ends/" + end + "/play-checks")
                        .json()
                        .at("/settling/gains/millimetres")
                        .asDouble())
                .as("the first reading after a setting tells how it settled, later ones how it wears")
                .isCloseTo(0.02, within(1e-9));
    }

    @Test
    void refusesWhatCannotHaveBeenReadYet(RunningOldTallow app) {
        Bench bench = new Bench(app.http());
        UUID end = bench.newWheelEnd("STEPPED_BRAKED");
        bench.saveSetting(end);

        assertThat(check(app, end, UUID.randomUUID(), "0.1", Instant.now().plus(Duration.ofDays(1)))
                        .remedyFor("checkedAt"))
                .contains("future");
        assertThat(check(app, end, UUID.randomUUID(), "0.1", Instant.now().minus(Duration.ofDays(1)))
                        .remedyFor("checkedAt"))
                .contains("after it was set");
    }

    @Test
    void learnsWhatLockingTwoNutsTakes(RunningOldTallow app) {
        UUID end = new Bench(app.http()).newWheelEnd("FULL_FLOATING_REAR");
        assertThat(locking(app, end).path("times").asInt()).isZero();
        assertThat(locking(app, end).at("/most/thousandths").asDouble()).isGreaterThan(5);

        // M39×1.5, 36° is 0.15 mm; 0.09 and 0.07 of it left after locking
        setTwoNuts(app, end, "0.09");
        setTwoNuts(app, end, "0.07");

        assertThat(locking(app, end).path("times").asInt()).isEqualTo(2);
        assertThat(locking(app, end).at("/takes/millimetres").asDouble()).isCloseTo(0.07, within(1e-6));
        assertThat(locking(app, end).at("/spread/millimetres").asDouble()).isCloseTo(0.02, within(1e-6));
        JsonNode worked = Bench.accepted(app.http().post("/api/v1/nut-calculations", """
                {"thread": {"pitchMillimetres": 1.5, "nominalDiameterMillimetres": 39, "hand": "RIGHT"},
                 "lock": {"kind": "TWO_NUTS"}, "procedure": "TWO_NUTS",
                 "reading": {"mark": 1, "looserDegrees": 0},
                 "lockingTakesUp": {"number": 0.07, "unit": "MILLIMETRE"}}"""));
        assertThat(worked.at("/chosen/endPlay/millimetres").asDouble()
                        - worked.at("/chosen/locked/millimetres").asDouble())
                .isCloseTo(0.07, within(1e-9));
        assertThat(worked.at("/chosen/verdict").asString()).isEqualTo("INSIDE");
    }

    @Test
    void keepsASettingThatIsTooCloseToTellAsSuch(RunningOldTallow app) {
        UUID end = new Bench(app.http()).newWheelEnd("STEPPED_BRAKED");
        JsonNode saved = Bench.accepted(app.http()
                .post("/api/v1/wheel-ends/" + end + "/nut-settings", """
                {"id": "%s", "setAt": "%s", "procedure": "SEAT_AND_FINGER_TIGHT",
                 "reading": {"mark": 1, "looserDegrees": 17}, "backOffDegrees": 17,
                 "readings": {"readings": [{"number": 0.12, "unit": "MILLIMETRE"}, {"number": 0.124, "unit": "MILLIMETRE"}]}}
                """.formatted(UUID.randomUUID(), Instant.now())));

        assertThat(saved.at("/measuredEndPlay/millimetres").asDouble()).isCloseTo(0.122, within(1e-9));
        assertThat(saved.path("verdict").asString()).isEqualTo("INSIDE");
        assertThat(saved.path("certain").asBoolean()).isFalse();
        assertThat(saved.at("/uncertainty/millimetres").asDouble()).isBetween(0.01, 0.03);
    }

    private static JsonNode locking(RunningOldTallow app, UUID end) {
        return app.http().get("/api/v1/wheel-ends/" + end + "/nut").json().path("locking");
    }

    private static void setTwoNuts(RunningOldTallow app, UUID end, String left) {
        Bench.accepted(app.http().post("/api/v1/wheel-ends/" + end + "/nut-settings", """
                {"id": "%s", "setAt": "%s", "procedure": "TWO_NUTS",
                 "reading": {"mark": 1, "looserDegrees": 0}, "backOffDegrees": 36, "note": "as it came",
                 "measuredEndPlay": {"number": %s, "unit": "MILLIMETRE"}}
                """.formatted(
                        UUID.randomUUID(), Instant.now(), left)));
    }

    private static Answer judge(RunningOldTallow app, UUID end, String millimetres, String slack) {
        return app.http().post("/api/v1/wheel-ends/" + end + "/play-readings", readings(millimetres, slack));
    }

    private static Answer check(RunningOldTallow app, UUID end, UUID id, String millimetres, Instant at) {
        return app.http()
                .post(
                        "/api/v1/wheel-ends/" + end + "/play-checks",
                        "{\"id\": \"%s\", \"checkedAt\": \"%s\", \"kilometres\": 60, \"readings\": %s}"
                                .formatted(id, at, readings("[" + millimetres + "]", "0")));
    }

    private static String readings(String millimetres, String slack) {
        String each = millimetres.replaceAll("([0-9.]+)", "{\"number\": $1, \"unit\": \"MILLIMETRE\"}");
        return "{\"readings\": %s, \"slack\": {\"number\": %s, \"unit\": \"MILLIMETRE\"}}".formatted(each, slack);
    }
}
