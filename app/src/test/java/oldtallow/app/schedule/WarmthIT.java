package oldtallow.app.schedule;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
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

@ExtendWith(OldTallowExtension.class)
class WarmthIT {

    private final Instant now = Instant.now();

    private Http device;
    private String rig;
    private String left;
    private String right;

    @BeforeEach
    void enterARig(RunningOldTallow app) {
        device = app.http();
        Bench.Pair entered = new Bench(device).newPair("STEPPED_UNBRAKED");
        rig = entered.rig();
        left = entered.left();
        right = entered.right();
    }

    @Test
    void holdsOneSideAgainstTheOther() {
        JsonNode log = Bench.accepted(stop(UUID.randomUUID(), now, measured(left, 52), measured(right, 33)));

        assertThat(log.path("worst").path("alarm").asString()).isEqualTo("ONE_SIDED");
        assertThat(log.path("worst").path("holdsTheRig").asBoolean()).isTrue();
        assertThat(log.path("hubs").get(1).path("alarm").path("alarm").asString())
                .isEqualTo("FINE");
    }

    @Test
    void takesAHandForAThermometer() {
        JsonNode log = Bench.accepted(stop(UUID.randomUUID(), now, felt(left, "HOT"), felt(right, "WARM")));

        JsonNode reading = log.path("hubs").get(0).path("readings").get(0);
        assertThat(reading.path("celsius").isMissingNode()).isTrue();
        assertThat(reading.path("about").asDouble()).isEqualTo(60);
        assertThat(log.path("worst").path("alarm").asString()).isEqualTo("WATCH");
    }

    @Test
    void seesASideGainFromStopToStop() {
        for (int i = 0; i < 6; i++) {
            Bench.accepted(stop(
                    UUID.randomUUID(),
                    now.minus(Duration.ofHours(6 - i)),
                    measured(left, 30 + 1.5 * i),
                    measured(right, 30)));
        }
        JsonNode hub = log().path("hubs").get(0);

        assertThat(hub.path("alarm").path("alarm").asString()).isEqualTo("CREEPING");
        assertThat(hub.path("gain").asDouble()).isEqualTo(7.5);
        assertThat(hub.path("readings").get(2).path("alarm").asString()).isEqualTo("FINE");
    }

    @Test
    void aStopSentTwiceIsOneAndCanBeTakenBack() {
        UUID id = UUID.randomUUID();
        Bench.accepted(stop(id, now, measured(left, 30)));
        assertThat(Bench.accepted(stop(id, now, measured(left, 30))).path("stops"))
                .hasSize(1);

        assertThat(Bench.accepted(device.delete("/api/v1/rigs/" + rig + "/warmth/" + id))
                        .path("stops"))
                .isEmpty();
        assertThat(device.delete("/api/v1/rigs/" + rig + "/warmth/" + id).status())
                .as("taken back twice")
                .isEqualTo(200);
    }

    @Test
    void refusesWhatCannotBe() {
        assertThat(stop(UUID.randomUUID(), now, measured(left, 900)).remedyFor("hubs[0].celsius"))
                .contains("-40 to 400 °C");
        assertThat(stop(UUID.randomUUID(), now, "{\"wheelEndId\": \"" + left + "\"}")
                        .remedyFor("hubs[0].touch"))
                .contains("say how it felt");
        assertThat(stop(UUID.randomUUID(), now).remedyFor("hubs")).contains("one at least");
        assertThat(stop(UUID.randomUUID(), now, measured(left, 30), measured(left, 31))
                        .remedyFor("hubs"))
                .contains("twice");
        assertThat(stop(UUID.randomUUID(), now, measured(UUID.randomUUID().toString(), 30))
                        .remedyFor("hubs"))
                .contains("no wheel end of this rig");
        assertThat(stop(UUID.randomUUID(), now.plus(Duration.ofHours(2)), measured(left, 30))
                        .remedyFor("at"))
                .contains("future");
        assertThat(log().path("stops")).isEmpty();
    }

    @Test
    void whatAJobMeasuresIsInTheLog() {
        var bench = new Bench(device);
        JsonNode job = bench.doUntil(bench.open(UUID.fromString(left), "RENEW"), "prove.temperature");
        var step = Bench.done(job.path("walk").path("now"), UUID.randomUUID());
        step.putArray("readings")
                .addObject()
                .put("kind", "HUB_TEMPERATURE")
                .put("number", 41)
                .put("unit", "DEGREE_CELSIUS");
        step.withArray("readings")
                .addObject()
                .put("kind", "OTHER_HUB_TEMPERATURE")
                .put("number", 39)
                .put("unit", "DEGREE_CELSIUS");
        job = Bench.accepted(bench.post(job, "/steps", step));

        JsonNode log = log();
        assertThat(log.path("stops").get(0).path("jobId").asString())
                .isEqualTo(job.path("id").asString());
        assertThat(log.path("hubs")
                        .get(0)
                        .path("readings")
                        .get(0)
                        .path("celsius")
                        .asDouble())
                .isEqualTo(41);
        assertThat(log.path("hubs")
                        .get(1)
                        .path("readings")
                        .get(0)
                        .path("celsius")
                        .asDouble())
                .isEqualTo(39);

        Bench.accepted(bench.post(
                job,
                "/undo",
                Bench.entry().put("entryId", job.at("/walk/lastPress/entryId").asString())));
        assertThat(log().path("stops"))
                .as("taken back, it says nothing of the hub")
                .isEmpty();
    }

    private Answer stop(UUID id, Instant at, String... hubs) {
        return device.put("/api/v1/rigs/" + rig + "/warmth/" + id, """
                {"at": "%s", "dayCelsius": 20, "hubs": [%s]}""".formatted(at, String.join(",", hubs)));
    }

    private static String measured(String end, double celsius) {
        return "{\"wheelEndId\": \"" + end + "\", \"celsius\": " + celsius + "}";
    }

    private static String felt(String end, String touch) {
        return "{\"wheelEndId\": \"" + end + "\", \"touch\": \"" + touch + "\"}";
    }

    private JsonNode log() {
        return device.get("/api/v1/rigs/" + rig + "/warmth").json();
    }
}
