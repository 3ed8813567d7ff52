package oldtallow.app.schedule.model;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
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
class TripPlanIT {

    private final LocalDate today = LocalDate.now(ZoneId.systemDefault());
    private final UUID trip = UUID.randomUUID();

    private Http device;
    private String rig;
    private String left;
    private String right;

    @BeforeEach
    void enterARig(RunningOldTallow app) {
        device = app.http();
        Bench.Pair entered = new Bench(device).newPair("STEPPED_BRAKED");
        rig = entered.rig();
        left = entered.left();
        right = entered.right();
    }

    @Test
    void aRigWithoutARecordIsNotGood() {
        JsonNode unknown = plan(400, false);
        assertThat(unknown.path("good").asBoolean()).isFalse();
        assertThat(unknown.path("doubts").findValuesAsString("doubt")).containsExactly("NOT_SET");
        assertThat(unknown.path("doubts").findValuesAsString("wheelEndId")).containsExactly(left, right);

        // serviced, but nobody wrote down how the nut was left
        done(left, "REPACK", today.minusDays(5));
        done(right, "REPACK", today.minusDays(5));
        assertThat(plan(400, false).path("good").asBoolean()).isFalse();
    }

    /** Count the kilometres, place the service before or inside the trip: common practice. */
    @Test
    void placesWhatFallsDueBeforeTheTripOrOnIt() {
        done(left, "REPACK", today.minusDays(360)); // due 5 days from now: inside the trip, where there is help
        done(right, "REPACK", today.minusDays(370)); // overdue
        JsonNode plan = plan(400, false);

        JsonNode before = advice(plan, "BEFORE_LEAVING");
        assertThat(before.path("ends").findValuesAsString("wheelEndId")).containsExactly(right);
        JsonNode onTheWay = advice(plan, "ON_THE_WAY");
        assertThat(onTheWay.path("ends").findValuesAsString("wheelEndId")).containsExactly(left);
        assertThat(onTheWay.path("where").asString()).isEqualTo("leg 1, to the ford");

        JsonNode alone = plan(400, true);
        assertThat(advice(alone, "BEFORE_LEAVING").path("why").asString()).isNotBlank();
        assertThat(whens(alone)).as("nobody on the first leg can help").doesNotContain("ON_THE_WAY");
    }

    @Test
    void tellsWhichDatesTheTripMoves() {
        // wheel nuts: where nothing tells how it is used a week after the wheel was off, or after its first kilometres
        done(left, "WHEEL_OFF", today);
        done(left, "REPACK", today.minusDays(20));
        JsonNode plan = plan(400, false);

        JsonNode moved = adviceOn(plan, "RETORQUE");
        assertThat(moved.path("moved").asBoolean()).isTrue();
        assertThat(moved.path("without").asString()).isEqualTo(today.plusDays(7).toString());
        assertThat(moved.path("likely").asString())
                .isLessThan(moved.path("without").asString());
        assertThat(adviceOn(plan, "REPACK").path("moved").asBoolean())
                .as("a short trip leaves it where it is")
                .isFalse();
    }

    @Test
    void carriesASetForEachKindOfHubAndWhatIsDoneOnTheWay() {
        JsonNode carry = plan(400, false).path("carry");
        assertThat(carry.path("parts").findValuesAsString("kind")).contains("BEARING", "SEAL", "LOCK");
        assertThat(pieces(carry, "SEAL")).as("both sides are alike: one set").isEqualTo(1);
        assertThat(carry.path("tools").toString()).contains("cold chisel", "jack", "race driver or old cup");
        assertThat(carry.path("supplies").toString()).contains("grease", "brake cleaner", "rags");
        assertThat(carry.path("bags").findValuesAsString("label")).contains("bag 7");

        done(left, "REPACK", today.minusDays(360));
        JsonNode more = plan(400, false).path("carry");
        assertThat(pieces(more, "SEAL"))
                .as("and one for the service on the way")
                .isEqualTo(2);
    }

    /** Feel every hub at fuel stops, first after the first warm kilometres: common practice. */
    @Test
    void saysWhereToFeelTheHubsAndWhichStopIsNext() {
        JsonNode stops = plan(400, false).path("stops");
        assertThat(stops.get(0).path("km").asDouble()).isEqualTo(15);
        assertThat(StreamSupport.stream(stops.spliterator(), false)
                        .map(stop -> stop.path("done").asBoolean()))
                .containsOnly(false);

        Bench.accepted(device.put(
                "/api/v1/rigs/" + rig + "/warmth/" + UUID.randomUUID(), """
                {"at": "%s", "tripId": "%s", "tripKm": 16, "hubs": [{"wheelEndId": "%s", "touch": "WARM"}]}
                """.formatted(Instant.now(), trip, left)));

        JsonNode later = device.get("/api/v1/trips/" + trip + "/plan").json().path("stops");
        assertThat(later.get(0).path("done").asBoolean()).isTrue();
        assertThat(later.get(1).path("done").asBoolean()).isFalse();
    }

    @Test
    void aStopBelongsToATripOfItsRig() {
        plan(400, false);
        Bench.Pair other = new Bench(device).newPair("STEPPED_BRAKED");
        assertThat(device.put("/api/v1/rigs/" + other.rig() + "/warmth/" + UUID.randomUUID(), """
                        {"tripId": "%s", "hubs": [{"wheelEndId": "%s", "touch": "WARM"}]}
                        """.formatted(
                                        trip, other.left()))
                        .remedyFor("tripId"))
                .contains("another rig's trip");
        assertThat(device.get("/api/v1/trips/" + UUID.randomUUID() + "/plan").status())
                .isEqualTo(404);
    }

    @Test
    void tripsAheadAreListedThoseThatLeaveFirst() {
        plan(400, false);
        JsonNode coming = device.get("/api/v1/trips").json();

        assertThat(coming.findValuesAsString("id")).contains(trip.toString());
        assertThat(coming.findValuesAsString("from")).isSorted();
    }

    private JsonNode plan(int km, boolean noHelp) {
        int version = device.get("/api/v1/trips/" + trip).json().path("version").asInt();
        Bench.accepted(device.put("/api/v1/rigs/" + rig + "/trips/" + trip, """
                {"version": %d, "name": "Round the coast", "state": "PLANNED", "from": "%s", "to": "%s",
                 "legs": [{"to": "the ford", "on": "%s", "km": %d, "crossings": 0, "dunkings": 0, "noHelp": %s},
                          {"to": "home", "on": "%s", "km": 100, "crossings": 0, "dunkings": 0, "noHelp": false}]}
                """.formatted(
                version, today.plusDays(3), today.plusDays(13), today.plusDays(3), km, noHelp, today.plusDays(9))));
        return device.get("/api/v1/trips/" + trip + "/plan").json();
    }

    private void done(String end, String kind, LocalDate on) {
        new Bench(device).serviced(rig, end, kind, on);
    }

    private static JsonNode advice(JsonNode plan, String when) {
        return StreamSupport.stream(plan.path("advice").spliterator(), false)
                .filter(one -> one.path("when").asString().equals(when))
                .findFirst()
                .orElseThrow(() -> new AssertionError("nothing " + when + " in " + plan.path("advice")));
    }

    private static JsonNode adviceOn(JsonNode plan, String action) {
        return StreamSupport.stream(plan.path("advice").spliterator(), false)
                .filter(one -> one.path("action").asString().equals(action))
                .findFirst()
                .orElseThrow(() -> new AssertionError("no " + action + " in " + plan.path("advice")));
    }

    private static List<String> whens(JsonNode plan) {
        return plan.path("advice").findValuesAsString("when");
    }

    private static int pieces(JsonNode carry, String kind) {
        return StreamSupport.stream(carry.path("parts").spliterator(), false)
                .filter(part -> part.path("kind").asString().equals(kind))
                .mapToInt(part -> part.path("pieces").asInt())
                .sum();
    }
}
