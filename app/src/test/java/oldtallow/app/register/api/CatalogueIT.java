package oldtallow.app.register.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import oldtallow.app.testing.Http;
import oldtallow.app.testing.Http.Answer;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(OldTallowExtension.class)
class CatalogueIT {

    @Test
    void namesTheSetAndItsNearTwin(RunningOldTallow app) {
        JsonNode found = app.http()
                .post("/api/v1/identify", readings("CONE_BORE", "34.98", "CUP_OUTSIDE", "59.97", "MILLIMETRE"))
                .json();

        assertThat(found.path("verdict").asString()).isEqualTo("ONE");
        assertThat(found.at("/candidates/0/set/designation").asString()).isEqualTo("L68149/L68111");
        assertThat(found.at("/candidates/0/lookAlikes").toString()).contains("L68149/L68110");
    }

    @Test
    void asksForTheReadingThatPartsWhatIsLeft(RunningOldTallow app) {
        JsonNode found = app.http()
                .post(
                        "/api/v1/identify",
                        "{\"measurements\":[{\"measurand\":\"CONE_BORE\",\"instrument\":\"CALLIPER\",\"length\":{\"number\":1.25,\"unit\":\"INCH\"}}]}")
                .json();

        assertThat(found.path("verdict").asString()).isEqualTo("SEVERAL");
        assertThat(found.path("candidates").size()).isGreaterThan(2);
        assertThat(found.at("/next/0/doubtLeft").asDouble())
                .as("its cups differ by more than a calliper's doubt")
                .isLessThan(0.05);
    }

    @Test
    void questionsMillimetresTypedAsInches(RunningOldTallow app) {
        Answer answer =
                app.http().post("/api/v1/identify", readings("CONE_BORE", "44.45", "CUP_OUTSIDE", "3.265", "INCH"));

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.remedyFor("measurements[0].length.number")).contains("are millimetres meant?");
        assertThat(answer.remedyFor("measurements[1].length.number")).isEmpty();
    }

    @Test
    void saysPlainlyWhenNothingFits(RunningOldTallow app) {
        JsonNode found = app.http()
                .post("/api/v1/identify", readings("CONE_BORE", "33.0", "CUP_OUTSIDE", "70.0", "MILLIMETRE"))
                .json();

        assertThat(found.path("verdict").asString()).isEqualTo("NOTHING_FITS");
    }

    @Test
    void aSetOfItsOwnIsFoundByItsWorkshopAndGoneWhenTakenAway(RunningOldTallow app) {
        Http tobe = app.http();
        UUID id = UUID.randomUUID();
        String own = """
                {"id": "%s", "cone": "own-33", "cup": "own-70", "series": "METRIC", "source": "measured on the old one",
                 "bore": {"number": 33, "unit": "MILLIMETRE"}, "outsideDiameter": {"number": 70, "unit": "MILLIMETRE"},
                 "width": {"number": 18, "unit": "MILLIMETRE"}, "coneWidth": {"number": 17, "unit": "MILLIMETRE"},
                 "cupWidth": {"number": 14, "unit": "MILLIMETRE"}}""".formatted(id);

        assertThat(tobe.post("/api/v1/bearing-sets", own).status()).isEqualTo(200);
        String again = own.replace(id.toString(), UUID.randomUUID().toString());
        assertThat(tobe.post("/api/v1/bearing-sets", again).remedyFor("cone")).contains("in the catalogue already");
        assertThat(tobe.post("/api/v1/identify", readings("CONE_BORE", "33.0", "CUP_OUTSIDE", "70.0", "MILLIMETRE"))
                        .text())
                .contains("OWN-33/OWN-70");
        assertThat(tobe.delete("/api/v1/bearing-sets/" + id).status()).isEqualTo(204);
        assertThat(tobe.get("/api/v1/bearing-sets").text()).doesNotContain("OWN-33");
    }

    @Test
    void refusesASetThatCannotBeOne(RunningOldTallow app) {
        Answer answer = app.http().post("/api/v1/bearing-sets", """
                {"id": "%s", "cone": "x", "cup": "OWN", "series": "METRIC", "source": " ",
                 "bore": {"number": 33, "unit": "MILLIMETRE"}, "outsideDiameter": {"number": 30, "unit": "MILLIMETRE"},
                 "width": {"number": 18, "unit": "MILLIMETRE"}, "coneWidth": {"number": 17, "unit": "MILLIMETRE"},
                 "cupWidth": {"number": 14, "unit": "MILLIMETRE"}}""".formatted(UUID.randomUUID()));

        assertThat(answer.remedyFor("cone")).contains("2 to 20 letters");
        assertThat(answer.remedyFor("source")).contains("where the sizes come from");
    }

    /** 5 studs on 4 1/2 in: neighbours stand 4.5·sin 36° = 2.645 in apart (any geometry text). */
    @Test
    void findsTheStudCircleAndItsUsualHubs(RunningOldTallow app) {
        JsonNode circle = app.http()
                .post(
                        "/api/v1/stud-circle",
                        "{\"studs\":5,\"distance\":{\"number\":2.645,\"unit\":\"INCH\"},\"instrument\":\"CALLIPER\"}")
                .json();

        assertThat(circle.at("/diameter/thousandths").asDouble()).isBetween(4499.0, 4501.0);
        assertThat(circle.path("usualHubs").toString())
                .contains("L68149/L68111")
                .contains("LM67048/LM67010");
        JsonNode onTube = app.http()
                .post(
                        "/api/v1/stud-circle",
                        "{\"studs\":5,\"distance\":{\"number\":2.645,\"unit\":\"INCH\"},\"instrument\":\"CALLIPER\","
                                + "\"axleTube\":\"2 3/8 in round\"}")
                .json();
        assertThat(onTube.path("usualHubs").toString())
                .contains("L68149/L68111")
                .doesNotContain("LM67048/LM67010");
    }

    @Test
    void explainsANumber(RunningOldTallow app) {
        JsonNode help = app.http().get("/api/v1/reading-help?number=lm67048").json();

        assertThat(help.path("pieces").toString()).contains("light to medium").contains("a cone");
        assertThat(help.path("whereToLook").size()).isPositive();
    }

    private static String readings(String one, String oneNumber, String other, String otherNumber, String unit) {
        String reading =
                "{\"measurand\":\"%s\",\"instrument\":\"CALLIPER\",\"length\":{\"number\":%s,\"unit\":\"%s\"}}";
        return "{\"measurements\":[" + reading.formatted(one, oneNumber, unit) + ","
                + reading.formatted(other, otherNumber, unit) + "]}";
    }
}
