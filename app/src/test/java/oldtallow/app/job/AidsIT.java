package oldtallow.app.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import oldtallow.app.testing.Bench;
import oldtallow.app.testing.Demo;
import oldtallow.app.testing.Http.Answer;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import oldtallow.core.hub.Construction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

@ExtendWith(OldTallowExtension.class)
class AidsIT {

    @Test
    void worksOutRacesSealAndGreaseOfAWheelEnd(RunningOldTallow app) {
        JsonNode aids = Bench.accepted(app.http().get("/api/v1/wheel-ends/" + Demo.rearRight("Boat tandem") + "/aids"));

        assertThat(aids.at("/inboard/set").asString()).isEqualTo("L68149/L68111");
        assertThat(aids.at("/inboard/own").findValuesAsString("name")).contains("driver 59");
        assertThat(aids.at("/inboard/nearTwins").findValuesAsString("cup")).contains("LM67010");
        assertThat(aids.at("/warm").findValuesAsString("cold")).contains("from the freezer");
        assertThat(aids.at("/seal/seal/orientation").asString()).contains("Spring lip to the grease");
        assertThat(aids.at("/seal/seal/drawing/pieces").findValuesAsString("what"))
                .contains("CASE", "RUBBER", "SPRING");
        assertThat(aids.at("/grease/inIt/name").asString()).contains("calcium sulfonate");
        assertThat(aids.at("/grease/gun").asString()).isEqualTo("lever gun");
        // the same thickener goes best
        assertThat(aids.at("/grease/tins/0/thickener").asString()).isEqualTo("CALCIUM_SULFONATE");
        assertThat(aids.at("/grease/tins/0/meets/action").asString()).isEqualTo("MIX");
        assertThat(aids.at("/grease/places").findValuesAsString("place")).contains("INBOARD_CONE", "CAVITY");
    }

    @Test
    void everyConstructionHasItsAids(RunningOldTallow app) {
        Bench bench = new Bench(app.http());

        for (var construction : Construction.values()) {
            UUID end = bench.newWheelEnd(construction.name());
            Answer aids = app.http().get("/api/v1/wheel-ends/" + end + "/aids");
            assertThat(aids.status()).as(construction.name()).isEqualTo(200);
            assertThat(aids.json().path("bearingsKnown").asBoolean()).isFalse();
            assertThat(aids.json().at("/seal/seal/driverLeast/millimetres").asDouble())
                    .as(construction.name())
                    .isPositive();
        }
    }

    @Test
    void tellsTheRightCupFromItsNearTwin(RunningOldTallow app) {
        UUID end = Demo.rearRight("Boat tandem");

        JsonNode right = cup(app, end, 59.99).json().path("rightCup");
        JsonNode twin = cup(app, end, 59.13).json().path("rightCup");

        assertThat(right.path("right").asBoolean()).isTrue();
        assertThat(right.path("words").asString()).contains("L68111");
        assertThat(twin.path("right").asBoolean()).isFalse();
        assertThat(twin.path("words").asString()).contains("LM67010");
        assertThat(cup(app, end, 5).remedyFor("readings[0].number")).contains("20.0 to 250.0 mm");
    }

    @Test
    void findsASealBySizeAmongStandardsAndOnTheShelf(RunningOldTallow app) {
        JsonNode metric = seal(app, 44.97, 62.0, "MILLIMETRE").json();
        JsonNode inch = seal(app, 1.718, 2.565, "INCH").json();

        assertThat(metric.at("/standard/0/fits").asBoolean()).isTrue();
        assertThat(metric.at("/standard/0/size/bore/millimetres").asDouble()).isEqualTo(62.0);
        assertThat(metric.at("/standard/1/fits").asBoolean()).isFalse();
        assertThat(inch.path("onShelf").findValuesAsString("designation")).contains("43.7 x 65.1 double lip");
        assertThat(seal(app, 62, 45, "MILLIMETRE").remedyFor("bore.number")).contains("more than the shaft");
    }

    @Test
    void findsTheCapForABore(RunningOldTallow app) {
        JsonNode cap = app.http().post("/api/v1/reckon/cap", """
                {"bore": {"number": 50.2, "unit": "MILLIMETRE"}, "cap": {"number": 50.4, "unit": "MILLIMETRE"},
                 "instrument": "CALLIPER"}""").json();

        assertThat(cap.path("verdict").asString()).isEqualTo("HOLDS");
        assertThat(cap.at("/least/millimetres").asDouble()).isBetween(50.2, 50.3);
    }

    @Test
    void aGapThatWasMeasuredSpeaksAgainstASeatedCup(RunningOldTallow app) {
        Bench bench = new Bench(app.http());
        JsonNode job = bench.doUntil(bench.open(bench.newWheelEnd("STEPPED_BRAKED"), "RENEW"), "races.inboard-in");
        assertThat(job.at("/walk/now/aid").asString()).isEqualTo("INBOARD_CUP");

        Answer cocked = bench.post(job, "/steps", gaps(job, 0.02, 0.30, 0.02, 0.02));
        Answer three = bench.post(job, "/steps", gaps(job, 0.02, 0.02, 0.02));
        Answer home = bench.post(job, "/steps", gaps(job, 0.02, 0.03, 0.02, 0.02));

        assertThat(cocked.remedyFor("readings")).contains("tap it at 3 o'clock");
        assertThat(three.remedyFor("readings")).contains("four");
        assertThat(home.status()).as(home.text()).isEqualTo(200);
    }

    private static ObjectNode gaps(JsonNode job, double... millimetres) {
        String[] clock = {"GAP_AT_12", "GAP_AT_3", "GAP_AT_6", "GAP_AT_9"};
        ObjectNode form = Bench.done(job.path("walk").path("now"), UUID.randomUUID());
        for (int i = 0; i < millimetres.length; i++) {
            form.withArray("readings")
                    .addObject()
                    .put("kind", clock[i])
                    .put("number", millimetres[i])
                    .put("unit", "MILLIMETRE");
        }
        return form;
    }

    private static Answer cup(RunningOldTallow app, UUID end, double millimetres) {
        return app.http().post("/api/v1/wheel-ends/" + end + "/sense", """
                        {"readings": [{"kind": "CUP_OUTSIDE", "number": %s, "unit": "MILLIMETRE"}]}
                        """.formatted(millimetres));
    }

    private static Answer seal(RunningOldTallow app, double land, double bore, String unit) {
        return app.http().post("/api/v1/reckon/seal", """
                        {"land": {"number": %s, "unit": "%s"}, "bore": {"number": %s, "unit": "%s"},
                         "instrument": "CALLIPER", "kind": "LIP", "rimmed": false, "coated": false}
                        """.formatted(land, unit, bore, unit));
    }
}
