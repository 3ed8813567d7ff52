package oldtallow.app.register;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Locale;
import java.util.UUID;
import oldtallow.app.testing.Bench;
import oldtallow.app.testing.Http;
import oldtallow.app.testing.Http.Answer;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Sequences a workshop writes for itself. Their figures are made up. */
@ExtendWith(OldTallowExtension.class)
class OwnProceduresIT {

    @Test
    void isOfferedBesideTheTradesAndNamesItsSource(RunningOldTallow app) {
        UUID id = UUID.randomUUID();
        Bench.accepted(put(app.http(), id, 0, "Manual 12 " + id));

        JsonNode procedures = app.http().get("/api/v1/nut-reference").json().path("procedures");
        JsonNode own = procedures.get(procedures.size() - 1);
        assertThat(procedures.findValuesAsString("id")).contains(id.toString());
        assertThat(own.path("source").asString()).isEqualTo("manual, page 12");
        assertThat(own.at("/steps/0/torque/least/poundForceFeet").asDouble()).isBetween(29.99, 30.01);
        assertThat(own.at("/steps/0/hubTurns").asInt()).isEqualTo(8);
    }

    @Test
    void setsANutAndStillNamesItWhenOfferedNoLonger(RunningOldTallow app) {
        UUID id = UUID.randomUUID();
        Bench.accepted(put(app.http(), id, 0, "To be retired " + id));
        UUID end = new Bench(app.http()).newWheelEnd("STEPPED_BRAKED");
        Answer set = set(app.http(), end, id.toString());
        assertThat(set.status()).as(set.text()).isEqualTo(200);

        Bench.accepted(app.http().delete("/api/v1/adjustment-procedures/own/" + id));

        assertThat(app.http().get("/api/v1/nut-reference").text()).doesNotContain(id.toString());
        assertThat(app.http().get("/api/v1/wheel-ends/" + end + "/nut-settings").text())
                .contains(id.toString());
    }

    /** A setting may have waited in a device's outbox since procedures were called otherwise. */
    @Test
    void takesASettingWrittenByAnOlderPage(RunningOldTallow app) {
        UUID end = new Bench(app.http()).newWheelEnd("STEPPED_BRAKED");

        Bench.accepted(
                app.http().post("/api/v1/wheel-ends/" + end + "/nut-settings", """
                        {"id": "%s", "setAt": "2026-05-14T10:00:00Z", "school": "INCH_POUND",
                         "reading": {"mark": 1, "looserDegrees": 17}, "backOffDegrees": 17}
                        """.formatted(UUID.randomUUID())));

        assertThat(app.http().get("/api/v1/wheel-ends/" + end + "/nut-settings").text())
                .contains("INCH_POUND");
    }

    @Test
    void refusesAProcedureNobodyKnows(RunningOldTallow app) {
        UUID end = new Bench(app.http()).newWheelEnd("STEPPED_BRAKED");

        assertThat(set(app.http(), end, "NO_SUCH_PROCEDURE").remedyFor("procedure"))
                .contains("choose one of the list");
        assertThat(set(app.http(), end, "no such").remedyFor("procedure")).contains("name of an adjustment procedure");
    }

    @Test
    void namesEveryFieldThatIsWrong(RunningOldTallow app) {
        Answer refused = app.http().put("/api/v1/adjustment-procedures/own/" + UUID.randomUUID() + "?version=0", """
                        {"label": "x", "source": " ", "steps": [
                          {"kind": "SEAT", "says": "pull", "hub": "TURN_BOTH_WAYS",
                           "torque": {"least": 3000, "most": 3000, "unit": "POUND_FORCE_FOOT"}},
                          {"kind": "FINAL", "says": " ", "hub": "HOLD_STILL"}]}""");

        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.remedyFor("steps[0].torque")).contains("is the unit right?");
        assertThat(refused.remedyFor("steps[1].says")).contains("1 to 120");
    }

    @Test
    void refusesStaleChangesTakenNamesAndApprentices(RunningOldTallow app) {
        UUID id = UUID.randomUUID();
        String name = "Ours " + id;
        Bench.accepted(put(app.http(), id, 0, name));

        assertThat(put(app.http(), id, 0, name).status()).as("sent twice").isLessThan(300);
        assertThat(put(app.http(), id, 0, name + "!").status()).isEqualTo(409);
        assertThat(put(app.http(), UUID.randomUUID(), 0, name.toUpperCase(Locale.ROOT))
                        .remedyFor("label"))
                .contains("another procedure");
        assertThat(put(app.as("wil"), UUID.randomUUID(), 0, "Sanna's").status()).isEqualTo(403);
    }

    private static Answer put(Http device, UUID id, int version, String label) {
        return device.put("/api/v1/adjustment-procedures/own/" + id + "?version=" + version, """
                        {"label": "%s", "source": "manual, page 12", "usedOn": "one rig", "endsWith": "play",
                         "steps": [
                          {"kind": "SEAT", "says": "Pull it", "hub": "TURN_BOTH_WAYS", "hubTurns": 8,
                           "torque": {"least": 30, "most": 30, "unit": "POUND_FORCE_FOOT"}},
                          {"kind": "RELEASE", "says": "Back", "hub": "HOLD_STILL", "turnDegrees": 120},
                          {"kind": "BACK_OFF_TO_STOP", "says": "To the stop", "hub": "HOLD_STILL"}]}""".formatted(label));
    }

    private static Answer set(Http device, UUID end, String procedure) {
        return device.post("/api/v1/wheel-ends/" + end + "/nut-settings", """
                        {"id": "%s", "setAt": "2026-05-14T10:00:00Z", "procedure": "%s",
                         "reading": {"mark": 1, "looserDegrees": 17}, "backOffDegrees": 17}
                        """.formatted(UUID.randomUUID(), procedure));
    }
}
