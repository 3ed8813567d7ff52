package oldtallow.app.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import oldtallow.app.testing.Bench;
import oldtallow.app.testing.Http.Answer;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Setting the nut on the bench by the sequence that governs. */
@ExtendWith(OldTallowExtension.class)
class SequenceIT {

    @Test
    void guidesByProcedureAndSeatsNewRingsTwice(RunningOldTallow app) {
        Bench bench = new Bench(app.http());
        JsonNode renewed = guide(app, bench.open(bench.newWheelEnd("STEPPED_BRAKED"), "RENEW"));
        JsonNode adjusted = guide(app, bench.open(bench.newWheelEnd("STEPPED_BRAKED"), "ADJUST"));

        assertThat(renewed.path("label").asString()).isEqualTo("Seat and finger-tight");
        assertThat(renewed.path("settles").asBoolean()).isTrue();
        assertThat(at(renewed, "SEAT").path("steps")).hasSize(2);
        assertThat(at(renewed, "SEAT").path("hubTurns").asInt()).isEqualTo(10);
        assertThat(at(adjusted, "SEAT").path("steps")).hasSize(1);
        JsonNode torque = at(adjusted, "SEAT").at("/steps/0/step/torque/least");
        assertThat(torque.path("newtonMetres").asDouble()).isBetween(67.7, 67.9);
        assertThat(torque.path("poundForceInches").asDouble()).isBetween(599.9, 600.1);
    }

    @Test
    void everyConstructionsOwnSequenceComesWithIt(RunningOldTallow app) {
        Bench bench = new Bench(app.http());

        assertThat(guide(app, bench.open(bench.newWheelEnd("FULL_FLOATING_REAR"), "RENEW"))
                        .path("procedure")
                        .asString())
                .isEqualTo("TWO_NUTS");
        assertThat(guide(app, bench.open(bench.newWheelEnd("CLASSIC_CAR"), "RENEW"))
                        .path("procedure")
                        .asString())
                .isEqualTo("STAKED_NUT");
        JsonNode spacer = guide(app, bench.open(bench.newWheelEnd("SPACER_SET"), "RENEW"));
        assertThat(spacer.path("procedure").asString()).isEqualTo("SPACER_SET");
        assertThat(at(spacer, "FULL_TORQUE").path("steps").toString()).contains("going up");
    }

    @Test
    void countsTheTurnsOfTheHub(RunningOldTallow app) {
        Bench bench = new Bench(app.http());
        JsonNode job = bench.doUntil(bench.open(bench.newWheelEnd("STEPPED_BRAKED"), "ADJUST"), "nut.seat");

        Answer few = bench.post(job, "/steps", done(job, "HUB_TURNS", 3, "TURN"));
        assertThat(few.remedyFor("readings")).contains("5 or more");
        assertThat(bench.post(job, "/steps", done(job, "HUB_TURNS", 6, "TURN")).status())
                .isEqualTo(200);
    }

    @Test
    void questionsFootPoundsPulledForInchPounds(RunningOldTallow app) {
        Bench bench = new Bench(app.http());
        JsonNode job = bench.doUntil(bench.open(bench.newWheelEnd("ROTOR_HUB"), "ADJUST"), "nut.fine");
        JsonNode sensed = Bench.accepted(app.http()
                .post(
                        path(job) + "/torque",
                        "{\"kind\": \"FINAL_TORQUE\", \"number\": 20, \"unit\": \"POUND_FORCE_FOOT\"}"));
        assertThat(sensed.at("/question/timesExpected").asDouble()).isBetween(9.5, 9.7);

        ObjectNode step = done(job, "FINAL_TORQUE", 20, "POUND_FORCE_FOOT");
        assertThat(bench.post(job, "/steps", step).remedyFor("readings")).contains("inch- or foot-pounds");
        step.put("id", UUID.randomUUID().toString()).withArray("checksMet").add("nut.torque-meant");
        assertThat(bench.post(job, "/steps", step).status()).isEqualTo(200);
    }

    /** 92 lbf·ft read as 92 N·m: a factor of 1.36, which only the figure that is kept can tell. */
    @Test
    void questionsNewtonMetresReadForFootPoundsByTheFigureThatIsKept(RunningOldTallow app) {
        Bench bench = new Bench(app.http());
        UUID end = bench.newWheelEnd("STEPPED_UNBRAKED");
        Bench.accepted(app.http().post("/api/v1/wheel-ends/" + end + "/figures?place=WHEEL_END", """
                {"kind": "WHEEL_NUT_TORQUE", "authority": "MAKER", "version": 0, "source": "manual, p. 4",
                 "leastTorque": {"number": 120, "unit": "NEWTON_METRE"},
                 "mostTorque": {"number": 130, "unit": "NEWTON_METRE"}}"""));
        JsonNode job = bench.doUntil(bench.open(end, "REPACK"), "close.wheel-nuts");
        assertThat(job.at("/walk/now/readings/0/figure").asString()).isEqualTo("WHEEL_NUT_TORQUE");

        ObjectNode step = done(job, "WHEEL_NUT_TORQUE", 92, "NEWTON_METRE");
        assertThat(bench.post(job, "/steps", step).remedyFor("readings")).contains("check the unit");
        ObjectNode right = done(job, "WHEEL_NUT_TORQUE", 92, "POUND_FORCE_FOOT");
        assertThat(bench.post(job, "/steps", right).status()).isEqualTo(200);
    }

    @Test
    void letsTheNutBackToItsMarkOnlyWithTheSameParts(RunningOldTallow app) {
        Bench bench = new Bench(app.http());
        JsonNode renew = bench.open(bench.newWheelEnd("STEPPED_BRAKED"), "RENEW");
        JsonNode adjust = bench.open(bench.newWheelEnd("STEPPED_BRAKED"), "ADJUST");

        assertThat(guide(app, renew).path("choices").findValuesAsString("id")).doesNotContain("REUSED_UNDISTURBED");
        assertThat(choose(bench, renew, "REUSED_UNDISTURBED").remedyFor("procedure"))
                .contains("inboard cone")
                .contains("set it anew");
        JsonNode back = Bench.accepted(choose(bench, adjust, "REUSED_UNDISTURBED"));
        assertThat(back.path("label").asString()).isEqualTo("Reused, undisturbed");
        assertThat(guide(app, adjust).path("procedure").asString()).isEqualTo("REUSED_UNDISTURBED");
        assertThat(back.path("choices").findValuesAsString("id"))
                .as("every procedure that sets a nut can still be chosen instead, none for a hub set by a spacer")
                .contains("SEAT_AND_FINGER_TIGHT", "INCH_POUND")
                .doesNotContain("SPACER_SET");
        assertThat(choose(bench, adjust, "NO_SUCH_ONE").remedyFor("procedure")).contains("choose one of the list");
    }

    @Test
    void goesBackToTheRaceThatWasNotHome(RunningOldTallow app) {
        Bench bench = new Bench(app.http());
        JsonNode job = bench.doUntil(bench.open(bench.newWheelEnd("STEPPED_BRAKED"), "RENEW"), "nut.seat");

        JsonNode back = Bench.accepted(cupMoved(bench, job, "INBOARD_CUP"));

        assertThat(back.at("/walk/now/stage").asString())
                .as("the hub comes off again first")
                .isEqualTo("STRIP");
        JsonNode again = bench.doUntil(back, "races.inboard-in");
        assertThat(again.path("parts").path("tray").toString()).contains("INBOARD_CUP");
        JsonNode seated = bench.doUntil(again, "nut.seat");
        assertThat(bench.doAll(seated).path("closing").path("hindrances")).isEmpty();
    }

    @Test
    void aCupThatNeverCameOutIsLooseInItsBore(RunningOldTallow app) {
        Bench bench = new Bench(app.http());
        JsonNode job = bench.doUntil(bench.open(bench.newWheelEnd("STEPPED_BRAKED"), "ADJUST"), "nut.seat");

        assertThat(cupMoved(bench, job, "INBOARD_CUP").remedyFor("cups")).contains("loose in its bore");
    }

    @Test
    void takesTheSealOffTheDrag(RunningOldTallow app) {
        Bench bench = new Bench(app.http());
        JsonNode job = bench.doUntil(bench.open(bench.newWheelEnd("STEPPED_BRAKED"), "ADJUST"), "nut.release");
        Bench.accepted(bench.post(job, "/steps", done(job, "DRAG_WITH_NUT_LOOSE", 6, "NEWTON")));

        JsonNode drag = Bench.accepted(app.http()
                .post(path(job) + "/drag", "{\"kind\": \"ROLLING_DRAG\", \"number\": 20, \"unit\": \"NEWTON\"}"));

        assertThat(drag.path("looseNewtons").asDouble()).isEqualTo(6);
        assertThat(drag.path("rolling").isMissingNode())
                .as("nobody measured this hub's stud circle")
                .isTrue();
    }

    private static JsonNode guide(RunningOldTallow app, JsonNode job) {
        return Bench.accepted(app.http().get(path(job) + "/sequence"));
    }

    private static JsonNode at(JsonNode guide, String aid) {
        for (JsonNode one : guide.path("steps")) {
            if (one.path("at").asString().equals(aid)) {
                return one;
            }
        }
        throw new IllegalStateException("nothing at " + aid);
    }

    private static ObjectNode done(JsonNode job, String kind, double number, String unit) {
        ObjectNode step = Bench.done(job.path("walk").path("now"), UUID.randomUUID());
        step.putArray("readings")
                .addObject()
                .put("kind", kind)
                .put("number", number)
                .put("unit", unit);
        return step;
    }

    private static Answer choose(Bench bench, JsonNode job, String procedure) {
        return bench.post(job, "/adjustment-procedure", Bench.entry().put("procedure", procedure));
    }

    private static Answer cupMoved(Bench bench, JsonNode job, String cup) {
        ObjectNode entry = Bench.entry();
        entry.putArray("cups").add(cup);
        return bench.post(job, "/cup-moved", entry);
    }

    private static String path(JsonNode job) {
        return "/api/v1/jobs/" + job.path("id").asString();
    }
}
