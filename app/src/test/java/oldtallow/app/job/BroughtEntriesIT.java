package oldtallow.app.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.temporal.ChronoUnit;
import java.util.Map;
import java.util.UUID;
import oldtallow.app.testing.Bench;
import oldtallow.app.testing.Http;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** What a device brings that had no line is written down as of when it was made. */
@ExtendWith(OldTallowExtension.class)
class BroughtEntriesIT {

    private static final Duration AN_AFTERNOON = Duration.ofHours(5);

    @Test
    void isWrittenDownAsOfWhenItWasMade(RunningOldTallow app) {
        Http device = app.http();
        var bench = new Bench(device);
        JsonNode job = bench.open(bench.newWheelEnd("STEPPED_UNBRAKED"), "REPACK");
        Instant made = Instant.now().minus(AN_AFTERNOON).truncatedTo(ChronoUnit.MILLIS);

        assertThat(note(device, job, made(made)).status()).isEqualTo(200);

        assertThat(lastAt(app, job)).isEqualTo(made);
        // and what is entered at the desk is of now again
        assertThat(note(device, job, Map.of()).status()).isEqualTo(200);
        assertThat(lastAt(app, job)).isAfter(Instant.now().minus(Duration.ofMinutes(5)));
    }

    @Test
    void aClockThatIsAheadSaysNoMoreThanNow(RunningOldTallow app) {
        Http device = app.http();
        var bench = new Bench(device);
        JsonNode job = bench.open(bench.newWheelEnd("STEPPED_UNBRAKED"), "REPACK");

        assertThat(note(device, job, made(Instant.now().plus(AN_AFTERNOON))).status())
                .isEqualTo(200);

        assertThat(lastAt(app, job)).isBefore(Instant.now().plus(Duration.ofMinutes(5)));
    }

    @ParameterizedTest
    @CsvSource({
        "yesterday, 1, Entry-Made-At",
        "2020-05-09T10:41:07Z, 1, Entry-Made-At",
        "2026-05-09T10:41:07Z, 99, Entry-Form",
        "2026-05-09T10:41:07Z, -5, Entry-Form",
        "2026-05-09T10:41:07Z, none, Entry-Form"
    })
    void saysWhatIsWrongWithIt(String made, String form, String field, RunningOldTallow app) {
        Http device = app.http();
        var bench = new Bench(device);
        JsonNode job = bench.open(bench.newWheelEnd("STEPPED_UNBRAKED"), "REPACK");

        Http.Answer refused = note(device, job, Map.of("Entry-Made-At", made, "Entry-Form", form));

        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.json().path("errors").get(0).path("field").asString())
                .isEqualTo(field);
        assertThat(bench.look(job).path("number")).isEqualTo(job.path("number"));
    }

    /** Whoever could say when it is could use an old code once more. */
    @Test
    void nobodySignsInByTheClockOfADevice(RunningOldTallow app) {
        assertThat(app.http()
                        .get("/api/v1/session", "Entry-Made-At", "yesterday")
                        .status())
                .isEqualTo(200);
    }

    private static Http.Answer note(Http device, JsonNode job, Map<String, String> headers) {
        return device.bring(
                "/api/v1/jobs/" + job.path("id").asString() + "/notes",
                "{\"id\": \"%s\", \"stepId\": \"raise.chock\", \"words\": \"chocks left at home\"}"
                        .formatted(UUID.randomUUID()),
                headers);
    }

    private static Map<String, String> made(Instant at) {
        return Map.of("Entry-Made-At", at.toString(), "Entry-Form", "1");
    }

    private static Instant lastAt(RunningOldTallow app, JsonNode job) {
        UUID id = UUID.fromString(job.path("id").asString());
        return app.db()
                .fetchSingle("select at from job_entry where job_id = ? order by number desc limit 1", id)
                .get(0, OffsetDateTime.class)
                .toInstant();
    }
}
