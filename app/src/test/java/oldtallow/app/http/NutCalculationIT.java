package oldtallow.app.http;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import oldtallow.app.testing.Http.Answer;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(OldTallowExtension.class)
class NutCalculationIT {

    private static final String BOARD_CASE = """
            {"thread": {"threadsPerInch": 14, "nominalDiameterMillimetres": 25.4, "hand": "RIGHT"},
             "lock": {"kind": "CASTLE_NUT", "slots": 6, "marksDegrees": [0, 90]},
             "reading": {"mark": 2, "looserDegrees": 17},
             "procedure": "TORQUE_HALF_TURN_TORQUE"}
            """;

    /** 17° back on a 1-14 leaves 0.085675 mm = 3.373 thou: recomputed from travel = pitch × angle / 360°. */
    @Test
    void advisesTheStopInBothUnits(RunningOldTallow app) {
        JsonNode body = calculate(app, "").json();

        assertThat(body.at("/advice/kind").asString()).isEqualTo("TAKE_STOP");
        assertThat(body.at("/advice/stop/backOffDegrees").asDouble()).isEqualTo(17);
        assertThat(body.at("/advice/stop/endPlay/millimetres").asDouble()).isCloseTo(0.085675, within(5e-7));
        assertThat(body.at("/advice/stop/endPlay/thousandths").asDouble()).isCloseTo(3.373, within(5e-4));
        assertThat(body.at("/advice/stop/ways/0/mark").asInt()).isEqualTo(2);
        assertThat(body.at("/stops/0/verdict").asString()).isEqualTo("PRELOAD");
        assertThat(body.at("/window/authority").asString()).isEqualTo("COMMON_PRACTICE");
        assertThat(body.has("torque")).isFalse();
    }

    @Test
    void letsTheMakersFigureGovern(RunningOldTallow app) {
        String figures = """
                , "figures": [
                  {"authority": "WORKSHOP", "least": {"number": 1, "unit": "THOUSANDTH_INCH"},
                   "most": {"number": 4, "unit": "THOUSANDTH_INCH"}, "source": "our rule"},
                  {"authority": "MAKER", "least": {"number": 0.2, "unit": "MILLIMETRE"},
                   "most": {"number": 0.3, "unit": "MILLIMETRE"}, "source": "manual, p. 7"}]
                """;
        JsonNode body = calculate(app, figures).json();

        assertThat(body.at("/window/source").asString()).isEqualTo("manual, p. 7");
        assertThat(body.at("/advice/stop/backOffDegrees").asDouble()).isEqualTo(47);
    }

    @Test
    void questionsATorqueInTheWrongUnit(RunningOldTallow app) {
        JsonNode torque = calculate(app, ", \"finalTorque\": {\"number\": 20, \"unit\": \"POUND_FORCE_FOOT\"}")
                .json()
                .path("torque");

        assertThat(torque.path("doubt").asString()).isEqualTo("OTHER_UNIT");
        assertThat(torque.path("likelyUnit").asString()).isEqualTo("POUND_FORCE_INCH");
        // T = K·F·d with K = 0.2: 27.116 N·m on 25.4 mm
        assertThat(torque.path("pressKilonewtons").asDouble()).isCloseTo(5.338, within(5e-4));
    }

    @Test
    void answersWhatAnyAngleLeaves(RunningOldTallow app) {
        JsonNode chosen = calculate(app, ", \"backOffDegrees\": 25.2").json().path("chosen");

        assertThat(chosen.at("/endPlay/thousandths").asDouble()).isCloseTo(5, within(1e-9));
        assertThat(chosen.path("verdict").asString()).isEqualTo("INSIDE");
    }

    /** The middle of 1 to 5 thou on a 1-14: 15.12°, 3 thou; recomputed. */
    @Test
    void suggestsTheMiddleWhereTheLockHoldsAnywhere(RunningOldTallow app) {
        String twoNuts = BOARD_CASE.replace(
                "{\"kind\": \"CASTLE_NUT\", \"slots\": 6, \"marksDegrees\": [0, 90]}", "{\"kind\": \"TWO_NUTS\"}");
        JsonNode body = app.http().post("/api/v1/nut-calculations", twoNuts).json();

        assertThat(body.at("/advice/measureAgain").asBoolean()).isTrue();
        assertThat(body.at("/chosen/backOffDegrees").asDouble()).isEqualTo(15.12);
        assertThat(body.at("/chosen/endPlay/thousandths").asDouble()).isCloseTo(3, within(1e-9));
    }

    @Test
    void listsProceduresThreadsAndBackOffs(RunningOldTallow app) {
        JsonNode reference = app.http().get("/api/v1/nut-reference").json();

        assertThat(reference.path("procedures").findValuesAsString("id"))
                .filteredOn(id -> id.matches("[A-Z0-9_]+")) // a workshop's own, after these, go by other ids
                .hasSize(14);
        JsonNode seat = reference.at("/procedures/0/steps/0/torque/least");
        assertThat(seat.path("poundForceFeet").asDouble()).isCloseTo(50, within(1e-9));
        assertThat(seat.path("newtonMetres").asDouble()).isCloseTo(67.79, within(5e-3));
        assertThat(seat.path("poundForceInches").asDouble()).isCloseTo(600, within(1e-9));
        assertThat(reference.path("backOffs").size()).isEqualTo(8);
    }

    private static Answer calculate(RunningOldTallow app, String more) {
        Answer answer =
                app.http().post("/api/v1/nut-calculations", BOARD_CASE.replace("TORQUE\"}", "TORQUE\"" + more + "}"));
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
        return answer;
    }
}
