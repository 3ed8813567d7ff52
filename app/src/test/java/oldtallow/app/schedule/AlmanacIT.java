package oldtallow.app.schedule;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.UUID;
import java.util.stream.StreamSupport;
import oldtallow.app.testing.Bench;
import oldtallow.app.testing.Http;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(OldTallowExtension.class)
class AlmanacIT {

    private final LocalDate today = LocalDate.now(ZoneId.systemDefault());

    private Http device;
    private UUID left;
    private String rig;

    @BeforeEach
    void enterARig(RunningOldTallow app) {
        enterARig(app.http());
    }

    private void enterARig(Http on) {
        device = on;
        left = new Bench(device).newWheelEnd("STEPPED_BRAKED");
        rig = device.get("/api/v1/wheel-ends/" + left).json().path("rigId").asString();
    }

    @Test
    void saysNothingOfWhatNobodyKnows() {
        JsonNode almanac = almanac();

        assertThat(almanac.path("wheelEnds")).hasSize(2);
        assertThat(left(almanac).path("state").asString()).isEqualTo("NO_RECORD");
        assertThat(left(almanac).path("dues")).isEmpty();
        assertThat(almanac.path("months")).hasSize(25);
    }

    /** Once a year: the demo workshop's own rule, above common practice. */
    @Test
    void countsFromWhatWasDone() {
        JsonNode almanac = done("REPACK", today.minusDays(100));

        JsonNode due = left(almanac).path("dues").path(0);
        assertThat(due.path("action").asString()).isEqualTo("REPACK");
        assertThat(due.path("likely").asString())
                .isEqualTo(today.minusDays(100).plusYears(1).toString());
        assertThat(due.path("authority").asString()).isEqualTo("WORKSHOP");
        assertThat(due.path("ifLate").asString()).contains("seizes");
        assertThat(left(almanac).path("done").path(0).path("person").asString()).isEqualTo("Tobe");
        assertThat(device.get("/api/v1/rigs/" + rig + "/standings").text()).contains("every 12 months");
    }

    @Test
    void aTripMovesADateAndTheAlmanacTellsWhy() {
        done("REPACK", today.minusDays(10));
        LocalDate before = LocalDate.parse(
                left(almanac()).path("dues").path(0).path("likely").asString());

        UUID trip = UUID.randomUUID();
        plan(trip, 0, "PLANNED");

        JsonNode almanac = almanac();
        JsonNode due = left(almanac).path("dues").path(0);
        LocalDate after = LocalDate.parse(due.path("likely").asString());
        assertThat(after).isBefore(before).isBetween(today.plusDays(30), today.plusDays(60));
        assertThat(due.path("by").asString()).contains("km");
        assertThat(almanac.path("told").path(0).path("why").asString()).isEqualTo("a trip is planned: Round the coast");
        assertThat(almanac.path("told").path(0).path("is").asString()).isEqualTo(after.toString());

        plan(trip, 1, "CANCELLED");
        assertThat(left(almanac()).path("dues").path(0).path("likely").asString())
                .isEqualTo(before.toString());
    }

    /** After the wheel was off, its nuts twice: after the first drive and at 50 to 100 km; common practice. */
    @Test
    void wantsTheWheelNutsUntilTheyAreDone() {
        JsonNode almanac = done("WHEEL_OFF", today.minusDays(3));
        assertThat(left(almanac).path("dues").findValuesAsString("action")).contains("RETORQUE");

        done("RETORQUE", today.minusDays(2));
        assertThat(left(almanac()).path("dues").findValuesAsString("by")).contains("80 km after the wheel was off");
        assertThat(left(done("RETORQUE", today)).path("dues").findValuesAsString("action"))
                .doesNotContain("RETORQUE");
    }

    @Test
    void aClosedJobIsOnTheAlmanac() {
        var bench = new Bench(device);
        // no other test reckons with how long jobs on this construction took
        left = bench.newWheelEnd("STEPPED_UNBRAKED");
        rig = device.get("/api/v1/wheel-ends/" + left).json().path("rigId").asString();
        JsonNode job = bench.doAll(bench.open(left, "RENEW"));
        Bench.accepted(device.post(
                "/api/v1/jobs/" + job.path("id").asString() + "/close",
                Bench.entry().toString()));

        JsonNode end = left(almanac());
        assertThat(end.path("done").findValuesAsString("kind")).contains("RENEW", "WHEEL_OFF");
        assertThat(end.path("dues").findValuesAsString("action")).contains("REPACK", "RETORQUE", "ADJUST");
        assertThat(end.path("dues").path(0).path("action").asString()).isEqualTo("RETORQUE");
    }

    @Test
    void showsAnotherYearWithoutKeepingIt() {
        read(today.minusDays(100), 20_000);
        read(today.minusDays(1), 21_000);
        done("REPACK", today.minusDays(10));
        String kept = left(almanac()).path("dues").path(0).path("likely").asString();

        JsonNode remote = whatIf("{\"practice\": \"remote-camper\", \"useFactor\": 3}");
        assertThat(left(remote).path("dues").path(0).path("by").asString()).isEqualTo("every 5,000 km");
        JsonNode short2 = whatIf("{\"rules\": [{\"action\": \"REPACK\", \"trigger\": \"MONTHS\", \"number\": 2}]}");
        assertThat(left(short2).path("dues").path(0).path("likely").asString())
                .isEqualTo(today.minusDays(10).plusMonths(2).toString());
        assertThat(left(almanac()).path("dues").path(0).path("likely").asString())
                .isEqualTo(kept);
    }

    @Test
    void refusesWhatIsNoRule() {
        String path = "/api/v1/rigs/" + rig + "/almanac/what-if";
        assertThat(device.post(path, "{\"rules\": [{\"action\": \"REPACK\", \"number\": 2}]}")
                        .remedyFor("rules[0].trigger"))
                .contains("needs what makes it due");
        assertThat(device.post(path, "{\"practice\": \"none\"}").remedyFor("practice"))
                .contains("no practice");
        assertThat(device.post(path, "{\"useFactor\": 11}").remedyFor("useFactor"))
                .contains("0.1 to 10");
        assertThat(device.post("/api/v1/rigs/" + rig + "/services", service("REPACK", today.plusDays(1)))
                        .remedyFor("on"))
                .contains("future");
    }

    @Test
    void listsTheYardByWhatFailsIfItIsLateAndTheWorkByWeeks() {
        JsonNode list = Bench.accepted(device.get("/api/v1/almanac"));
        assertThat(list.path("items").size()).isGreaterThan(8);
        assertThat(list.path("items").path(0).path("state").asString()).isEqualTo("OUTSIDE_WINDOW");

        JsonNode weeks = Bench.accepted(device.get("/api/v1/almanac/weeks"));
        assertThat(weeks.size()).isGreaterThan(2);
        assertThat(StreamSupport.stream(weeks.spliterator(), false)
                        .mapToInt(week -> week.path("minutes").asInt())
                        .sum())
                .isGreaterThan(500);
        assertThat(LocalDate.parse(weeks.path(0).path("monday").asString())
                        .getDayOfWeek()
                        .getValue())
                .isEqualTo(1);
    }

    /** Distance and date together: 4,500 km a year are 375 km in a month, more or less. */
    @Test
    void theYardsStripTellsDaysAndKilometres() {
        try (RunningOldTallow alone = RunningOldTallow.empty()) { // the strip has room for 16 rigs
            enterARig(alone.founder());
            lookAtTheStrip();
        }
    }

    private void lookAtTheStrip() {
        read(today.minusDays(365), 10_000);
        read(today, 14_500);
        done("REPACK", today.minusDays(335));
        JsonNode lane = StreamSupport.stream(
                        device.get("/api/v1/almanac/strip").json().path("lanes").spliterator(), false)
                .filter(one -> one.path("rigId").asString().equals(rig))
                .findFirst()
                .orElseThrow(() -> new AssertionError("what is due in a month is on the strip"));

        assertThat(lane.path("yearlyKm").asDouble()).isBetween(4_300.0, 4_700.0);
        JsonNode due = lane.path("dues").get(0);
        assertThat(due.path("due").path("daysLeft").asInt()).isBetween(29, 31);
        assertThat(due.path("kmToGo").asDouble()).isBetween(330.0, 420.0);
    }

    private void plan(UUID id, int version, String state) {
        Bench.accepted(device.put("/api/v1/rigs/" + rig + "/trips/" + id, """
                {"version": %d, "name": "Round the coast", "state": "%s", "from": "%s", "to": "%s", "km": 14000,
                 "legs": []}""".formatted(
                        version, state, today.plusDays(20), today.plusDays(60))));
    }

    private void read(LocalDate on, int km) {
        Bench.accepted(device.put(
                "/api/v1/rigs/" + rig + "/meter/" + UUID.randomUUID(),
                "{\"version\": 0, \"on\": \"" + on + "\", \"shows\": " + km + ", \"kind\": \"READ\"}"));
    }

    private JsonNode done(String kind, LocalDate on) {
        return Bench.accepted(device.post("/api/v1/rigs/" + rig + "/services", service(kind, on)));
    }

    private String service(String kind, LocalDate on) {
        return "{\"id\": \"" + UUID.randomUUID() + "\", \"wheelEndIds\": [\"" + left + "\"], \"kind\": \"" + kind
                + "\", \"on\": \"" + on + "\"}";
    }

    private JsonNode whatIf(String body) {
        return Bench.accepted(device.post("/api/v1/rigs/" + rig + "/almanac/what-if", body));
    }

    private JsonNode almanac() {
        return Bench.accepted(device.get("/api/v1/rigs/" + rig + "/almanac"));
    }

    private JsonNode left(JsonNode almanac) {
        return StreamSupport.stream(almanac.path("wheelEnds").spliterator(), false)
                .filter(end -> end.path("id").asString().equals(left.toString()))
                .findFirst()
                .orElseThrow();
    }
}
