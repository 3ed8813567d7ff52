package oldtallow.app.job.model;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.Executors;
import oldtallow.app.testing.Bench;
import oldtallow.app.testing.Demo;
import oldtallow.app.testing.Http;
import oldtallow.app.testing.Http.Answer;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

@ExtendWith(OldTallowExtension.class)
class JobIT {

    /** One grey pixel. */
    private static final byte[] PNG = Base64.getDecoder()
            .decode("iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAAAAAA6fptVAAAACklEQVR4nGNoAAAAggCBd81ytgAAAABJRU5ErkJggg==");

    private static final String RUST = """
            {"mode": "MOISTURE_CORROSION", "spot": "CUP_RACE", "extent": "CLEAR", "noticedBy": "LOOKING"}""";

    @ParameterizedTest
    @ValueSource(strings = {"STEPPED_BRAKED", "SPACER_SET", "FULL_FLOATING_REAR", "OIL_BATH_HEAVY", "GREASE_THROUGH"})
    void aWholeRepackGoesFromTheFirstStepToClosed(String construction, RunningOldTallow app) {
        Bench bench = new Bench(app.http());
        JsonNode job = bench.open(bench.newWheelEnd(construction), "REPACK");

        job = bench.doAll(job);
        assertThat(job.path("closing").path("hindrances")).isEmpty();
        Answer closed = bench.post(job, "/close", Bench.entry());

        assertThat(closed.status()).as(closed.text()).isEqualTo(200);
        assertThat(closed.json().path("state").asString()).isEqualTo("CLOSED");
        assertThat(closed.json().path("parts").path("tray")).isEmpty();
    }

    @Test
    void partsGoToTheTrayAndComeBack(RunningOldTallow app) {
        Bench bench = new Bench(app.http());
        JsonNode job = bench.doUntil(bench.open(bench.newWheelEnd("STEPPED_UNBRAKED"), "REPACK"), "clean.wipe");

        assertThat(job.path("parts").path("tray").findValuesAsString("part"))
                .containsExactly(
                        "WHEEL", "CAP", "COTTER", "NUT", "WASHER", "OUTBOARD_CONE", "HUB", "SEAL", "INBOARD_CONE");
        assertThat(job.path("parts").path("offSection").toString())
                .contains("INBOARD_CONE", "LOCK")
                .doesNotContain("HUB"); // drawn in its place while work goes on in it

        job = bench.doUntil(job, "hub.seal");
        assertThat(job.path("parts").path("tray").toString()).doesNotContain("INBOARD_CONE");
        assertThat(job.path("parts").path("tray").findValuesAsString("inHand")).contains("true");
    }

    @Test
    void aStepIsNotDoneBeforeItsMustChecksHold(RunningOldTallow app) {
        Bench bench = new Bench(app.http());
        JsonNode job = bench.doUntil(bench.open(bench.newWheelEnd("STEPPED_BRAKED"), "REPACK"), "raise.jack");
        ObjectNode form = Bench.entry().put("stepId", "raise.jack");

        Answer refused = bench.post(job, "/steps", form);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.remedyFor("checksMet")).contains("stands on stands");

        Answer noReason = bench.post(
                job, "/waivers", Bench.entry().put("checkId", "raise.on-stands").put("reason", " "));
        assertThat(noReason.remedyFor("reason")).contains("must say why");

        Bench.accepted(bench.post(
                job, "/waivers", Bench.entry().put("checkId", "raise.on-stands").put("reason", "on a two-post lift")));
        assertThat(bench.post(job, "/steps", form).status()).isEqualTo(200);
    }

    @Test
    void liningsCalledDoneWithComeOffAndNewOnesGoIn(RunningOldTallow app) {
        Bench bench = new Bench(app.http());
        JsonNode job = bench.open(bench.newWheelEnd("STEPPED_BRAKED"), "REPACK");
        ObjectNode soaked = Bench.entry().put("reason", "soaked with grease");
        soaked.putArray("parts").add("LININGS");

        ObjectNode seal = Bench.entry().put("reason", "hard");
        seal.putArray("parts").add("SEAL");
        Answer always = bench.post(job, "/condemned", seal);
        assertThat(always.status()).isEqualTo(422);
        assertThat(always.remedyFor("parts")).contains("means to put back, or has put on new");

        job = bench.doUntil(job, "judge.brake");
        assertThat(job.path("walk").path("now").path("aid").asString()).isEqualTo("LININGS");
        job = Bench.accepted(bench.post(job, "/condemned", soaked));
        assertThat(job.path("walk").path("now").path("id").asString()).isEqualTo("strip.linings");
        assertThat(job.path("parts").path("condemnable").findValuesAsString("part"))
                .doesNotContain("LININGS");
        // sent again by a device that heard no answer: one entry, no error
        assertThat(Bench.accepted(bench.post(job, "/condemned", soaked)).path("number"))
                .isEqualTo(job.path("number"));

        job = bench.doAll(job);
        assertThat(job.path("parts").path("tray")).isEmpty();
        assertThat(job.path("walk").path("done").findValuesAsString("stepId")).contains("strip.linings", "judge.brake");
    }

    @Test
    void stepsOutOfOrderAreRefusedAndNothingChanges(RunningOldTallow app) {
        Bench bench = new Bench(app.http());
        JsonNode job = bench.open(bench.newWheelEnd("STEPPED_BRAKED"), "REPACK");

        Answer early = bench.post(job, "/steps", Bench.entry().put("stepId", "hub.nut"));
        Answer none = bench.post(job, "/steps", Bench.entry().put("stepId", "no.such-step"));

        assertThat(early.status()).isEqualTo(409);
        assertThat(early.text()).contains("Next is:");
        assertThat(none.remedyFor("stepId")).contains("no step of this job");
        assertThat(bench.look(job).path("number").asInt()).isEqualTo(1);
    }

    @Test
    void refusesImpossibleReadingsAndSaysWhatIsPossible(RunningOldTallow app) {
        Bench bench = new Bench(app.http());
        JsonNode job = bench.doUntil(bench.open(bench.newWheelEnd("STEPPED_BRAKED"), "ADJUST"), "look.rock");
        ObjectNode form = Bench.done(job.path("walk").path("now"), UUID.randomUUID());
        form.putArray("readings")
                .addObject()
                .put("kind", "ROCK")
                .put("number", 300)
                .put("unit", "MILLIMETRE");

        Answer refused = bench.post(job, "/steps", form);

        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.remedyFor("readings[0].number")).contains("0.0 to 60.0 mm");
        form.withArray("readings").removeAll();
        form.withArray("readings")
                .addObject()
                .put("kind", "ROCK")
                .put("number", 0.125)
                .put("unit", "INCH");
        JsonNode after = Bench.accepted(bench.post(job, "/steps", form));
        assertThat(after.path("walk").path("done").findValuesAsString("stepId")).contains("look.rock");
        assertThat(after.path("walk").path("done").toString()).contains("rock at the tyre 3.175 mm");
    }

    @Test
    void aDoubleTapIsOneStep(RunningOldTallow app) {
        Bench bench = new Bench(app.http());
        JsonNode job = bench.open(bench.newWheelEnd("STEPPED_BRAKED"), "REPACK");
        ObjectNode form = Bench.done(job.path("walk").path("now"), UUID.randomUUID());

        JsonNode once = Bench.accepted(bench.post(job, "/steps", form));
        JsonNode twice = Bench.accepted(bench.post(job, "/steps", form));

        assertThat(twice.path("number").asInt()).isEqualTo(once.path("number").asInt());
        assertThat(twice.path("walk").path("done")).hasSize(1);
    }

    @Test
    void twoDevicesThatFinishTheSameStepDoItOnceAndLoseNoReading(RunningOldTallow app) throws Exception {
        Bench bench = new Bench(app.http());
        JsonNode job = bench.doUntil(bench.open(bench.newWheelEnd("STEPPED_BRAKED"), "ADJUST"), "look.rock");
        List<Callable<Integer>> tries = new ArrayList<>();
        for (int i = 1; i <= 8; i++) {
            ObjectNode form = Bench.done(job.path("walk").path("now"), UUID.randomUUID());
            form.putArray("readings")
                    .addObject()
                    .put("kind", "ROCK")
                    .put("number", i)
                    .put("unit", "MILLIMETRE");
            tries.add(() -> bench.post(job, "/steps", form).status());
        }
        try (var threads = Executors.newFixedThreadPool(8)) {
            for (var done : threads.invokeAll(tries)) {
                assertThat(done.get()).isEqualTo(200);
            }
        }

        JsonNode after = bench.look(job);
        assertThat(after.path("walk").path("done").findValuesAsString("stepId")).containsOnlyOnce("look.rock");
        assertThat(after.path("number").asInt()).isEqualTo(job.path("number").asInt() + 8);
    }

    @Test
    void theStepDoneLastCanBeTakenBack(RunningOldTallow app) {
        Bench bench = new Bench(app.http());
        JsonNode job = bench.doUntil(bench.open(bench.newWheelEnd("STEPPED_BRAKED"), "REPACK"), "strip.cap");
        job = bench.doNow(job);

        Answer wrong = bench.post(job, "/undo", Bench.entry().put("stepId", "raise.jack"));
        assertThat(wrong.remedyFor("stepId")).contains("only that one");
        JsonNode back = Bench.accepted(bench.post(job, "/undo", Bench.entry().put("stepId", "strip.cap")));

        assertThat(back.path("walk").path("now").path("id").asString()).isEqualTo("strip.cap");
        assertThat(back.path("parts").path("tray").toString()).doesNotContain("\"CAP\"");
    }

    @Test
    void aRepackTurnsIntoARenewalAndKeepsWhatWasDone(RunningOldTallow app) {
        Bench bench = new Bench(app.http());
        JsonNode job = bench.doUntil(bench.open(bench.newWheelEnd("STEPPED_BRAKED"), "REPACK"), "grease.inboard");

        JsonNode renewal = Bench.accepted(
                bench.post(job, "/scope", Bench.entry().put("scope", "RENEW").put("reason", "rust on both")));

        assertThat(renewal.path("walk").path("now").path("id").asString()).isEqualTo("races.right-cup");
        assertThat(renewal.path("walk").path("done"))
                .hasSize(job.path("walk").path("done").size());
        assertThat(bench.doAll(renewal).path("closing").path("hindrances")).isEmpty();
    }

    @Test
    void aHubThatComesApartAgainIsCheckedAndSetAgain(RunningOldTallow app) {
        Bench bench = new Bench(app.http());
        JsonNode job = bench.doUntil(bench.open(bench.newWheelEnd("STEPPED_UNBRAKED"), "REPACK"), "close.cotter");

        JsonNode renewal =
                Bench.accepted(bench.post(job, "/scope", Bench.entry().put("scope", "RENEW")));
        assertThat(renewal.path("closing").path("openChecks").toString()).contains("it sits square and flush");
        JsonNode again = bench.doUntil(renewal, "nut.stop");

        assertThat(again.path("closing").path("settingRecorded").asBoolean()).isFalse();
        assertThat(again.path("walk")
                        .path("now")
                        .path("checks")
                        .get(0)
                        .path("met")
                        .asBoolean())
                .isFalse();
        assertThat(bench.doAll(again).path("closing").path("hindrances")).isEmpty();
    }

    @Test
    void aBearingIsNotPassedUnjudged(RunningOldTallow app) {
        Bench bench = new Bench(app.http());
        JsonNode job = bench.doUntil(bench.open(bench.newWheelEnd("STEPPED_BRAKED"), "REPACK"), "judge.inboard");

        Answer refused = bench.post(job, "/steps", Bench.done(job.path("walk").path("now"), UUID.randomUUID()));

        assertThat(refused.remedyFor("stepId")).contains("nothing found is a finding");
    }

    @Test
    void rustOnARaceTurnsTheRestOfTheJobIntoARenewalOfThatBearing(RunningOldTallow app) {
        Bench bench = new Bench(app.http());
        JsonNode job = bench.doUntil(bench.open(bench.newWheelEnd("STEPPED_BRAKED"), "REPACK"), "judge.inboard");

        JsonNode judged = Bench.accepted(bench.judge(job, "INBOARD_BEARING", RUST));
        JsonNode view = judged.path("judgings").get(0);
        assertThat(view.path("outcome").asString()).isEqualTo("RENEW");
        assertThat(view.path("rule").asString()).startsWith("replace at the first rust");
        assertThat(view.path("causes").get(0).path("words").asString()).isEqualTo("water in the hub");

        JsonNode races = bench.doUntil(judged, "races.inboard-out");
        assertThat(bench.doAll(races).path("walk").path("done").findValuesAsString("stepId"))
                .contains("races.inboard-in")
                .doesNotContain("races.outboard-in");
    }

    @Test
    void onlyAMechanicOverrulesAndSaysWhy(RunningOldTallow app) {
        Bench wil = new Bench(app.as("wil"));
        JsonNode job = wil.doUntil(wil.open(wil.newWheelEnd("STEPPED_BRAKED"), "REPACK"), "judge.inboard");
        String overruling = """
                {"id": "%s", "item": "INBOARD_BEARING", "findings": [%s], "overruled": "REUSE", "overruleReason": "%s",
                 "looked": {"cleaned": true, "by": ["LOOKING"], "noisy": false}}""";
        String path = "/api/v1/jobs/" + job.path("id").asString() + "/judgings";

        assertThat(app.as("wil")
                        .post(path, overruling.formatted(UUID.randomUUID(), RUST, "it will do"))
                        .remedyFor("overruled"))
                .contains("a mechanic's");
        assertThat(app.http()
                        .post(path, overruling.formatted(UUID.randomUUID(), RUST, ""))
                        .remedyFor("overruleReason"))
                .contains("must say why");
        JsonNode overruled = Bench.accepted(
                app.http().post(path, overruling.formatted(UUID.randomUUID(), RUST, "a stain that polished off")));
        assertThat(overruled.path("judgings").get(0).path("outcome").asString()).isEqualTo("REUSE");
        assertThat(overruled.path("judgings").get(0).path("reason").asString()).contains("does not heal");
    }

    @Test
    void aScrapHubTurnsTheJobIntoAnExchange(RunningOldTallow app) {
        Bench bench = new Bench(app.http());
        JsonNode job = bench.doUntil(bench.open(bench.newWheelEnd("STEPPED_UNBRAKED"), "REPACK"), "judge.hub");

        JsonNode exchanged = Bench.accepted(bench.judge(job, "HUB", """
                {"mode": "CREEP", "spot": "HUB_BORE", "extent": "CLEAR", "noticedBy": "TURNING"}"""));

        assertThat(exchanged.path("scope").asString()).isEqualTo("EXCHANGE");
        assertThat(bench.doAll(exchanged).path("closing").path("hindrances")).isEmpty();
    }

    @Test
    void theFirstLookSaysWhatItPointsToAndWhetherToDrive(RunningOldTallow app) {
        Bench bench = new Bench(app.http());
        JsonNode job = bench.open(bench.newWheelEnd("STEPPED_BRAKED"), "REPACK");
        ObjectNode look = Bench.entry();
        var signs = look.putArray("signs");
        signs.addObject().put("kind", "SPIN").put("value", "GROWL");
        signs.addObject().put("kind", "LOCK").put("value", "LOCK_MISSING");

        JsonNode seen = Bench.accepted(bench.post(job, "/first-look", look)).path("firstLook");

        assertThat(seen.path("drive").asString()).isEqualTo("NO");
        assertThat(seen.path("driveReason").asString()).startsWith("lock missing");
        assertThat(seen.path("suspicions").get(0).path("words").asString()).isEqualTo("the nut can come off");
        look.put("id", UUID.randomUUID().toString())
                .withArray("signs")
                .addObject()
                .put("kind", "SPIN")
                .put("value", "SINGS");
        assertThat(bench.post(job, "/first-look", look).remedyFor("signs[2].value"))
                .contains("GROWL");
    }

    @Test
    void theTemperaturesOfTheFirstLookCountInItsDiagnosis(RunningOldTallow app) {
        Bench bench = new Bench(app.http());
        JsonNode job = bench.doUntil(bench.open(bench.newWheelEnd("STEPPED_BRAKED"), "ADJUST"), "look.temperature");
        ObjectNode form = Bench.done(job.path("walk").path("now"), UUID.randomUUID());
        var readings = form.putArray("readings");
        readings.addObject().put("kind", "HUB_TEMPERATURE").put("number", 160).put("unit", "DEGREE_FAHRENHEIT");
        readings.addObject()
                .put("kind", "OTHER_HUB_TEMPERATURE")
                .put("number", 40)
                .put("unit", "DEGREE_CELSIUS");

        JsonNode seen = Bench.accepted(bench.post(job, "/steps", form)).path("firstLook");

        assertThat(seen.path("drive").asString()).isEqualTo("NO");
        assertThat(seen.path("driveReason").asString()).contains("look for the cause before going on");
        assertThat(seen.path("suspicions").findValuesAsString("words"))
                .containsExactlyInAnyOrder("set too tight", "a brake that drags");
    }

    @Test
    void photosStayWithTheirStep(RunningOldTallow app) {
        Bench bench = new Bench(app.http());
        JsonNode job = bench.open(bench.newWheelEnd("STEPPED_BRAKED"), "REPACK");
        String at = "/api/v1/jobs/" + job.path("id").asString() + "/photos/" + UUID.randomUUID();

        assertThat(app.http().putBytes(at + "?stepId=prepare.odometer", PNG).status())
                .isEqualTo(204);
        assertThat(app.http().putBytes(at + "?stepId=prepare.odometer", PNG).status())
                .as("sent again")
                .isEqualTo(204);
        assertThat(bench.look(job).path("photos").findValuesAsString("stepId")).containsExactly("prepare.odometer");
        assertThat(app.http().get(at).type()).as("drawn anew").isEqualTo("image/jpeg");

        String another = at.substring(0, at.lastIndexOf('/') + 1) + UUID.randomUUID();
        Answer noPicture = app.http().putBytes(another + "?stepId=prepare.odometer", new byte[9]);
        assertThat(noPicture.remedyFor("photo")).contains("JPEG, PNG or GIF");
        assertThat(bench.look(job).path("photos")).hasSize(1);
    }

    @Test
    void comparesWithTheOtherSide(RunningOldTallow app) {
        Bench bench = new Bench(app.http());
        UUID left = bench.newWheelEnd("STEPPED_BRAKED");
        JsonNode rig = Bench.accepted(app.http()
                .get("/api/v1/rigs/"
                        + app.http()
                                .get("/api/v1/wheel-ends/" + left)
                                .json()
                                .path("rigId")
                                .asString()));
        UUID right = UUID.fromString(
                rig.path("axles").get(0).path("wheelEnds").get(1).path("id").asString());
        JsonNode other = bench.doUntil(bench.open(right, "REPACK"), "judge.inboard");
        Bench.accepted(bench.judge(other, "INBOARD_BEARING", RUST));
        JsonNode mine = bench.doUntil(bench.open(left, "REPACK"), "judge.inboard");

        JsonNode judged = Bench.accepted(bench.judge(mine, "INBOARD_BEARING", RUST));

        assertThat(judged.path("comparison").get(0).asString()).startsWith("Both sides have rust");
    }

    @Test
    void cannotBeClosedWhileAnythingIsLeft(RunningOldTallow app) {
        Bench bench = new Bench(app.http());
        JsonNode job = bench.doUntil(bench.open(bench.newWheelEnd("STEPPED_BRAKED"), "REPACK"), "clean.wipe");

        Answer refused = bench.post(job, "/close", Bench.entry());

        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.remedyFor("entry"))
                .contains("On the tray lies: wheel")
                .contains("No setting of the nut");
        assertThat(bench.look(job).path("number").asInt())
                .isEqualTo(job.path("number").asInt());
    }

    @Test
    void anApprenticesJobWaitsForAMechanic(RunningOldTallow app) {
        Bench wil = new Bench(app.as("wil"));
        Bench tobe = new Bench(app.http());
        JsonNode job = wil.doUntil(wil.open(wil.newWheelEnd("STEPPED_UNBRAKED"), "REPACK"), "nut.shown");
        ObjectNode shown = Bench.done(job.path("walk").path("now"), UUID.randomUUID());

        assertThat(wil.post(job, "/steps", shown).remedyFor("stepId")).contains("a mechanic's to do");
        job = Bench.accepted(tobe.post(job, "/steps", shown));
        job = wil.doAll(job);
        JsonNode closed = Bench.accepted(wil.post(job, "/close", Bench.entry()));
        assertThat(closed.path("state").asString()).isEqualTo("AWAITS_SIGN_OFF");

        assertThat(wil.post(job, "/sign-off", Bench.entry()).status()).isEqualTo(403);
        assertThat(Bench.accepted(tobe.post(job, "/sign-off", Bench.entry()))
                        .path("state")
                        .asString())
                .isEqualTo("CLOSED");
    }

    /** Who began the job does not matter, nor whether the apprentice did much of it: it is a mechanic who answers for a hub. */
    @Test
    void whatAnApprenticeDidOnAMechanicsJobIsSignedOff(RunningOldTallow app) {
        Bench wil = new Bench(app.as("wil"));
        Bench tobe = new Bench(app.http());
        JsonNode job = tobe.doUntil(tobe.open(tobe.newWheelEnd("STEPPED_UNBRAKED"), "REPACK"), "prove.drive");
        assertThat(job.path("closing").path("toAnswerFor")).isEmpty();
        job = tobe.doAll(wil.doNow(job));
        assertThat(job.at("/closing/toAnswerFor/0").asString()).isEqualTo("Wil");

        JsonNode closed = Bench.accepted(wil.post(job, "/close", Bench.entry()));
        assertThat(closed.path("state").asString()).isEqualTo("AWAITS_SIGN_OFF");
    }

    @Test
    void aVerdictOfAnApprenticeIsAnsweredForAsWell(RunningOldTallow app) {
        Bench wil = new Bench(app.as("wil"));
        Bench tobe = new Bench(app.http());
        JsonNode job = tobe.doUntil(tobe.open(tobe.newWheelEnd("STEPPED_UNBRAKED"), "REPACK"), "judge.inboard");
        ObjectNode fine = Bench.entry().put("item", "INBOARD_BEARING");
        fine.putArray("findings");
        fine.putObject("looked")
                .put("cleaned", true)
                .put("noisy", false)
                .putArray("by")
                .add("LOOKING")
                .add("FINGERNAIL")
                .add("TURNING");
        JsonNode judged = Bench.accepted(wil.post(job, "/judgings", fine));
        assertThat(judged.at("/closing/toAnswerFor/0").asString()).isEqualTo("Wil");

        JsonNode again = Bench.accepted(
                tobe.post(judged, "/judgings", fine.put("id", UUID.randomUUID().toString())));
        assertThat(again.path("closing").path("toAnswerFor"))
                .as("a mechanic judged it himself")
                .isEmpty();
    }

    @Test
    void aMechanicWhoClosesAnswersForIt(RunningOldTallow app) {
        Bench wil = new Bench(app.as("wil"));
        Bench tobe = new Bench(app.http());
        JsonNode job = tobe.doAll(wil.doNow(tobe.open(tobe.newWheelEnd("STEPPED_UNBRAKED"), "REPACK")));

        assertThat(Bench.accepted(tobe.post(job, "/close", Bench.entry()))
                        .path("state")
                        .asString())
                .isEqualTo("CLOSED");
    }

    @Test
    void oneJobAtATimeOnAWheelEnd(RunningOldTallow app) {
        Bench bench = new Bench(app.http());
        UUID end = bench.newWheelEnd("STEPPED_BRAKED");
        JsonNode job = bench.open(end, "REPACK");

        Answer second = app.http()
                .post(
                        "/api/v1/wheel-ends/" + end + "/jobs",
                        "{\"id\": \"%s\", \"scope\": \"ADJUST\"}".formatted(UUID.randomUUID()));
        Answer same = app.http()
                .post(
                        "/api/v1/wheel-ends/" + end + "/jobs",
                        "{\"id\": \"%s\", \"scope\": \"REPACK\"}"
                                .formatted(job.path("id").asString()));

        assertThat(second.status()).isEqualTo(409);
        assertThat(same.status()).isEqualTo(200);
        Bench.accepted(bench.post(job, "/abandon", Bench.entry().put("reason", "sold as it stands")));
        assertThat(bench.open(end, "ADJUST").path("state").asString()).isEqualTo("OPEN");
    }

    @Test
    void anApprenticeEndsAJobBegunByMistakeButNotOneThatIsApart(RunningOldTallow app) {
        Bench mechanic = new Bench(app.http());
        Bench wil = new Bench(app.as("wil"));
        UUID end = mechanic.newWheelEnd("STEPPED_BRAKED");

        JsonNode mistaken = wil.open(end, "REPACK");
        Answer unsaid = wil.post(mistaken, "/abandon", Bench.entry().put("reason", " "));
        assertThat(unsaid.remedyFor("reason")).contains("must say why");
        JsonNode ended =
                Bench.accepted(wil.post(mistaken, "/abandon", Bench.entry().put("reason", "wrong side")));
        assertThat(ended.path("state").asString()).isEqualTo("ABANDONED");

        JsonNode apart = mechanic.doUntil(wil.open(end, "REPACK"), "strip.look-grease");
        Answer refused = wil.post(apart, "/abandon", Bench.entry().put("reason", "wrong side"));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.remedyFor("entry")).contains("mechanic");
    }

    @Test
    void waitsForAPartAndGoesOn(RunningOldTallow app) {
        Bench bench = new Bench(app.http());
        JsonNode job = bench.open(bench.newWheelEnd("STEPPED_BRAKED"), "REPACK");

        JsonNode waiting = Bench.accepted(bench.post(
                job,
                "/waits",
                Bench.entry().put("what", "seal 171255TB").put("bag", "left, 3").put("orderedFrom", "")));
        assertThat(waiting.path("waits").path("what").asString()).isEqualTo("seal 171255TB");
        assertThat(app.http().get("/api/v1/jobs").text()).contains("seal 171255TB");
        JsonNode on = Bench.accepted(bench.post(job, "/went-on", Bench.entry()));
        assertThat(on.path("waits").isMissingNode()).isTrue();
    }

    /** A thousand entries are all a job takes: it says so, and can still be ended. Nothing of it was written. */
    @Test
    void takesAThousandEntries(RunningOldTallow app) {
        Bench bench = new Bench(app.http());
        JsonNode job = bench.open(bench.newWheelEnd("STEPPED_BRAKED"), "REPACK");
        ObjectNode waits = Bench.entry().put("what", "seal").put("bag", "").put("orderedFrom", "");
        Bench.accepted(bench.post(job, "/waits", waits));
        app.db().execute("""
                        insert into job_entry
                            (id, press_id, workshop_id, job_id, number, kind, body, person_id, person_name, at,
                             needs_sign_off)
                        select gen_random_uuid(), gen_random_uuid(), workshop_id, job_id, n, kind, body, person_id,
                            person_name, at, false
                        from job_entry cross join generate_series(3, 999) as n
                        where job_id = ? and number = 2
                        """, UUID.fromString(job.path("id").asString()));

        Bench.accepted(bench.post(job, "/went-on", Bench.entry()));
        Answer full = bench.post(
                job, "/waits", Bench.entry().put("what", "cup").put("bag", "").put("orderedFrom", ""));
        assertThat(full.status()).isEqualTo(409);
        assertThat(full.text()).contains("1000 entries").contains("go on in a new one");
        assertThat(bench.look(job).path("waits").isMissingNode()).isTrue();
        JsonNode ended =
                Bench.accepted(bench.post(job, "/abandon", Bench.entry().put("reason", "too long")));
        assertThat(ended.path("state").asString()).isEqualTo("ABANDONED");
    }

    @Test
    void tellsBeforehandWhatTheJobNeeds(RunningOldTallow app) {
        JsonNode plan = Bench.accepted(app.http()
                .post("/api/v1/wheel-ends/" + Demo.SHORT_CAMPER_RIGHT + "/job-plan", "{\"scope\": \"RENEW\"}"));

        assertThat(plan.path("newParts").toString()).contains("inboard cup", "seal", "cotter");
        assertThat(plan.path("alwaysNew").toString()).isEqualTo("[\"cotter\",\"seal\"]");
        assertThat(plan.path("needs").findValuesAsString("words")).contains("Raise, make safe", "Races");
        assertThat(plan.path("minutes").asInt()).isBetween(30, 180);
    }

    @Test
    void refusesAHubExchangeWhereThereIsNoHub(RunningOldTallow app) {
        Bench bench = new Bench(app.http());
        UUID end = bench.newWheelEnd("SPACER_SET");

        Answer refused = app.http()
                .post(
                        "/api/v1/wheel-ends/" + end + "/jobs",
                        "{\"id\": \"%s\", \"scope\": \"EXCHANGE\"}".formatted(UUID.randomUUID()));

        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.text()).contains("renew them");
    }

    @Test
    void aJobOfNobodyIsNotFound(RunningOldTallow app) {
        assertThat(app.http().get("/api/v1/jobs/" + UUID.randomUUID()).status()).isEqualTo(404);
        assertThat(app.http()
                        .get("/api/v1/jobs/" + UUID.randomUUID() + "/events")
                        .status())
                .isEqualTo(404);
    }

    /** The database is killed between steps, then the application restarted: every step is still there, and none twice. */
    @Test
    void nothingRecordedIsLostWhenTheServerDiesBetweenSteps() {
        try (RunningOldTallow app = RunningOldTallow.empty()) {
            Http device = app.stranger();
            device.get("/api/v1/session");
            device.post("/api/v1/first-owner", """
                    {"workshop": "North shed", "word": "let me in", "name": "Bex", "signInName": "bex", "password": "grease under nails"}
                    """);
            Bench bench = new Bench(device);
            JsonNode job = bench.open(bench.newWheelEnd("STEPPED_UNBRAKED"), "ADJUST");
            int steps = 0;
            for (int crash = 0; crash < 3; crash++) {
                for (int i = 0; i < 4; i++) {
                    job = bench.doNow(job);
                    steps++;
                }
                ObjectNode unsent = Bench.done(job.path("walk").path("now"), UUID.randomUUID());
                app.crashDatabase();
                assertThat(bench.post(job, "/steps", unsent).status()).isGreaterThanOrEqualTo(500);
                app.postgres().restart();
                app.restart();

                job = bench.look(job);
                assertThat(job.path("walk").path("done")).hasSize(steps);
                job = Bench.accepted(bench.post(job, "/steps", unsent)); // kept on the device, sent when it is back
                Bench.accepted(bench.post(job, "/steps", unsent));
                steps++;
                assertThat(bench.look(job).path("walk").path("done")).hasSize(steps);
            }
            assertThat(bench.doAll(job).path("closing").path("hindrances")).isEmpty();
        }
    }
}
