package oldtallow.app.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import oldtallow.app.testing.Bench;
import oldtallow.app.testing.Http;
import oldtallow.app.testing.Http.Answer;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** The drive proves a setting, or sends the job back to it. */
@ExtendWith(OldTallowExtension.class)
class ProvingIT {

    private Bench bench;
    private JsonNode job;

    @BeforeEach
    void doAJobUpToItsProof(RunningOldTallow app) {
        Http device = app.http();
        bench = new Bench(device);
        // no other test reckons with how long jobs on this construction took
        job = bench.doUntil(bench.open(bench.newWheelEnd("STEPPED_UNBRAKED"), "RENEW"), "prove.temperature");
    }

    /** A hub hot to the hand is over 60 °C, 15 K between sides more than sun and wind do: common practice. */
    @Test
    void aHotHubIsNotCalledWarm() {
        Answer hot = bench.post(job, "/steps", temperatures(86, 40));
        assertThat(hot.status()).isEqualTo(422);
        assertThat(hot.remedyFor("readings")).contains("go back to the setting");
        assertThat(bench.post(job, "/steps", temperatures(55, 35)).remedyFor("readings"))
                .as("one side hotter")
                .contains("go back to the setting");
        assertThat(bench.post(job, "/steps", temperatures(42, 40)).status()).isEqualTo(200);
    }

    @Test
    void theSettingIsOpenedAgainAndTheJobClosesAfterAnotherProof() {
        JsonNode reopened = Bench.accepted(bench.post(
                job, "/setting-reopened", Bench.entry().put("found", "HOT").put("what", "86 °C against 40")));

        assertThat(reopened.path("walk").path("now").path("id").asString()).isEqualTo("raise.jack");
        assertThat(reopened.path("closing").path("settingRecorded").asBoolean())
                .as("what was set before counts no longer")
                .isFalse();
        assertThat(closing(reopened).remedyFor("entry")).contains("There is still to do");

        JsonNode done = reopened;
        List<String> steps = new java.util.ArrayList<>();
        while (!done.path("walk").path("now").isMissingNode()) {
            steps.add(done.path("walk").path("now").path("id").asString());
            done = bench.doNow(done);
        }
        assertThat(steps)
                .containsSubsequence("raise.jack", "nut.seat", "nut.stop", "close.down", "prove.drive", "prove.rock")
                .doesNotContain("strip.wheel", "strip.nut", "grease.inboard");
        assertThat(closing(done).status()).isEqualTo(200);
    }

    @Test
    void nothingIsOpenedAgainBeforeItIsSet() {
        JsonNode fresh = bench.open(bench.newWheelEnd("STEPPED_UNBRAKED"), "RENEW");
        assertThat(bench.post(fresh, "/setting-reopened", Bench.entry().put("found", "LOOSE"))
                        .remedyFor("entry"))
                .contains("not set yet");
        ObjectNode twice = Bench.entry().put("found", "HOT");
        JsonNode once = Bench.accepted(bench.post(job, "/setting-reopened", twice));
        assertThat(Bench.accepted(bench.post(job, "/setting-reopened", twice))
                        .path("walk")
                        .path("now")
                        .path("id"))
                .as("sent twice")
                .isEqualTo(once.path("walk").path("now").path("id"));
    }

    private Answer closing(JsonNode at) {
        return bench.post(at, "/close", Bench.entry());
    }

    private ObjectNode temperatures(double hub, double other) {
        ObjectNode step = Bench.done(job.path("walk").path("now"), UUID.randomUUID());
        var readings = step.putArray("readings");
        readings.addObject().put("kind", "HUB_TEMPERATURE").put("number", hub).put("unit", "DEGREE_CELSIUS");
        readings.addObject()
                .put("kind", "OTHER_HUB_TEMPERATURE")
                .put("number", other)
                .put("unit", "DEGREE_CELSIUS");
        return step;
    }
}
