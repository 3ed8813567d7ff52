package oldtallow.app.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.UUID;
import oldtallow.app.testing.Bench;
import oldtallow.app.testing.Http.Answer;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** A job walked in runs: what the hands do in one go is one press and one entry. */
@ExtendWith(OldTallowExtension.class)
class RunIT {

    @ParameterizedTest
    @ValueSource(strings = {"STEPPED_BRAKED", "SPACER_SET", "DRIVE_FLANGE_FRONT", "OIL_BATH_HEAVY", "GREASE_THROUGH"})
    void aWholeRepackIsWalkedInRuns(String construction, RunningOldTallow app) {
        Bench bench = new Bench(app.http());
        JsonNode job = bench.open(bench.newWheelEnd(construction), "REPACK");
        int runs = 0;
        while (!job.path("walk").path("now").isMissingNode()) {
            job = bench.doRun(job);
            runs++;
        }

        assertThat(job.path("walk").path("run").isMissingNode()).isTrue();
        assertThat(job.path("walk").path("done").size())
                .as("steps done in %d runs", runs)
                .isGreaterThan(2 * runs);
        assertThat(job.path("walk").path("done").path(0).path("inOneGo").asInt())
                .isGreaterThan(1);
        assertThat(Bench.accepted(bench.post(job, "/close", Bench.entry()))
                        .path("state")
                        .asString())
                .isEqualTo("CLOSED");
    }

    @Test
    void aStepThatWasSaidByItselfSaysSo(RunningOldTallow app) {
        Bench bench = new Bench(app.http());

        JsonNode job = bench.doNow(bench.open(bench.newWheelEnd("STEPPED_BRAKED"), "REPACK"));

        assertThat(job.path("walk").path("done").path(0).path("inOneGo").asInt())
                .isEqualTo(1);
    }

    @Test
    void nothingOfARunCountsWhereOneMustIsOpen(RunningOldTallow app) {
        Bench bench = new Bench(app.http());
        JsonNode job = bench.open(bench.newWheelEnd("STEPPED_BRAKED"), "REPACK");
        assertThat(job.path("walk").path("run").path("steps").findValuesAsString("says"))
                .anyMatch(says -> says.contains("stands on stands"));
        ObjectNode unsure = Bench.run(job, UUID.randomUUID());
        unsure.path("steps").forEach(step -> ((ObjectNode) step).putArray("checksMet"));

        Answer refused = bench.post(job, "/runs", unsure);

        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.remedyFor("checksMet")).contains("stands on stands");
        assertThat(bench.look(job).path("number")).isEqualTo(job.path("number"));
    }

    @Test
    void oneUndoTakesARunBackWhole(RunningOldTallow app) {
        Bench bench = new Bench(app.http());
        JsonNode before = bench.open(bench.newWheelEnd("STEPPED_BRAKED"), "REPACK");
        JsonNode run = bench.doRun(before);
        JsonNode last = run.path("walk").path("lastPress");
        assertThat(last.path("words").asString()).endsWith("more");
        ObjectNode undo = Bench.entry().put("entryId", last.path("entryId").asString());

        JsonNode undone = Bench.accepted(bench.post(run, "/undo", undo));

        assertThat(undone.path("walk").path("run"))
                .isEqualTo(before.path("walk").path("run"));
        assertThat(undone.path("walk").path("done")).isEmpty();
        assertThat(undone.path("walk").path("lastPress").isMissingNode()).isTrue();
        // sent again by a device that heard no answer
        assertThat(Bench.accepted(bench.post(run, "/undo", undo)).path("number"))
                .isEqualTo(undone.path("number"));
        assertThat(bench.post(
                                run,
                                "/undo",
                                Bench.entry()
                                        .put("entryId", last.path("entryId").asString()))
                        .remedyFor("entryId"))
                .contains("look at the bench again");
    }

    @Test
    void whatWasTakenBackIsNotOnTheSheet(RunningOldTallow app) {
        Bench bench = new Bench(app.http());
        JsonNode job = bench.open(bench.newWheelEnd("STEPPED_BRAKED"), "REPACK");
        ObjectNode wrong = Bench.run(job, UUID.randomUUID());
        ((ObjectNode) wrong.path("steps").get(0))
                .putArray("readings")
                .addObject()
                .put("kind", "HUB_TEMPERATURE")
                .put("number", 37.25)
                .put("unit", "DEGREE_CELSIUS");
        JsonNode run = Bench.accepted(bench.post(job, "/runs", wrong));
        String sheet = "/api/v1/jobs/" + job.path("id").asString() + "/service-sheet.html";
        assertThat(app.http().get(sheet).text()).contains("37.25");

        Bench.accepted(bench.post(
                run,
                "/undo",
                Bench.entry().put("entryId", run.at("/walk/lastPress/entryId").asString())));

        assertThat(app.http().get(sheet).text()).doesNotContain("37.25");
    }

    /** Two at one hub: done twice is done once, and what the second read is kept. */
    @Test
    void aRunThatSomebodyElseBeganIsFinished(RunningOldTallow app) {
        Bench bench = new Bench(app.http());
        JsonNode job = bench.open(bench.newWheelEnd("STEPPED_BRAKED"), "REPACK");
        ObjectNode late = Bench.run(job, UUID.randomUUID());
        List<String> steps = late.path("steps").findValuesAsString("stepId");
        bench.doNow(job);

        JsonNode both = Bench.accepted(bench.post(job, "/runs", late));

        assertThat(both.path("walk").path("done").findValuesAsString("stepId")).isEqualTo(steps);
    }

    @Test
    void aRunWithoutStepsIsNone(RunningOldTallow app) {
        Bench bench = new Bench(app.http());
        JsonNode job = bench.open(bench.newWheelEnd("STEPPED_BRAKED"), "REPACK");
        ObjectNode empty = Bench.entry();
        empty.putArray("steps");

        assertThat(bench.post(job, "/runs", empty).remedyFor("steps")).contains("1 or more");
        assertThat(bench.post(job, "/undo", Bench.entry()).remedyFor("entryId")).contains("is missing");
    }
}
