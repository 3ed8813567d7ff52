package oldtallow.app.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Base64;
import java.util.UUID;
import oldtallow.app.testing.Bench;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What turns out otherwise on the bench: a part done with, one that is not there, something worth remembering. */
@ExtendWith(OldTallowExtension.class)
class FoundOtherwiseIT {

    private static final byte[] PNG = Base64.getDecoder()
            .decode("iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNk+M9QDwADhgGAWjR9awAAAABJRU5ErkJggg==");

    @Test
    void aPartDoneWithIsOrderedAskedForAndRenewed(RunningOldTallow app) {
        Bench bench = new Bench(app.http());
        UUID end = bench.newWheelEnd("STEPPED_UNBRAKED");
        JsonNode job = bench.doUntil(bench.open(end, "REPACK"), "strip.cotter");
        ObjectNode dented = Bench.entry().put("reason", "dented, its rim is oval");
        dented.putArray("parts").add("CAP");

        job = Bench.accepted(bench.post(job, "/condemned", dented));
        String photo = "/api/v1/jobs/" + job.path("id").asString() + "/photos/" + UUID.randomUUID();
        assertThat(app.http()
                        .putBytes(photo + "?stepId=strip.cotter&part=CAP", PNG)
                        .status())
                .isEqualTo(204);

        assertThat(bench.look(job).path("photos").findValuesAsString("part")).containsExactly("CAP");
        assertThat(calledFor(app, job).path("parts").toString()).isEqualTo("[\"cap\"]");
        assertThat(calledFor(app, job).path("lines").get(0).path("here").asBoolean())
                .isFalse();

        job = bench.doUntil(job, "judge.new-here");
        assertThat(job.path("walk").path("now").path("what").asString()).isEqualTo("Have here, new: cap");
        job = bench.doNow(job);
        assertThat(calledFor(app, job).isMissingNode())
                .as("it is here, so nobody orders it any more")
                .isTrue();

        job = bench.doUntil(job, "close.cap");
        assertThat(job.at("/walk/now/moves/0/kind").asString()).isEqualTo("RENEW");
        assertThat(sheet(app, bench.doAll(job))).contains("not to go back", "cap: dented, its rim is oval");
    }

    @Test
    void whatIsNotOnTheHubIsStruckOutAndOfferedToItsRecord(RunningOldTallow app) {
        Bench bench = new Bench(app.http());
        UUID end = bench.newWheelEnd("STEPPED_UNBRAKED");
        JsonNode job = bench.doUntil(bench.open(end, "REPACK"), "strip.cap");
        assertThat(job.path("walk").path("now").path("absentable").asBoolean()).isTrue();

        job = Bench.accepted(bench.post(job, "/not-here", Bench.entry().put("stepId", "strip.cap")));

        assertThat(job.path("walk").path("now").path("id").asString()).isEqualTo("strip.look-grease");
        assertThat(job.at("/parts/absent/0/words").asString()).isEqualTo("cap");
        assertThat(job.at("/parts/absent/0/onRecord").asBoolean()).isTrue();
        assertThat(job.at("/parts/offSection").toString()).contains("CAP");
        assertThat(build(app, end).path("cap").asString()).isEqualTo("PLAIN");

        for (int sent = 0; sent < 2; sent++) {
            job = Bench.accepted(bench.post(job, "/not-here/recorded", Bench.entry()));
            assertThat(job.at("/parts/absent/0/onRecord").asBoolean()).isFalse();
            assertThat(build(app, end).path("cap").asString()).isEqualTo("NONE");
        }
        assertThat(app.http()
                        .get("/api/v1/wheel-ends/" + end)
                        .json()
                        .path("version")
                        .asInt())
                .as("changed once, however often it is sent")
                .isEqualTo(2);
        assertThat(sheet(app, bench.doAll(job))).contains("not on this hub");
    }

    @Test
    void whatHoldsTheHubIsOnEveryHub(RunningOldTallow app) {
        Bench bench = new Bench(app.http());
        JsonNode job = bench.doUntil(bench.open(bench.newWheelEnd("STEPPED_UNBRAKED"), "REPACK"), "strip.cotter");

        assertThat(job.path("walk").path("now").path("absentable").asBoolean()).isFalse();
        assertThat(bench.post(job, "/not-here", Bench.entry().put("stepId", "strip.cotter"))
                        .remedyFor("stepId"))
                .contains("where it is missing, one is put on");
    }

    @Test
    void aNoteStandsOnTheSheetUntilItIsTakenBack(RunningOldTallow app) {
        Bench bench = new Bench(app.http());
        JsonNode job = bench.open(bench.newWheelEnd("STEPPED_UNBRAKED"), "REPACK");

        job = Bench.accepted(bench.post(
                job, "/notes", Bench.entry().put("stepId", "strip.cap").put("words", "a smaller cap fits better")));
        job = Bench.accepted(bench.post(
                job, "/notes", Bench.entry().put("stepId", "strip.nut").put("words", "left by mistake")));
        job = Bench.accepted(bench.post(
                job,
                "/undo",
                Bench.entry().put("entryId", job.at("/walk/lastPress/entryId").asString())));

        assertThat(job.path("notes").findValuesAsString("words")).containsExactly("a smaller cap fits better");
        assertThat(sheet(app, bench.doAll(job)))
                .contains("Cap off: a smaller cap fits better")
                .doesNotContain("left by mistake");
    }

    private static JsonNode calledFor(RunningOldTallow app, JsonNode job) {
        for (JsonNode one : app.http().get("/api/v1/order-list").json().path("calledFor")) {
            if (one.path("jobId").equals(job.path("id"))) {
                return one;
            }
        }
        return app.http().get("/api/v1/order-list").json().path("nobody");
    }

    private static JsonNode build(RunningOldTallow app, UUID end) {
        return app.http().get("/api/v1/wheel-ends/" + end).json().path("build");
    }

    private static String sheet(RunningOldTallow app, JsonNode job) {
        return app.http()
                .get("/api/v1/jobs/" + job.path("id").asString() + "/service-sheet.html")
                .text();
    }
}
