package oldtallow.app.schedule;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import java.time.Duration;
import java.time.LocalDate;
import java.time.ZoneId;
import oldtallow.app.testing.Bench;
import oldtallow.app.testing.Http;
import oldtallow.app.testing.RunningOldTallow;
import org.jooq.CloseableDSLContext;
import org.jooq.impl.DSL;
import org.junit.jupiter.api.Test;

/** What an upgrade leaves to be worked out anew is worked out at the next start, without anybody touching a rig. */
class UpgradeIT {

    @Test
    void whatIsDueIsKnownAgainSoonAfterAStart() {
        try (RunningOldTallow app = RunningOldTallow.empty()) {
            Http device = app.founder();
            Bench.Pair rig = new Bench(device).newPair("STEPPED_BRAKED");
            LocalDate longAgo = LocalDate.now(ZoneId.systemDefault()).minusYears(2);
            new Bench(device).serviced(rig.rig(), rig.left(), "REPACK", longAgo);
            String before = device.get("/api/v1/almanac").text();
            assertThat(before).contains(rig.rig());

            app.db().execute("delete from due_basis"); // as a migration does
            app.restart();

            await().until(() -> app.db().fetchCount(DSL.table("due_basis")) == 1);
            assertThat(device.get("/api/v1/almanac").text()).isEqualTo(before);
        }
    }

    /** While they are: nobody is told that nothing is due, and whoever asks for all of it is asked to come again. */
    @Test
    void meanwhileListsSayThatTheyAreNotWhole() {
        try (RunningOldTallow app = RunningOldTallow.empty()) {
            Http device = app.founder();
            new Bench(device).newPair("STEPPED_BRAKED");
            app.db().execute("delete from due_basis");
            try (CloseableDSLContext other =
                    DSL.using(app.postgres().url(), app.postgres().user(), "")) {
                other.transaction(holds -> {
                    holds.dsl().execute("lock table due_basis in exclusive mode"); // to be read, not to be written
                    app.restart();

                    assertThat(app.managed("/actuator/health")
                                    .json()
                                    .path("status")
                                    .asString())
                            .isEqualTo("CATCHING_UP");
                    assertThat(device.get("/api/v1/yard").json().path("isWhole").asBoolean())
                            .isFalse();
                    assertThat(device.get("/api/v1/almanac")
                                    .json()
                                    .path("isWhole")
                                    .asBoolean())
                            .isFalse();
                    Http.Answer calendar = device.get("/api/v1/calendar.ics");
                    assertThat(calendar.status()).isEqualTo(503);
                    assertThat(calendar.text()).contains("still being worked out");
                });
            }
            // whoever waited for it was told to come again, and does
            await().atMost(Duration.ofSeconds(40))
                    .until(() -> app.managed("/actuator/health")
                            .json()
                            .path("status")
                            .asString()
                            .equals("UP"));
            assertThat(device.get("/api/v1/yard").json().path("isWhole").asBoolean())
                    .isTrue();
            assertThat(device.get("/api/v1/calendar.ics").status()).isEqualTo(200);
        }
    }
}
