package oldtallow.app.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.time.Duration;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import oldtallow.app.testing.Bench;
import oldtallow.app.testing.Http;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** The line on which a device hears what others write to a job. */
@ExtendWith(OldTallowExtension.class)
class OpenLineIT {

    private Http tobe;
    private Bench bench;
    private JsonNode job;

    @BeforeEach
    void openAJob(RunningOldTallow app) {
        tobe = app.http();
        bench = new Bench(tobe);
        job = bench.open(bench.newWheelEnd("STEPPED_BRAKED"), "REPACK");
    }

    @Test
    void tellsHowManyEntriesTheJobHas() {
        List<String> told = listen(tobe, job);

        JsonNode after = bench.doNow(job);
        await().until(() -> told.contains("data:" + after.path("number").asInt()));
        assertThat(after.path("number").asInt()).isEqualTo(job.path("number").asInt() + 1);
    }

    /** Its connection says nothing more, and nobody says that it is gone: asked after ten seconds, it is made anew. */
    @Test
    void hearsAgainAfterTheDatabasesHostVanished(RunningOldTallow app) {
        List<String> told = listen(tobe, job);
        int looksBefore = looks(told);

        app.line().vanish();
        // those who ask meanwhile find the pool's connections dead, and get others
        await().atMost(Duration.ofSeconds(30))
                .ignoreExceptions()
                .until(() -> bench.look(job).path("number").asInt()
                        == job.path("number").asInt());
        // told to look, since something may have been missed
        await().atMost(Duration.ofSeconds(30)).until(() -> looks(told) > looksBefore);

        JsonNode after = bench.doNow(job);
        await().until(() -> told.contains("data:" + after.path("number").asInt()));
    }

    /** An open line holds no connection of the pool: there may be many more of them than it has. */
    @Test
    void manyLinesKeepNobodyFromReading(RunningOldTallow app) {
        List<List<String>> lines = new CopyOnWriteArrayList<>();
        for (String person : List.of("tobe", "ines", "wil")) {
            for (int i = 0; i < 20; i++) {
                lines.add(listen(app.as(person), job));
            }
        }
        JsonNode after = bench.doNow(job);
        assertThat(tobe.get("/api/v1/yard").status()).isEqualTo(200);
        await().until(() -> lines.stream()
                .allMatch(told -> told.contains("data:" + after.path("number").asInt())));
    }

    private static int looks(List<String> told) {
        return Collections.frequency(told, "data:look");
    }

    private static List<String> listen(Http device, JsonNode job) {
        List<String> told = new CopyOnWriteArrayList<>();
        device.listen("/api/v1/jobs/" + job.path("id").asString() + "/events", told::add);
        await().until(() -> told.contains("data:look"));
        return told;
    }
}
