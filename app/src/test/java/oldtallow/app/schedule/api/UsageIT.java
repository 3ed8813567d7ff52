package oldtallow.app.schedule.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.UUID;
import oldtallow.app.testing.Bench;
import oldtallow.app.testing.Http;
import oldtallow.app.testing.Http.Answer;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(OldTallowExtension.class)
class UsageIT {

    private final LocalDate today = LocalDate.now(ZoneId.systemDefault());

    private Http device;
    private UUID rig;

    @BeforeEach
    void enterARig(RunningOldTallow app) {
        device = app.http();
        rig = rigOf(device, new Bench(device).newWheelEnd("STEPPED_BRAKED"));
    }

    @Test
    void tellsWhatItRunsFromItsMeter() {
        Bench.accepted(meter(UUID.randomUUID(), 0, today.minusDays(400), 10_000));
        Bench.accepted(meter(UUID.randomUUID(), 0, today.minusDays(200), 14_000));
        JsonNode usage = Bench.accepted(meter(UUID.randomUUID(), 0, today.minusDays(10), 17_800));

        assertThat(usage.path("yearlyKm").asDouble()).isBetween(6_900.0, 7_700.0);
        assertThat(usage.path("meterToday").asDouble()).isBetween(17_900.0, 18_200.0);
        assertThat(usage.path("monthlyKm")).hasSize(12);
        assertThat(usage.path("meter").path(0).path("shows").asDouble()).isEqualTo(17_800);
    }

    @Test
    void refusesAMeterThatGoesBackUntilItIsSaidWhy() {
        Bench.accepted(meter(UUID.randomUUID(), 0, today.minusDays(40), 99_000));

        Answer back = meter(UUID.randomUUID(), 0, today.minusDays(10), 500);
        assertThat(back.status()).isEqualTo(422);
        assertThat(back.remedyFor("shows")).contains("goes back").contains("changed or rolled over");
        assertThat(device.get(path("usage")).json().path("meter")).hasSize(1);

        Bench.accepted(device.put(path("meter/" + UUID.randomUUID()), """
                {"version": 0, "on": "%s", "shows": 500, "kind": "ROLLED_OVER", "before": 100000}
                """.formatted(today.minusDays(10))));
    }

    @Test
    void refusesTwoReadingsOfOneDayAndCorrectsOne() {
        UUID id = UUID.randomUUID();
        Bench.accepted(meter(id, 0, today.minusDays(40), 100));

        assertThat(meter(UUID.randomUUID(), 0, today.minusDays(40), 120).remedyFor("on"))
                .contains("has a reading of 100 km already");
        JsonNode corrected = Bench.accepted(meter(id, 1, today.minusDays(40), 120));
        assertThat(corrected.path("meter").path(0).path("shows").asDouble()).isEqualTo(120);
        assertThat(corrected.path("meter").path(0).path("version").asInt()).isEqualTo(2);
        assertThat(meter(id, 1, today.minusDays(40), 130).status()).isEqualTo(409);
        assertThat(meter(UUID.randomUUID(), 0, today.plusDays(1), 200).remedyFor("on"))
                .contains("future");
        assertThat(device.delete(path("meter/" + id + "?version=2")).status()).isEqualTo(200);
    }

    @Test
    void aReadingSentTwiceIsOne() {
        UUID id = UUID.randomUUID();
        Bench.accepted(meter(id, 0, today.minusDays(4), 100));

        assertThat(Bench.accepted(meter(id, 0, today.minusDays(4), 100)).path("meter"))
                .hasSize(1);
    }

    /** A time in water is kept once, latest first; not of tomorrow, and gone when it is taken back. */
    @Test
    void keepsTimesInWater() {
        UUID ramp = UUID.randomUUID();
        Bench.accepted(water(ramp, today.minusDays(9), "DUNKING", "at the ramp"));
        JsonNode usage = Bench.accepted(water(UUID.randomUUID(), today, "CROSSING", "the ford"));
        assertThat(usage.path("water").findValuesAsString("note")).containsExactly("the ford", "at the ramp");
        assertThat(usage.path("water").path(1).path("salt").asBoolean()).isTrue();
        assertThat(usage.path("water").path(1).path("kind").asString()).isEqualTo("DUNKING");
        assertThat(Bench.accepted(water(ramp, today.minusDays(9), "DUNKING", "at the ramp"))
                        .path("water"))
                .as("sent again")
                .hasSize(2);

        Answer tomorrow = water(UUID.randomUUID(), today.plusDays(1), "DUNKING", "");
        assertThat(tomorrow.status()).isEqualTo(422);
        assertThat(tomorrow.remedyFor("on")).contains("plan a trip with it instead");
        assertThat(water(UUID.randomUUID(), today, "DUNKING", "x".repeat(2000)).remedyFor("note"))
                .contains("characters");

        device.delete(path("water/" + ramp));
        assertThat(device.get(path("usage")).json().path("water").findValuesAsString("note"))
                .containsExactly("the ford");
    }

    private Answer water(UUID id, LocalDate on, String kind, String note) {
        return device.put(path("water/" + id), """
                {"on": "%s", "kind": "%s", "salt": true, "hot": true, "note": "%s"}
                """.formatted(on, kind, note));
    }

    @Test
    void keepsATripWithItsLegs() {
        UUID id = UUID.randomUUID();
        JsonNode trip = Bench.accepted(trip(id, 0, "Out", today.plusDays(5), today.plusDays(9), "", """
                {"to": "the ford", "on": "%s", "km": 200, "crossings": 2, "dunkings": 0, "noHelp": true},
                {"to": "home", "on": "%s", "km": 180, "crossings": 0, "dunkings": 0, "noHelp": false}
                """.formatted(
                        today.plusDays(5), today.plusDays(9))));

        assertThat(trip.path("km").asDouble()).isEqualTo(380);
        assertThat(trip.path("legs")).hasSize(2);
        assertThat(device.get("/api/v1/trips/" + id)
                        .json()
                        .path("legs")
                        .path(0)
                        .path("noHelp")
                        .asBoolean())
                .isTrue();
    }

    @Test
    void aTripSentTwiceIsOne() {
        UUID id = UUID.randomUUID();
        JsonNode first = Bench.accepted(trip(id, 0, "Out", today.plusDays(5), today.plusDays(9), "\"km\": 300,", ""));

        assertThat(Bench.accepted(trip(id, 0, "Out", today.plusDays(5), today.plusDays(9), "\"km\": 300,", "")))
                .isEqualTo(first);
        assertThat(trip(id, 0, "Elsewhere", today.plusDays(5), today.plusDays(9), "\"km\": 300,", "")
                        .status())
                .isEqualTo(409);
    }

    @Test
    void refusesTripsThatCannotBe() {
        Bench.accepted(trip(UUID.randomUUID(), 0, "Out", today.plusDays(5), today.plusDays(9), "\"km\": 300,", ""));

        assertThat(trip(UUID.randomUUID(), 0, "Too", today.plusDays(8), today.plusDays(12), "\"km\": 30,", "")
                        .remedyFor("from"))
                .contains("overlaps Out");
        assertThat(trip(UUID.randomUUID(), 0, "No way", today.plusDays(20), today.plusDays(22), "", "")
                        .remedyFor("km"))
                .contains("needs its distance");
        assertThat(trip(UUID.randomUUID(), 0, "Back", today.plusDays(22), today.plusDays(20), "\"km\": 3,", "")
                        .remedyFor("to"))
                .contains("swap them");
        Bench.accepted(trip(UUID.randomUUID(), 0, "On", today.plusDays(9), today.plusDays(12), "\"km\": 30,", ""));
    }

    @Test
    void measuresATrackAndRefusesABrokenOne() {
        Answer measured = device.postXml("/api/v1/tracks/gpx", """
                <gpx><trk><trkseg><trkpt lat="0" lon="0"/><trkpt lat="0" lon="0.005"/></trkseg></trk></gpx>""");
        assertThat(Bench.accepted(measured).path("kilometres").asDouble()).isBetween(0.55, 0.56);
        assertThat(device.postXml("/api/v1/tracks/gpx", "<gpx><trk>").remedyFor("gpx"))
                .contains("no GPX file, or broken there");
    }

    private Answer meter(UUID id, int version, LocalDate on, double shows) {
        return device.put(path("meter/" + id), """
                {"version": %d, "on": "%s", "shows": %s, "kind": "READ"}""".formatted(version, on, shows));
    }

    private Answer trip(UUID id, int version, String name, LocalDate from, LocalDate to, String km, String legs) {
        return device.put(path("trips/" + id), """
                {"version": %d, "name": "%s", "state": "PLANNED", "from": "%s", "to": "%s", %s "legs": [%s]}""".formatted(version, name, from, to, km, legs));
    }

    private String path(String rest) {
        return "/api/v1/rigs/" + rig + "/" + rest;
    }

    private static UUID rigOf(Http device, UUID wheelEnd) {
        return UUID.fromString(device.get("/api/v1/wheel-ends/" + wheelEnd)
                .json()
                .path("rigId")
                .asString());
    }
}
