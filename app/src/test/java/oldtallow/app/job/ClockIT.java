package oldtallow.app.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.UUID;
import oldtallow.app.testing.Bench;
import oldtallow.app.testing.Demo;
import oldtallow.app.testing.Http;
import oldtallow.app.testing.RunningOldTallow;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** Clocks that are wrong, the server's and a device's: a job can be worked on, closed and given up all the same. */
class ClockIT {

    private static RunningOldTallow app;
    private static Http device;
    private static Bench bench;

    @BeforeAll
    static void found() {
        app = RunningOldTallow.empty();
        device = app.founder();
        bench = new Bench(device);
    }

    @AfterAll
    static void close() {
        app.close();
    }

    @Test
    void aClockPutBackADayLocksNoJob() {
        JsonNode job = bench.doUntil(bench.open(bench.newWheelEnd("STEPPED_BRAKED"), "REPACK"), "nut.seat");
        app.leap(Duration.ofDays(-1));
        try {
            // a device goes by the server's clock
            var bench = new Bench(device, () -> Instant.now().minus(Duration.ofDays(1)));
            JsonNode done = bench.doAll(job);
            assertThat(done.path("closing").path("settingRecorded").asBoolean())
                    .as("set after the nut was off, though an hour long ago by the clock")
                    .isTrue();
            assertThat(bench.post(job, "/close", Bench.entry()).status()).isEqualTo(200);
        } finally {
            app.leap(Duration.ofDays(1));
        }
    }

    @Test
    void aClockPutBackADayLetsAJobBeGivenUp() {
        JsonNode job = bench.doUntil(bench.open(bench.newWheelEnd("STEPPED_BRAKED"), "REPACK"), "strip.cap");
        app.leap(Duration.ofDays(-1));
        try {
            bench.doNow(job);
            assertThat(bench.post(job, "/abandon", Bench.entry().put("reason", "clock"))
                            .status())
                    .isEqualTo(200);
        } finally {
            app.leap(Duration.ofDays(1));
        }
    }

    /** Its time is told as it says; what came after what is the server's to know. */
    @Test
    void aSettingFromADeviceThatIsSlowIsTheJobs() {
        UUID end = bench.newWheelEnd("STEPPED_BRAKED");
        JsonNode job = bench.doUntil(bench.open(end, "REPACK"), "nut.seat");
        assertThat(bench.look(job).path("closing").path("settingRecorded").asBoolean())
                .isFalse();

        Bench.accepted(device.post(Demo.settingsOf(end), """
                {"id": "%s", "setAt": "%s", "procedure": "SEAT_AND_FINGER_TIGHT",
                 "reading": {"mark": 1, "looserDegrees": 17}, "backOffDegrees": 17,
                 "measuredEndPlay": {"number": 0.08, "unit": "MILLIMETRE"}}
                """.formatted(
                        UUID.randomUUID(), Instant.now().minus(Duration.ofMinutes(15)))));

        assertThat(bench.look(job).path("closing").path("settingRecorded").asBoolean())
                .isTrue();
    }

    /** Tries are counted by the clock; none of them makes anybody wait for a day. */
    @Test
    void aClockPutBackMakesNobodyWaitADayToSignIn() {
        OffsetDateTime now = OffsetDateTime.now(ZoneOffset.UTC);
        for (int i = 0; i < 5; i++) {
            tryToSignIn(now.plusSeconds(10L * i));
        }
        assertThat(tryToSignIn(now.minusDays(1))).isBetween(0, 300);
        assertThat(tryToSignIn(now.minusDays(1).plusSeconds(301))).isZero();
    }

    private static int tryToSignIn(OffsetDateTime moment) {
        return app.db()
                .fetchSingle("select sign_in_try('nobody at all', '10.0.0.7', ?::timestamptz)", moment)
                .get(0, Integer.class);
    }
}
