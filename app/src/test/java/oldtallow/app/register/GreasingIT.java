package oldtallow.app.register;

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

@ExtendWith(OldTallowExtension.class)
class GreasingIT {

    @Test
    void aJobWritesDownWhichGreaseWentIn(RunningOldTallow app) {
        Bench bench = new Bench(app.http());
        UUID end = bench.newWheelEnd("STEPPED_BRAKED");
        JsonNode job = bench.doUntil(bench.open(end, "REPACK"), "grease.kind");
        assertThat(job.at("/walk/now/aid").asString()).isEqualTo("GREASE_KIND");
        assertThat(job.at("/walk/now/how").toString()).contains("Nobody knows what was in it");

        Bench.accepted(bench.post(job, "/grease", greased("calcium sulfonate NLGI 2", "CALCIUM_SULFONATE")));
        job = bench.doAll(bench.look(job));
        assertThat(job.at("/greased/name").asString()).isEqualTo("calcium sulfonate NLGI 2");
        Bench.accepted(bench.post(job, "/close", Bench.entry()));

        JsonNode inIt = app.http().get("/api/v1/wheel-ends/" + end + "/grease").json();
        assertThat(inIt).hasSize(1);
        assertThat(inIt.get(0).path("thickener").asString()).isEqualTo("CALCIUM_SULFONATE");
        assertThat(inIt.get(0).path("batch").asString()).isEqualTo("MY-1");
        // and the next job knows it
        JsonNode next = bench.doUntil(bench.open(end, "REPACK"), "grease.kind");
        assertThat(next.at("/walk/now/how").toString()).doesNotContain("Nobody knows");
    }

    @Test
    void aJobThatDoesNotSayLeavesItUnknown(RunningOldTallow app) {
        Bench bench = new Bench(app.http());
        UUID end = bench.newWheelEnd("STEPPED_UNBRAKED");
        fill(app, end, "lithium complex", "LITHIUM_COMPLEX", "KP2N-20");

        JsonNode job = bench.doAll(bench.open(end, "REPACK"));
        Bench.accepted(bench.post(job, "/close", Bench.entry()));

        JsonNode inIt = app.http().get("/api/v1/wheel-ends/" + end + "/grease").json();
        assertThat(inIt).hasSize(2);
        assertThat(inIt.get(0).path("known").asBoolean()).isFalse();
        assertThat(inIt.get(1).path("name").asString()).isEqualTo("lithium complex");
    }

    @Test
    void adjustingLeavesTheGreaseAsItIs(RunningOldTallow app) {
        Bench bench = new Bench(app.http());
        UUID end = bench.newWheelEnd("STEPPED_UNBRAKED");
        fill(app, end, "lithium complex", "LITHIUM_COMPLEX", "");

        JsonNode job = bench.doAll(bench.open(end, "ADJUST"));
        Bench.accepted(bench.post(job, "/close", Bench.entry()));

        assertThat(app.http().get("/api/v1/wheel-ends/" + end + "/grease").json())
                .hasSize(1);
    }

    @Test
    void refusesGreaseThatIsNone(RunningOldTallow app) {
        Bench bench = new Bench(app.http());
        UUID end = bench.newWheelEnd("STEPPED_UNBRAKED");
        JsonNode job = bench.doUntil(bench.open(end, "REPACK"), "grease.kind");

        assertThat(fill(app, end, "", "LITHIUM", "").remedyFor("name")).contains("stands on the tin");
        assertThat(fill(app, end, "red", "LITHIUM", "KP2Q-30").remedyFor("code"))
                .contains("Q");
        assertThat(bench.post(job, "/grease", greased("some", "UNKNOWN")).remedyFor("thickener"))
                .contains("must be known of a new grease");
        assertThat(fill(app, UUID.randomUUID(), "red", "LITHIUM", "").status()).isEqualTo(404);
    }

    private static Answer fill(RunningOldTallow app, UUID end, String name, String thickener, String code) {
        return app.http()
                .post(
                        "/api/v1/wheel-ends/" + end + "/grease",
                        Bench.entry()
                                .put("name", name)
                                .put("thickener", thickener)
                                .put("code", code)
                                .put("batch", "")
                                .toString());
    }

    private static ObjectNode greased(String name, String thickener) {
        return Bench.entry().put("name", name).put("thickener", thickener).put("batch", "MY-1");
    }
}
