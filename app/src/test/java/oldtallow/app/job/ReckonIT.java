package oldtallow.app.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import oldtallow.app.testing.Demo;
import oldtallow.app.testing.Http.Answer;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

@ExtendWith(OldTallowExtension.class)
class ReckonIT {

    private static final JsonMapper JSON = new JsonMapper();

    /** The usual chart, from memory: symmetric; lithium goes with its complex, conventional polyurea with no lithium. */
    @Test
    void tellsTheWholeTableOfThickeners(RunningOldTallow app) {
        JsonNode pairs = app.http().get("/api/v1/reckon/greases").json().path("pairs");

        assertThat(pairs).hasSize(13);
        List<String> order = pairs.findValuesAsString("thickener");
        for (int i = 0; i < 13; i++) {
            for (int j = 0; j < 13; j++) {
                assertThat(pairs.get(i).path("with").get(j))
                        .isEqualTo(pairs.get(j).path("with").get(i));
            }
        }
        JsonNode lithium = pairs.get(order.indexOf("LITHIUM_12_HYDROXY")).path("with");
        assertThat(lithium.get(order.indexOf("LITHIUM_COMPLEX")).asString()).isEqualTo("COMPATIBLE");
        assertThat(lithium.get(order.indexOf("POLYUREA")).asString()).isEqualTo("INCOMPATIBLE");
    }

    /**
     * The product's reference sheet §10: 0.05 mm on L68111 in grey iron of 90 mm gives 16 MPa with the cup taken as a ring of
     * its smallest inside, 49.5 mm; its mean inside is wider, so it presses less.
     */
    @Test
    void reckonsACupInItsHub(RunningOldTallow app) {
        JsonNode fit = app.http()
                .post("/api/v1/reckon/cup-fit", cup("59.975", "59.925", "90").toString())
                .json();

        assertThat(fit.path("verdict").asString()).isEqualTo("NORMAL");
        assertThat(fit.at("/pressed/pressureMegapascals").asDouble()).isBetween(9.0, 16.0);
        assertThat(fit.path("way").asString()).isEqualTo("HAMMER");
        assertThat(fit.at("/warm/colds")).hasSize(3);
        assertThat(fit.at("/warm/colds/2/dropsInAt/celsius").asDouble())
                .isLessThan(fit.at("/warm/colds/0/dropsInAt/celsius").asDouble());
    }

    @Test
    void namesTheNearTwinWhoseCupWouldSit(RunningOldTallow app) {
        JsonNode fit = app.http()
                .post("/api/v1/reckon/cup-fit", cup("59.131", "59.93", "90").toString())
                .json();

        assertThat(fit.path("verdict").asString()).isEqualTo("WRONG_CUP");
        assertThat(fit.path("wouldFit").toString()).contains("L68149/L68111");
        assertThat(fit.path("warm").isMissingNode()).isTrue();
    }

    @Test
    void refusesAHubHotterThanWhatIsOnItStands(RunningOldTallow app) {
        ObjectNode form = cup("59.975", "59.925", "90").put("hubState", "GREASY");
        form.putObject("hubTemperature").put("number", 230).put("unit", "FAHRENHEIT");
        form.putObject("cupTemperature").put("number", -18).put("unit", "CELSIUS");

        Answer answer = app.http().post("/api/v1/reckon/cup-fit", form.toString());

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.remedyFor("hubTemperature.number"))
                .contains("80.0 °C")
                .contains("no flame");
    }

    /** A tape's doubt, a cup far too large, a hub without a wall, a driver for no cup: each was a failure of the product's own. */
    @Test
    void breaksOnNoSizeHoweverOdd(RunningOldTallow app) {
        ObjectNode taped = cup("59.975", "59.925", "90").put("instrument", "TAPE");
        ObjectNode large = cup("350", "349.4", "420");
        large.remove("set");

        assertThat(app.http()
                        .post("/api/v1/reckon/cup-fit", taped.toString())
                        .json()
                        .path("open")
                        .asBoolean())
                .isTrue();
        JsonNode pressed =
                app.http().post("/api/v1/reckon/cup-fit", large.toString()).json();
        assertThat(pressed.path("verdict").asString()).isNotBlank();
        assertThat(pressed.path("warm").isMissingNode()).isTrue();
        assertThat(app.http()
                        .post(
                                "/api/v1/reckon/cup-fit",
                                cup("59.975", "59.925", "59.94").toString())
                        .remedyFor("hubOutside.number"))
                .contains("at least 2 mm more");
        assertThat(app.http()
                        .post("/api/v1/reckon/cup-driver", "{\"set\": \"\", \"sockets\": []}")
                        .remedyFor("set"))
                .contains("name it");
    }

    @Test
    void asksForWhatIsMissingAndQuestionsTheUnit(RunningOldTallow app) {
        ObjectNode form = cup("59.975", "2.36", "90");
        assertThat(app.http().post("/api/v1/reckon/cup-fit", form.toString()).remedyFor("bore.number"))
                .contains("is the unit right?");

        form.remove("bore");
        assertThat(app.http().post("/api/v1/reckon/cup-fit", form.toString()).remedyFor("bore"))
                .contains("measure the bore");
        assertThat(app.http()
                        .post(
                                "/api/v1/reckon/cup-fit",
                                cup("59.975", "59.925", "59").toString())
                        .remedyFor("hubOutside.number"))
                .contains("more than the cup's outside diameter");
    }

    @Test
    void readsACodeAndSaysWhereAWrongOneBreaks(RunningOldTallow app) {
        assertThat(app.http()
                        .post("/api/v1/reckon/grease-code", "{\"code\":\"KP2K-30\"}")
                        .json()
                        .at("/hottest/celsius")
                        .asInt())
                .isEqualTo(120);
        assertThat(app.http()
                        .post("/api/v1/reckon/grease-code", "{\"code\":\"KP2Z-30\"}")
                        .remedyFor("code"))
                .contains("\"Z\" at place 4");
    }

    @Test
    void reckonsTheGreaseOfAWheelEnd(RunningOldTallow app) {
        ObjectNode form = grease().put("wheelEndId", Demo.SHORT_CAMPER_LEFT.toString());

        JsonNode grease =
                app.http().post("/api/v1/reckon/grease", form.toString()).json();

        assertThat(grease.path("inboard").asString()).contains("/");
        assertThat(grease.at("/meeting/action").asString()).isEqualTo("CLEAN_OUT");
        assertThat(grease.at("/grams/most").asDouble())
                .isCloseTo(0.9 * grease.at("/cubicCentimetres/most").asDouble(), within(1e-9));
        assertThat(grease.at("/grams/least").asDouble())
                .isLessThan(grease.at("/grams/most").asDouble());
        assertThat(app.http()
                        .post("/api/v1/reckon/grease", form.put("stroke", 0).toString())
                        .remedyFor("stroke"))
                .contains("0.1 to 10 cm³");
    }

    @Test
    void judgesDriverSeatAndSeal(RunningOldTallow app) {
        JsonNode driver = app.http()
                .post(
                        "/api/v1/reckon/cup-driver",
                        "{\"set\":\"L68149/L68111\",\"sockets\":[" + mm("50") + "," + mm("59.2") + "," + mm("60")
                                + "]}")
                .json();
        assertThat(driver.path("sockets").findValuesAsString("suits"))
                .containsExactly("STANDS_ON_RACE", "DOES", "JAMS_IN_BORE");

        String gaps = "{\"gaps\":[" + mm("0") + "," + mm("0.1") + "," + mm("0.3") + "," + mm("0.1") + "]}";
        assertThat(app.http()
                        .post("/api/v1/reckon/seated", gaps)
                        .json()
                        .path("highSide")
                        .asString())
                .isEqualTo("6");
        assertThat(app.http()
                        .post("/api/v1/reckon/seated", gaps.replace("0.3", "-0.3"))
                        .remedyFor("gaps[2].number"))
                .contains("0 to 30 mm");
        assertThat(app.http()
                        .post("/api/v1/reckon/seal-land", "{\"depth\":" + mm("0.2") + ",\"room\":" + mm("2") + "}")
                        .json()
                        .path("remedy")
                        .asString())
                .isEqualTo("SET_BESIDE");
        assertThat(app.http()
                        .post(
                                "/api/v1/reckon/cone-fit",
                                "{\"set\":\"no/such\",\"seat\":" + mm("26.98") + ",\"instrument\":\"MICROMETER\"}")
                        .remedyFor("set"))
                .contains("not in the catalogue");
    }

    private static ObjectNode cup(String cup, String bore, String hubOutside) {
        ObjectNode form = JSON.createObjectNode()
                .put("hub", "GREY_IRON")
                .put("set", "L68149/L68111")
                .put("instrument", "MICROMETER")
                .put("hubState", "BARE");
        form.putObject("cup").put("number", Double.parseDouble(cup)).put("unit", "MILLIMETRE");
        form.putObject("bore").put("number", Double.parseDouble(bore)).put("unit", "MILLIMETRE");
        form.putObject("hubOutside")
                .put("number", Double.parseDouble(hubOutside))
                .put("unit", "MILLIMETRE");
        return form;
    }

    private static ObjectNode grease() {
        ObjectNode form = JSON.createObjectNode()
                .put("construction", "STEPPED_BRAKED")
                .put("dunked", false)
                .put("heavy", false)
                .put("code", "GC-LB")
                .put("thickener", "LITHIUM_COMPLEX")
                .put("old", "UNKNOWN")
                .put("fill", "FULL")
                .put("capFilled", false)
                .put("stroke", 1)
                .put("kilometresPerHour", 90);
        form.putObject("coldest").put("number", -10).put("unit", "CELSIUS");
        form.putObject("rollingRadius").put("number", 330).put("unit", "MILLIMETRE");
        return form;
    }

    private static String mm(String number) {
        return "{\"number\":" + number + ",\"unit\":\"MILLIMETRE\"}";
    }

    /** Five nuts go 1-3-5-2-4, common practice; 100 N·m on M12 pull 41.67 kN by F = T/(0.2 d), Shigley table 8-15, from memory. */
    @Test
    void tightensAWheelInTheStar(RunningOldTallow app) {
        JsonNode nuts = app.http().post("/api/v1/reckon/wheel-nuts", """
                {"studs": 5, "least": {"number": 80, "unit": "NEWTON_METRE"}, "most": {"number": 100, "unit": "NEWTON_METRE"},
                 "diameter": {"number": 12, "unit": "MILLIMETRE"}, "pitch": {"number": 1.5, "unit": "MILLIMETRE"}}""").json();

        assertThat(nuts.path("order").toString()).isEqualTo("[1,3,5,2,4]");
        assertThat(nuts.path("stages").findValuesAsString("words"))
                .containsExactly("snug", "half", "full", "once round");
        assertThat(nuts.at("/clamp/kilonewtons").asDouble()).isCloseTo(41.67, within(0.01));
        assertThat(nuts.path("overDry").asDouble()).isEqualTo(1);
        assertThat(app.http()
                        .post("/api/v1/reckon/wheel-nuts", "{\"studs\": 11}")
                        .remedyFor("studs"))
                .contains("3 to 10");
    }

    @Test
    void knowsTheTorqueThatGovernsAtAWheelEnd(RunningOldTallow app) {
        JsonNode nuts = app.http()
                .get("/api/v1/wheel-ends/" + Demo.frontLeft("Long camper") + "/wheel-nuts?studs=6")
                .json();

        assertThat(nuts.path("authority").asString()).isEqualTo("MAKER");
        assertThat(nuts.at("/stages/2/least/newtonMetres").asDouble()).isCloseTo(120, within(1e-9));
        assertThat(nuts.path("studs")).hasSize(6);
    }
}
