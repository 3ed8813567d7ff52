package oldtallow.app.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import oldtallow.app.testing.Bench;
import oldtallow.app.testing.Http.Answer;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** One job on several hubs of a rig. */
@ExtendWith(OldTallowExtension.class)
class RigJobIT {

    @Test
    void aTandemIsOneJobFromTheFirstCardToTheLast(RunningOldTallow app) {
        Bench bench = new Bench(app.http());
        JsonNode job = bench.openAll(bench.newRig("STRAIGHT_SPINDLE", 2), "REPACK", "STAGE_BY_STAGE");
        assertThat(positions(job)).containsExactly("front left", "rear left", "rear right", "front right");
        int presses = 0;
        while (!job.path("walk").path("run").isMissingNode()) {
            job = bench.doRun(job);
            presses++;
            String next = job.path("round").path("next").asString("");
            if (!next.isEmpty()) {
                job = Bench.accepted(app.http().get("/api/v1/jobs/" + next));
            }
        }

        assertThat(presses).isLessThanOrEqualTo(74);
        JsonNode closed = Bench.accepted(bench.post(job, "/close", Bench.entry()));
        assertThat(closed.path("round").path("hubs").findValuesAsString("state"))
                .hasSize(4)
                .containsOnly("CLOSED");
    }

    @Test
    void onePressForTheRigIsTakenBackWhole(RunningOldTallow app) {
        Bench bench = new Bench(app.http());
        JsonNode before = bench.openAll(bench.newRig("STEPPED_BRAKED", 2), "REPACK", "HUB_BY_HUB");

        JsonNode job = bench.doRun(before);

        JsonNode last = job.path("walk").path("lastPress");
        assertThat(last.path("hubs").asInt()).isEqualTo(4);
        assertThat(hubsDone(job)).containsOnly(5);
        JsonNode other = bench.at(job, 2);
        String there = other.path("walk").path("lastPress").path("entryId").asString();
        Bench.accepted(bench.post(other, "/undo", Bench.entry().put("entryId", there)));
        assertThat(hubsDone(bench.look(job))).containsOnly(0);
    }

    /** Each hub's own number, and the other end of its axle beside it. */
    @Test
    void warmthIsReadHubByHubAndDistanceOnce(RunningOldTallow app) {
        Bench bench = new Bench(app.http());
        JsonNode job = bench.openAll(bench.newRig("STEPPED_BRAKED", 1), "REPACK", "STAGE_BY_STAGE");
        ObjectNode press = Bench.run(job, UUID.randomUUID());
        read(press.path("steps"), "look.temperature", "HUB_TEMPERATURE", 41, "DEGREE_CELSIUS");
        read(press.path("steps"), "prepare.odometer", "ODOMETER", 104220, "KILOMETRE");
        read(press.path("alongside").get(0).path("steps"), "look.temperature", "HUB_TEMPERATURE", 63, "DEGREE_CELSIUS");

        Bench.accepted(bench.post(job, "/runs", press));

        assertThat(readings(bench.at(job, 0)))
                .contains("hub temperature 41 °C", "hub temperature on the other side 63 °C", "hub meter 104220 km");
        assertThat(readings(bench.at(job, 1)))
                .contains("hub temperature 63 °C", "hub temperature on the other side 41 °C", "hub meter 104220 km");
    }

    @Test
    void theRigIsNotLetDownBeforeEachHubIsOn(RunningOldTallow app) {
        Bench bench = new Bench(app.http());
        JsonNode job = bench.openAll(bench.newRig("STEPPED_BRAKED", 1), "REPACK", "HUB_BY_HUB");
        while (job.path("round").path("behind").isEmpty()) {
            job = bench.doRun(job);
        }
        JsonNode left = job;

        Answer refused = bench.post(left, "/runs", Bench.run(left, UUID.randomUUID()));

        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.text()).contains("Down on its wheels", "right is not as far");
        assertThat(left.path("round").path("next").asString())
                .isEqualTo(bench.at(left, 1).path("id").asString());
        // let go, it goes its own way
        JsonNode alone = Bench.accepted(bench.post(bench.at(left, 1), "/let-go", Bench.entry()));
        assertThat(positions(alone)).containsExactly("right");
        assertThat(bench.doRun(bench.look(left)).path("walk").path("done").toString())
                .contains("close.down");
    }

    /** A hub that has begun by itself comes with what is done of it; one of another rig does not come. */
    @Test
    void hubsComeWhileTheJobRuns(RunningOldTallow app) {
        Bench bench = new Bench(app.http());
        Bench.Pair rig = bench.newPair("STEPPED_BRAKED");
        JsonNode left = bench.doRun(bench.open(UUID.fromString(rig.left()), "REPACK"));
        JsonNode right = bench.doRun(bench.doRun(bench.open(UUID.fromString(rig.right()), "RENEW")));

        JsonNode added = Bench.accepted(bench.post(left, "/hubs", Bench.entry().put("wheelEndId", rig.right())));

        assertThat(added.path("id")).isEqualTo(right.path("id"));
        assertThat(added.path("scope").asString()).isEqualTo("RENEW");
        assertThat(positions(added)).containsExactly("left", "right");
        assertThat(bench.post(
                                left,
                                "/hubs",
                                Bench.entry()
                                        .put(
                                                "wheelEndId",
                                                bench.newWheelEnd("STEPPED_BRAKED")
                                                        .toString()))
                        .remedyFor("wheelEndId"))
                .contains("another rig");
    }

    @Test
    void onlyWhoPressedTakesItBack(RunningOldTallow app) {
        Bench bench = new Bench(app.http());
        JsonNode job = bench.doRun(bench.openAll(bench.newRig("STEPPED_BRAKED", 1), "REPACK", "HUB_BY_HUB"));
        String pressed = job.path("walk").path("lastPress").path("entryId").asString();
        var ines = new Bench(app.as("ines"));

        assertThat(ines.look(job).path("walk").path("lastPress").isMissingNode())
                .isTrue();
        Answer refused = ines.post(job, "/undo", Bench.entry().put("entryId", pressed));
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.text()).contains("press: only who made it takes it back");
    }

    /** Somebody else's hub is neither pressed for nor gone to. */
    @Test
    void twoPeopleWorkAtTwoHubs(RunningOldTallow app) {
        Bench ines = new Bench(app.as("ines"));
        var tobe = new Bench(app.http());
        JsonNode job = ines.openAll(ines.newRig("STEPPED_BRAKED", 1), "REPACK", "STAGE_BY_STAGE");
        job = ines.doRun(ines.doRun(ines.doRun(job)));
        assertThat(job.path("walk").path("run").path("alongside")).hasSize(1);

        tobe.doRun(tobe.at(job, 1));

        JsonNode after = ines.look(job);
        assertThat(after.path("round").path("hubs").get(1).path("by").asString())
                .isNotEmpty();
        assertThat(after.path("walk").path("run").path("alongside")).isEmpty();
        assertThat(after.path("round").path("next").isMissingNode()).isTrue();
    }

    private static List<String> positions(JsonNode job) {
        return job.path("round").path("hubs").findValuesAsString("position");
    }

    private static List<Integer> hubsDone(JsonNode job) {
        JsonNode hubs = job.path("round").path("hubs");
        return IntStream.range(0, hubs.size())
                .mapToObj(i -> hubs.get(i).path("stepsDone").asInt())
                .toList();
    }

    private static void read(JsonNode steps, String stepId, String kind, double number, String unit) {
        for (JsonNode step : steps) {
            if (step.path("stepId").asString().equals(stepId)) {
                ArrayNode readings = ((ObjectNode) step).putArray("readings");
                readings.addObject().put("kind", kind).put("number", number).put("unit", unit);
            }
        }
    }

    private static String readings(JsonNode job) {
        return job.path("walk").path("done").findValues("readings").toString();
    }
}
