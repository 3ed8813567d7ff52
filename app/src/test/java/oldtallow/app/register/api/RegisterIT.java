package oldtallow.app.register.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.UUID;
import oldtallow.app.testing.Demo;
import oldtallow.app.testing.Entries;
import oldtallow.app.testing.Http;
import oldtallow.app.testing.Http.Answer;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

@ExtendWith(OldTallowExtension.class)
class RegisterIT {

    private static final String IN = "L68149/L68111";
    private static final String OUT = "L44649/L44610";

    @Test
    void entersATwoAxleTrailerWithFourLikeWheelEnds(RunningOldTallow app) {
        Http tobe = app.http();
        JsonNode rig = entered(tobe, "Four alike", plate());

        assertThat(rig.path("axles").size()).isEqualTo(2);
        for (JsonNode axle : rig.path("axles")) {
            for (JsonNode end : axle.path("wheelEnds")) {
                assertThat(end.path("build").path("construction").asString()).isEqualTo("STEPPED_BRAKED");
                JsonNode parts = tobe.get(path(end) + "/parts").json();
                assertThat(parts.get(0).path("words").asString() + " "
                                + parts.get(1).path("words").asString())
                        .isEqualTo(IN + " " + OUT);
            }
        }
        assertThat(tobe.get("/api/v1/rigs/" + id(rig) + "/standings").text())
                .contains("NO_RECORD")
                .contains("rear right");
    }

    @Test
    void theSameEntryTwiceIsRefusedOnceAndKeepsOneRig(RunningOldTallow app) {
        Http tobe = app.http();
        ObjectNode form = form(tobe, "Once", plate());

        assertThat(tobe.post("/api/v1/rigs", form.toString()).status()).isEqualTo(201);
        Answer again = tobe.post("/api/v1/rigs", form.toString());

        assertThat(again.status()).as(again.text()).isBetween(200, 201);
        assertThat(again.json().path("id")).isEqualTo(form.path("id"));
    }

    @Test
    void refusesAPlateThatIsThereHoweverItIsWritten(RunningOldTallow app) {
        Answer answer = app.http()
                .post("/api/v1/rigs", form(app.http(), "Twin", "ot-104 b").toString());

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.remedyFor("plate")).contains("Boat tandem").contains("open that rig");
    }

    @Test
    void refusesAnAxleWithoutASpindleSize(RunningOldTallow app) {
        ObjectNode form = form(app.http(), "No spindle", plate());
        ((ObjectNode) form.at("/axles/1/left/build")).remove("thread");

        assertThat(app.http().post("/api/v1/rigs", form.toString()).remedyFor("axles[1].left.build.thread"))
                .contains("measure the spindle's thread");
    }

    @Test
    void refusesACupBiggerThanItsBoreAndAConeThatCannotGoOn(RunningOldTallow app) {
        Http tobe = app.http();
        ObjectNode build = Entries.preset(tobe, "STEPPED_BRAKED");
        Entries.size(build, "OUTBOARD_BORE", 47, "MILLIMETRE");
        Entries.size(build, "INBOARD_SEAT", 38.1, "MILLIMETRE");
        ObjectNode form = Entries.newRig(Entries.rig("Wrong", plate()), build, 1, IN, OUT);

        Answer seat = tobe.post("/api/v1/rigs", form.toString());
        assertThat(seat.remedyFor("axles[0].left.dimensions.INBOARD_SEAT")).contains("the cone cannot go on");
        build.withArray("dimensions").remove(1);
        Answer bore = tobe.post(
                "/api/v1/rigs",
                Entries.newRig(Entries.rig("Wrong", plate()), build, 1, IN, OUT).toString());
        assertThat(bore.remedyFor("axles[0].left.dimensions.OUTBOARD_BORE")).contains("another cup or another hub");
    }

    @Test
    void refusesABearingThatDoesNotGoWithTheMeasuredHub(RunningOldTallow app) {
        Http tobe = app.http();
        JsonNode end = firstEnd(entered(tobe, "Measured", plate()));
        ObjectNode build = Entries.size(build(end), "OUTBOARD_SEAT", 26.98, "MILLIMETRE");
        rebuilt(tobe, end, build);

        Answer answer = tobe.post(
                path(end) + "/parts",
                Entries.bearing("OUTBOARD_BEARING", "LM67048/LM67010").toString());

        assertThat(answer.status()).as(answer.text()).isEqualTo(422);
        assertThat(answer.text()).contains("outboard seat diameter");
        assertThat(tobe.get(path(end) + "/parts").text()).contains("L44649");
    }

    @Test
    void asksWhetherMillimetresAreMeantWhereInchesAreSet(RunningOldTallow app) {
        Http tobe = app.http();
        ObjectNode build = Entries.size(Entries.preset(tobe, "STEPPED_BRAKED"), "INBOARD_SEAT", 44.45, "INCH");
        Answer answer = tobe.post(
                "/api/v1/rigs",
                Entries.newRig(Entries.rig("Mixed", plate()), build, 1, IN, OUT).toString());

        assertThat(answer.remedyFor("axles[0].left.build.dimensions.INBOARD_SEAT"))
                .contains("44.45 in")
                .contains("are millimetres meant?");
    }

    @Test
    void refusesRingsOfDifferentPairs(RunningOldTallow app) {
        Http tobe = app.http();
        JsonNode end = firstEnd(entered(tobe, "Pairs", plate()));
        ObjectNode part = Entries.bearing("INBOARD_BEARING", IN)
                .put("conePairNumber", "4471")
                .put("cupPairNumber", "4502");

        Answer answer = tobe.post(path(end) + "/parts", part.toString());
        assertThat(answer.remedyFor("cupPairNumber")).contains("4471").contains("must not run together");

        part.put("cupPairNumber", "4471");
        assertThat(tobe.post(path(end) + "/parts", part.toString()).text()).contains("\"pairNumber\":\"4471\"");
    }

    @Test
    void refusesACupWithoutItsConeAndDaysThatHaveNotCome(RunningOldTallow app) {
        Http tobe = app.http();
        JsonNode end = firstEnd(entered(tobe, "Days", plate()));
        ObjectNode part = Entries.bearing("INBOARD_BEARING", IN);
        part.remove("cupDesignation");
        part.put("fittedOn", "2091-01-01");

        Answer answer = tobe.post(path(end) + "/parts", part.toString());

        assertThat(answer.remedyFor("cupDesignation")).contains("one set");
        assertThat(answer.remedyFor("fittedOn")).contains("in the future");
    }

    @Test
    void keepsWhatWasFittedBefore(RunningOldTallow app) {
        Http tobe = app.http();
        JsonNode end = firstEnd(entered(tobe, "Renewed", plate()));
        ObjectNode part = Entries.bearing("INBOARD_BEARING", "L68149/L68110")
                .put("batch", "TB-9")
                .put("fittedOn", "2026-06-01");

        JsonNode parts = tobe.post(path(end) + "/parts", part.toString()).json();

        assertThat(parts.get(0).path("words").asString()).isEqualTo("L68149/L68110");
        assertThat(parts.get(0).has("removedOn")).isFalse();
        assertThat(parts.get(1).path("words").asString()).isEqualTo(IN);
        assertThat(parts.get(1).path("removedOn").asString()).isEqualTo("2026-06-01");
        assertThat(tobe.delete(path(end) + "/parts/INBOARD_BEARING")
                        .json()
                        .get(0)
                        .path("removedOn")
                        .asString())
                .isEqualTo(LocalDate.now(ZoneId.systemDefault()).toString());
    }

    /** A typing error is no service: the part is the same one, and nothing was taken off. */
    @Test
    void putsATypingErrorRight(RunningOldTallow app) {
        Http tobe = app.http();
        JsonNode end = firstEnd(entered(tobe, "Mistyped", plate()));
        ObjectNode part = Entries.bearing("INBOARD_BEARING", "L68149/L68110").put("batch", "TB-7");
        JsonNode wrong = tobe.post(path(end) + "/parts", part.toString()).json().get(0);
        part.put("cupDesignation", "L68111").put("batch", "TB-1");

        JsonNode parts = tobe.put(path(end) + "/parts", part.toString()).json();

        assertThat(parts.get(0).path("id").asString())
                .isEqualTo(wrong.path("id").asString());
        assertThat(parts.get(0).path("words").asString()).isEqualTo("L68149/L68111");
        assertThat(parts.get(0).path("batch").asString()).isEqualTo("TB-1");
        assertThat(parts.toString()).doesNotContain("L68110");
        part.put("id", UUID.randomUUID().toString());
        assertThat(tobe.put(path(end) + "/parts", part.toString()).status()).isEqualTo(404);
    }

    /** Anything else is told what it is, and what stands on the ring instead. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "31.75 x 59.1|31.75 x 59.1|no bearing's number",
                "L44649|L44649|on file is L44649/L44610",
                "L44610|L44649|the cone's comes first",
                "the old one|L44610|no bearing's number"
            })
    void makesNoBearingOfAnyText(String cone, String cup, String remedy, RunningOldTallow app) {
        Http tobe = app.http();
        JsonNode end = firstEnd(entered(tobe, "Any text", plate()));
        ObjectNode part = Entries.bearing("INBOARD_BEARING", "L68149/L68111")
                .put("designation", cone)
                .put("cupDesignation", cup);

        Answer answer = tobe.post(path(end) + "/parts", part.toString());

        assertThat(answer.status()).as(answer.text()).isEqualTo(422);
        assertThat(answer.remedyFor("designation")).contains(remedy);
    }

    /** A number nobody has sizes of is kept as read, marked, and drawn as nothing but the usual one. */
    @Test
    void marksANumberThatIsNotOnFile(RunningOldTallow app) {
        Http tobe = app.http();
        JsonNode end = firstEnd(entered(tobe, "Unknown set", plate()));
        ObjectNode part = Entries.bearing("INBOARD_BEARING", "ZZ99881/ZZ99880");

        JsonNode fitted =
                tobe.post(path(end) + "/parts", part.toString()).json().get(0);

        assertThat(fitted.path("words").asString()).isEqualTo("ZZ99881/ZZ99880");
        assertThat(fitted.path("onFile").asBoolean()).isFalse();
        assertThat(tobe.get(path(end) + "/section").json().path("bearingsKnown").asBoolean())
                .isFalse();
        assertThat(tobe.get("/api/v1/bearing-sets/read?text=LM67010")
                        .json()
                        .path("kind")
                        .asString())
                .isEqualTo("CUP");
        assertThat(tobe.get("/api/v1/bearing-sets/read?text=" + "x".repeat(61)).status())
                .isEqualTo(422);
    }

    @Test
    void tellsTheSecondOfTwoWhoChangeOneRigAndLosesNothing(RunningOldTallow app) {
        Http tobe = app.http();
        Http ines = app.as("ines");
        JsonNode rig = entered(tobe, "Both at once", plate());
        String path = "/api/v1/rigs/" + id(rig);
        ObjectNode hers = ((ObjectNode) rig.path("rig").deepCopy()).put("ownerName", "New owner");
        ObjectNode his = ((ObjectNode) rig.path("rig").deepCopy()).put("name", "His name");

        assertThat(ines.put(path, changed(1, hers)).status()).isEqualTo(200);
        Answer second = tobe.put(path, changed(1, his));

        assertThat(second.status()).isEqualTo(409);
        assertThat(second.json().path("detail").asString()).contains("Somebody else changed this rig");
        assertThat(tobe.get(path).json().path("rig").path("ownerName").asString())
                .isEqualTo("New owner");
        assertThat(tobe.put(path, changed(2, his)).status()).isEqualTo(200);
    }

    @Test
    void datesAChangeAndKeepsWhatWasTrueThen(RunningOldTallow app) {
        Http tobe = app.http();
        String end = "/api/v1/wheel-ends/" + Demo.SHORT_CAMPER_RIGHT;
        JsonNode before = tobe.get(end).json();
        ObjectNode build = ((ObjectNode) before.path("build").deepCopy()).put("seal", "UNITIZED");
        build.put("since", LocalDate.now(ZoneId.systemDefault()).minusDays(3).toString());

        ObjectNode form =
                build.objectNode().put("version", before.path("version").asInt());
        form.set("build", build);
        assertThat(tobe.post(end + "/builds", form.toString())
                        .json()
                        .at("/build/seal")
                        .asString())
                .isEqualTo("UNITIZED");

        JsonNode builds = tobe.get(end + "/builds").json();
        assertThat(builds.get(0).path("seal").asString()).isEqualTo("UNITIZED");
        assertThat(builds.get(1).path("seal").asString())
                .isEqualTo(before.at("/build/seal").asString());
        assertThat(tobe.post(end + "/builds", form.toString()).status())
                .as("sent twice")
                .isEqualTo(200);
        build.put("seal", "LIP");
        assertThat(tobe.post(end + "/builds", form.toString()).status()).isEqualTo(409);
        form.put("version", before.path("version").asInt() + 1);
        build.put("since", LocalDate.now(ZoneId.systemDefault()).plusDays(1).toString());
        assertThat(tobe.post(end + "/builds", form.toString()).remedyFor("since"))
                .contains("in the future");
    }

    @Test
    void makesTheOtherSideAndAllAxlesAlike(RunningOldTallow app) {
        Http tobe = app.http();
        JsonNode rig = entered(tobe, "Copied", plate());
        JsonNode end = firstEnd(rig);
        rebuilt(tobe, end, build(end).put("construction", "GREASE_THROUGH").put("cap", "RUBBER_PLUG"));

        tobe.post(path(end) + "/copies?to=OTHER_SIDE", "");
        assertThat(constructions(tobe, rig)).isEqualTo("GREASE_THROUGH GREASE_THROUGH STEPPED_BRAKED STEPPED_BRAKED");

        tobe.post(path(end) + "/copies?to=ALL_AXLES", "");
        assertThat(constructions(tobe, rig)).isEqualTo("GREASE_THROUGH GREASE_THROUGH GREASE_THROUGH GREASE_THROUGH");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "STRAIGHT_SPINDLE",
                "STEPPED_UNBRAKED",
                "STEPPED_BRAKED",
                "GREASE_THROUGH",
                "ROTOR_HUB",
                "CLASSIC_CAR",
                "SPACER_SET",
                "FULL_FLOATING_REAR",
                "DRIVE_FLANGE_FRONT",
                "LOCKING_HUB_FRONT",
                "OIL_BATH_HEAVY"
            })
    void drawsEveryConstructionFromItsPreset(String construction, RunningOldTallow app) {
        Http tobe = app.http();
        ObjectNode form = Entries.preset(tobe, construction).objectNode();
        form.set("build", Entries.preset(tobe, construction));

        Answer section = tobe.post("/api/v1/section", form.toString());

        assertThat(section.status()).as(section.text()).isEqualTo(200);
        assertThat(section.json().path("parts").size()).isGreaterThan(8);
        assertThat(section.json().path("bearingsKnown").asBoolean()).isFalse();
    }

    @Test
    void theDemoCoversEveryConstruction(RunningOldTallow app) {
        assertThat(app.db()
                        .fetchValue("select count(distinct construction) from wheel_end_build b"
                                + " join workshop w on w.id = b.workshop_id where w.name = 'Reed-gate workshop'"))
                .isEqualTo(11L);
    }

    private static JsonNode entered(Http device, String name, String plate) {
        Answer answer = device.post("/api/v1/rigs", form(device, name, plate).toString());
        assertThat(answer.status()).as(answer.text()).isEqualTo(201);
        return answer.json();
    }

    private static ObjectNode form(Http device, String name, String plate) {
        return Entries.newRig(Entries.rig(name, plate), Entries.preset(device, "STEPPED_BRAKED"), 2, IN, OUT);
    }

    private static void rebuilt(Http device, JsonNode end, ObjectNode build) {
        ObjectNode form = build.objectNode().put("version", 1);
        form.set("build", build);
        Answer answer = device.post(path(end) + "/builds", form.toString());
        assertThat(answer.status()).as(answer.text()).isEqualTo(200);
    }

    private static String constructions(Http device, JsonNode rig) {
        StringBuilder words = new StringBuilder();
        for (JsonNode axle : device.get("/api/v1/rigs/" + id(rig)).json().path("axles")) {
            for (JsonNode end : axle.path("wheelEnds")) {
                words.append(' ').append(end.at("/build/construction").asString());
            }
        }
        return words.substring(1);
    }

    private static String changed(int version, ObjectNode rig) {
        ObjectNode form = rig.objectNode().put("version", version);
        form.set("rig", rig);
        return form.toString();
    }

    private static JsonNode firstEnd(JsonNode rig) {
        return rig.at("/axles/0/wheelEnds/0");
    }

    private static ObjectNode build(JsonNode end) {
        return (ObjectNode) end.path("build").deepCopy();
    }

    private static String path(JsonNode end) {
        return "/api/v1/wheel-ends/" + end.path("id").asString();
    }

    private static String id(JsonNode rig) {
        return rig.path("id").asString();
    }

    private static String plate() {
        return "T " + UUID.randomUUID().toString().substring(0, 8);
    }
}
