package oldtallow.app.outlet.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.util.UUID;
import oldtallow.app.testing.Bench;
import oldtallow.app.testing.Entries;
import oldtallow.app.testing.Http;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

@ExtendWith(OldTallowExtension.class)
class PaletteIT {

    @ParameterizedTest
    @CsvSource({
        "long, RIG, Long camper",
        "ot230, RIG, Long camper",
        "230-C, RIG, Long camper",
        "camper long, RIG, Long camper",
        "aune, OWNER, Marit Aune-Falk",
        "boat front left, WHEEL_END, 'Boat tandem, front left'",
        "boat rear l, WHEEL_END, 'Boat tandem, rear left'",
        "boat rear le, WHEEL_END, 'Boat tandem, rear left'",
        "tb-4471, PART, '32007X, batch TB-4471'",
        "HX0096, PART, 'LM67048/LM67010, batch HX-0096'",
    })
    void finds(String typed, String kind, String label, RunningOldTallow app) {
        JsonNode hits = find(app.http(), typed);

        assertThat(hits.toString()).contains("\"kind\":\"" + kind + "\",\"label\":\"" + label + "\"");
    }

    @Test
    void takesOneLetterBehindAPositionForTheSide(RunningOldTallow app) {
        assertThat(find(app.http(), "104 rear r").toString())
                .contains("Boat tandem, rear right")
                .doesNotContain("rear left");
    }

    @Test
    void findsNothingForWhatIsNotThere(RunningOldTallow app) {
        assertThat(find(app.http(), "nosuchrig").size()).isZero();
        assertThat(find(app.http(), "  ").size()).isZero();
        assertThat(find(app.http(), "' or 1=1 --").size()).isZero();
        assertThat(find(app.http(), "%").size()).isZero();
    }

    @Test
    void tellsWhichRigAnOwnerIsFilteredBy(RunningOldTallow app) {
        JsonNode hits = find(app.http(), "wendelin");

        assertThat(hits.get(0).path("owner").asString()).isEqualTo("Osk Wendelin");
        assertThat(hits.size()).as("one line an owner, not one a rig").isEqualTo(1);
        JsonNode yard = app.http().get("/api/v1/yard?owner=Osk%20Wendelin").json();
        assertThat(yard.path("rigs").size()).isEqualTo(2);
    }

    @Test
    void followsARigThatIsRenamed(RunningOldTallow app) {
        Http tobe = app.http();
        ObjectNode form = Entries.newRig(
                Entries.rig("Zebrawagon", "Z " + UUID.randomUUID().toString().substring(0, 8)),
                Entries.preset(tobe, "STEPPED_BRAKED"),
                1,
                "L68149/L68111",
                "L44649/L44610");
        JsonNode rig = tobe.post("/api/v1/rigs", form.toString()).json();
        assertThat(find(tobe, "zebra").size()).isEqualTo(1);
        ObjectNode renamed = ((ObjectNode) rig.path("rig").deepCopy()).put("name", "<b>Quagga</b>");
        ObjectNode change = renamed.objectNode().put("version", 1);
        change.set("rig", renamed);

        assertThat(tobe.put("/api/v1/rigs/" + rig.path("id").asString(), change.toString())
                        .status())
                .isEqualTo(200);

        assertThat(find(tobe, "zebra").size()).isZero();
        assertThat(find(tobe, "quagga").get(0).path("label").asString()).isEqualTo("<b>Quagga</b>");
    }

    @Test
    void findsJobsThatAreOver(RunningOldTallow app) {
        Http tobe = app.http();
        var bench = new Bench(tobe);
        UUID end = bench.newWheelEnd("STEPPED_UNBRAKED");
        JsonNode job = bench.open(end, "ADJUST");
        String id = job.path("id").asString();
        Bench.accepted(bench.post(job, "/abandon", Bench.entry().put("reason", "begun by mistake")));
        String rig = tobe.get("/api/v1/wheel-ends/" + end).json().path("rigId").asString();
        String plate =
                tobe.get("/api/v1/rigs/" + rig).json().path("rig").path("plate").asString();

        JsonNode jobs = find(tobe, plate + " job");

        assertThat(jobs.toString()).contains("\"kind\":\"JOB\"").contains(id).doesNotContain("\"kind\":\"RIG\"");
        assertThat(find(tobe, "job").size()).isZero();
    }

    @Test
    void knowsOnlyItsOwnWorkshop(RunningOldTallow app) {
        UUID theirs = UUID.randomUUID();
        UUID rig = UUID.randomUUID();
        app.db().execute("insert into workshop (id, name) values (?, 'Strangers')", theirs);
        app.db()
                .execute(
                        "insert into rig (id, workshop_id, kind, name, plate, yard_number, length_mm, width_mm, drawbar_mm)"
                                + " values (?, ?, 'CAMPER', 'Longboat', 'S 1', 1, 4000, 2000, 1000)",
                        rig,
                        theirs);
        app.db().execute("insert into palette_word values (?, 'longboat', 'RIG', ?, ?)", theirs, rig, rig);

        assertThat(find(app.http(), "long").toString()).contains("Long camper").doesNotContain("Longboat");
        assertThat(app.http().get("/api/v1/rigs/" + rig).status()).isEqualTo(404);
    }

    private static JsonNode find(Http device, String typed) {
        return device.get("/api/v1/palette?q=" + URLEncoder.encode(typed, StandardCharsets.UTF_8))
                .json();
    }
}
