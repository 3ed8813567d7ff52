package oldtallow.app.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import oldtallow.app.testing.Bench;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import org.jooq.impl.DSL;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Jobs that touch no nut: one that looks, one that tops up. */
@ExtendWith(OldTallowExtension.class)
class ScopesIT {

    @Test
    void lookingIsNoServiceOfTheGrease(RunningOldTallow app) {
        Bench bench = new Bench(app.http());
        UUID end = bench.newWheelEnd("STEPPED_BRAKED");

        JsonNode job = bench.doAll(bench.open(end, "LOOK"));
        assertThat(job.path("closing").path("hindrances")).isEmpty();
        job = Bench.accepted(bench.post(job, "/close", Bench.entry()));

        assertThat(job.path("state").asString()).isEqualTo("CLOSED");
        assertThat(recorded(app, end, "INSPECT")).isEqualTo(1);
        assertThat(recorded(app, end, "REPACK")).isZero();
    }

    @Test
    void toppingUpIsForHubsThatTakeMore(RunningOldTallow app) {
        Bench bench = new Bench(app.http());
        UUID spring = bench.newWheelEnd("STRAIGHT_SPINDLE");
        UUID plain = bench.newWheelEnd("STEPPED_BRAKED");

        JsonNode job = bench.doAll(bench.open(spring, "TOP_UP"));
        job = Bench.accepted(bench.post(job, "/close", Bench.entry()));

        assertThat(job.path("state").asString()).isEqualTo("CLOSED");
        assertThat(recorded(app, spring, "TOP_UP")).isEqualTo(1);
        assertThat(app.http()
                        .post(
                                "/api/v1/wheel-ends/" + plain + "/jobs",
                                Bench.entry().put("scope", "TOP_UP").toString())
                        .remedyFor("scope"))
                .contains("spring-loaded cap or oil in it");
    }

    /** Growling, it is gone on with at once: the same job becomes a renewal, and what was done stays done. */
    @Test
    void aLookThatFindsSomethingBecomesTheJobItWants(RunningOldTallow app) {
        Bench bench = new Bench(app.http());
        JsonNode job = bench.doUntil(bench.open(bench.newWheelEnd("STEPPED_BRAKED"), "LOOK"), "strip.cap");

        job = Bench.accepted(
                bench.post(job, "/scope", Bench.entry().put("scope", "RENEW").put("reason", "it growls")));

        assertThat(job.path("scope").asString()).isEqualTo("RENEW");
        assertThat(bench.doAll(job).path("walk").path("done").findValuesAsString("stepId"))
                .contains("raise.crack-nuts", "races.inboard-in")
                .containsOnlyOnce("look.spin");
    }

    private static int recorded(RunningOldTallow app, UUID end, String kind) {
        return app.db()
                .fetchCount(
                        DSL.table("service_event"),
                        DSL.field("wheel_end_id", UUID.class)
                                .eq(end)
                                .and(DSL.field("action", String.class).eq(kind)));
    }
}
