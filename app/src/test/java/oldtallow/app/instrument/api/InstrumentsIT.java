package oldtallow.app.instrument.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.time.Duration;
import java.util.UUID;
import oldtallow.app.testing.Bench;
import oldtallow.app.testing.Http;
import oldtallow.app.testing.Http.Answer;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import oldtallow.standin.Simulated;
import oldtallow.standin.StandIn;
import oldtallow.standin.Trouble;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(OldTallowExtension.class)
class InstrumentsIT {

    @Test
    void isFoundPairedTakenFromAndForgotten(RunningOldTallow app) throws Exception {
        int port = app.instrumentPort(0);
        UUID id = UUID.randomUUID();
        try (StandIn calliper = StandIn.start(Simulated.CALLIPER, port)) {
            JsonNode nearby = Bench.accepted(app.http().get("/api/v1/instruments/nearby"));
            assertThat(nearby.findValuesAsString("port")).contains(String.valueOf(port));

            Bench.accepted(pair(app.http(), id, port));
            assertThat(pair(app.http(), UUID.randomUUID(), port).remedyFor("port"))
                    .contains("paired already");
            JsonNode taken = takeWhenSteady(app.http(), id);
            assertThat(taken.path("number").asDouble()).isEqualTo(34.93);
            assertThat(taken.path("unit").asString()).isEqualTo("MILLIMETRE");

            calliper.suffer(Trouble.JITTERS);
            untilRefused(app.http(), id, "does not stand still");
        }
        untilRefused(app.http(), id, "is it on, and near?");

        assertThat(app.http().delete("/api/v1/instruments/" + id).status()).isEqualTo(204);
        assertThat(take(app.http(), id).status()).isEqualTo(404);
    }

    @Test
    void connectsToNoOtherPortOfThisMachine(RunningOldTallow app) {
        assertThat(pair(app.http(), UUID.randomUUID(), 5432).remedyFor("port")).contains("where instruments listen");
        assertThat(pair(app.http(), UUID.randomUUID(), app.instrumentPort(9)).remedyFor("port"))
                .contains("does not answer");
    }

    @Test
    void saysSoWhereAnotherInstrumentAnswers(RunningOldTallow app) throws Exception {
        int port = app.instrumentPort(1);
        UUID id = UUID.randomUUID();
        try (StandIn scale = StandIn.start(Simulated.SPRING_SCALE, port)) {
            Bench.accepted(pair(app.http(), id, scale.port()));
        }
        try (StandIn other = StandIn.start(Simulated.THERMOMETER, port)) {
            assertThat(other.port()).isEqualTo(port);
            // a lost line is tried again at growing intervals
            await().atMost(Duration.ofSeconds(20))
                    .untilAsserted(() -> assertThat(
                                    app.http().get("/api/v1/instruments").text())
                            .contains("not the spring scale"));
        }
        app.http().delete("/api/v1/instruments/" + id);
    }

    private static Answer pair(Http device, UUID id, int port) {
        return device.post("/api/v1/instruments", "{\"id\": \"" + id + "\", \"port\": " + port + "}");
    }

    private static Answer take(Http device, UUID id) {
        return device.post("/api/v1/instruments/" + id + "/take", "");
    }

    private static JsonNode takeWhenSteady(Http device, UUID id) {
        return await().until(() -> take(device, id), taken -> taken.status() == 200)
                .json();
    }

    private static void untilRefused(Http device, UUID id, String words) {
        await().untilAsserted(() ->
                assertThat(take(device, id).remedyFor("instrument")).contains(words));
    }
}
