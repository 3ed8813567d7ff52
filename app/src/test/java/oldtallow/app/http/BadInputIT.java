package oldtallow.app.http;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.UUID;
import oldtallow.app.testing.Demo;
import oldtallow.app.testing.Http.Answer;
import oldtallow.app.testing.OldTallowExtension;
import oldtallow.app.testing.RunningOldTallow;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** The user's mistakes: each is told by field, value and remedy; none is a 500 or shows a stack trace. */
@ExtendWith(OldTallowExtension.class)
class BadInputIT {

    private static final String CALCULATIONS = "/api/v1/nut-calculations";
    private static final String GOOD = """
            {"thread": {"pitchMillimetres": 1.5, "nominalDiameterMillimetres": 24, "hand": "RIGHT"},
             "lock": {"kind": "CASTLE_NUT", "slots": 6, "marksDegrees": [0, 90]},
             "reading": {"mark": 1, "looserDegrees": 17},
             "washerThicknessMillimetres": 3,
             "finalTorque": {"number": 10, "unit": "POUND_FORCE_INCH"},
             "figures": [{"authority": "WORKSHOP", "least": {"number": 0.02, "unit": "MILLIMETRE"},
                          "most": {"number": 0.1, "unit": "MILLIMETRE"}, "source": "rule"}],
             "procedure": "SEAT_AND_FINGER_TIGHT"}
            """;

    @Test
    void theEntryWithoutAMistakePasses(RunningOldTallow app) {
        assertThat(app.http().post(CALCULATIONS, GOOD).status()).isEqualTo(200);
    }

    /** Out of range, upside down, missing, or not a number: what is swapped in, and the field that must be named. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
                    "pitchMillimetres": 1.5  | "pitchMillimetres": 0        | thread.pitchMillimetres
                    "pitchMillimetres": 1.5  | "pitchMillimetres": -1.5     | thread.pitchMillimetres
                    "pitchMillimetres": 1.5  | "pitchMillimetres": 1e300    | thread.pitchMillimetres
                    "pitchMillimetres": 1.5  | "pitchMillimetres": 1e999    | thread.pitchMillimetres
                    "pitchMillimetres": 1.5  | "pitchMillimetres": "fine"   | thread.pitchMillimetres
                    "pitchMillimetres": 1.5  | "pitchMillimetres": "1.5"    | thread.pitchMillimetres
                    "pitchMillimetres": 1.5  | "pitchMillimetres": "NaN"    | thread.pitchMillimetres
                    "pitchMillimetres": 1.5  | "threadsPerInch": 0          | thread.threadsPerInch
                    "pitchMillimetres": 1.5  | "threadsPerInch": 1e9        | thread.threadsPerInch
                    "pitchMillimetres": 1.5  | "designation": "M24"         | thread.pitchMillimetres
                    "pitchMillimetres": 1.5  | "pitchMillimetres": 1.5, "threadsPerInch": 14 | thread.pitchMillimetres
                    "nominalDiameterMillimetres": 24, | "nominalDiameterMillimetres": -24, | thread.nominalDiameterMillimetres
                    "nominalDiameterMillimetres": 24, | | thread.nominalDiameterMillimetres
                    "hand": "RIGHT"          | "hand": "BOTH"               | thread.hand
                    "slots": 6               | "slots": 0                   | lock.slots
                    "slots": 6               | "slots": -6                  | lock.slots
                    "slots": 6               | "slots": 7                   | lock.slots
                    "slots": 6               | "slots": 6.5                 | lock.slots
                    "slots": 6               | "slots": 99999999999         | lock.slots
                    "slots": 6               | "slots": "six"               | lock.slots
                    "slots": 6               | "slots": null                | lock.slots
                    [0, 90]                  | []                           | lock.marksDegrees
                    [0, 90]                  | [0, 180]                     | lock.marksDegrees
                    [0, 90]                  | [0, 0]                       | lock.marksDegrees
                    [0, 90]                  | [0, 1e99]                    | lock.marksDegrees[1]
                    [0, 90]                  | [0, null]                    | lock.marksDegrees[1]
                    [0, 90]                  | [0, "ninety"]                | lock.marksDegrees[1]
                    "CASTLE_NUT"             | "GLUE"                       | lock.kind
                    "mark": 1                | "mark": 0                    | reading.mark
                    "mark": 1                | "mark": 3                    | reading.mark
                    "looserDegrees": 17      | "looserDegrees": 361         | reading.looserDegrees
                    "looserDegrees": 17      | "looserDegrees": 1e400       | reading.looserDegrees
                    "looserDegrees": 17      | "looserDegrees": 17.00001    | reading.looserDegrees
                    "looserDegrees": 17      | "looserDegrees": "back"      | reading.looserDegrees
                    "looserDegrees": 17      | "looserDegrees": 17, "endPlay": {"number": -0.1, "unit": "MILLIMETRE"} | reading.endPlay.number
                    "looserDegrees": 17      | "looserDegrees": 17, "endPlay": {"number": 90, "unit": "THOUSANDTH_INCH"} | reading.endPlay.number
                    "number": 10             | "number": 0                  | finalTorque.number
                    "number": 10             | "number": -20                | finalTorque.number
                    "number": 10             | "number": 1e12               | finalTorque.number
                    "number": 10             | "number": null               | finalTorque.number
                    "POUND_FORCE_INCH"       | "GRUNT"                      | finalTorque.unit
                    "number": 0.02           | "number": 0.2                | figures[0]
                    "number": 0.02           | "number": -0.05              | figures
                    "number": 0.1            | "number": 50                 | figures[0]
                    "source": "rule"         | "source": "  "               | figures[0]
                    "washerThicknessMillimetres": 3 | "washerThicknessMillimetres": 0 | washerThicknessMillimetres
                    "procedure": "SEAT_AND_FINGER_TIGHT" | "procedure": "GUESS"   | procedure
                    "procedure": "SEAT_AND_FINGER_TIGHT" | "procedure": null      | procedure
                    "reading": {             | "extra": 1, "reading": {     | extra
                    """)
    void namesTheFieldAndWhatWouldBeRight(String good, String bad, String field, RunningOldTallow app) {
        Answer answer = app.http().post(CALCULATIONS, GOOD.replace(good, bad == null ? "" : bad));

        assertThat(answer.status()).as(answer.text()).isIn(400, 422);
        assertThat(answer.type()).startsWith("application/problem+json");
        assertThat(answer.remedyFor(field)).as(answer.text()).isNotBlank();
        assertSaysNothingOfItsInsides(answer);
    }

    @Test
    void tellsEveryMissingFieldAtOnce(RunningOldTallow app) {
        Answer answer = app.http().post(CALCULATIONS, "{}");

        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.json().path("errors").size()).isEqualTo(4);
        assertThat(answer.remedyFor("thread")).contains("is missing");
    }

    @ParameterizedTest
    @ValueSource(strings = {"{", "{\"thread\": NaN}", "", "[]", "null", "\"text\"", "{\"a\": 01}", "<xml/>"})
    void refusesWhatIsNotTheJsonItWants(String body, RunningOldTallow app) {
        Answer answer = app.http().post(CALCULATIONS, body);

        assertThat(answer.status()).as(answer.text()).isEqualTo(400);
        assertThat(answer.type()).startsWith("application/problem+json");
        assertSaysNothingOfItsInsides(answer);
    }

    @Test
    void refusesABodyOverOneMegabyteAnnouncedOrNot(RunningOldTallow app) {
        String huge = GOOD.replace("rule", "r".repeat(1_100_000));

        for (Answer answer :
                new Answer[] {app.http().post(CALCULATIONS, huge), app.http().postChunked(CALCULATIONS, huge)}) {
            assertThat(answer.status()).isEqualTo(413);
            assertThat(answer.json().path("detail").asString()).contains("over 1 MB");
        }
        assertThat(app.http().post(CALCULATIONS, GOOD).status()).isEqualTo(200);
    }

    @Test
    void knowsNoWheelEndThatIsNotThere(RunningOldTallow app) {
        UUID nowhere = UUID.randomUUID();
        for (Answer answer : new Answer[] {
            app.http().get("/api/v1/wheel-ends/" + nowhere),
            app.http().get(Demo.settingsOf(nowhere)),
            app.http().post(Demo.settingsOf(nowhere), Demo.goodSetting(UUID.randomUUID()))
        }) {
            assertThat(answer.status()).isEqualTo(404);
            assertThat(answer.json().path("detail").asString()).contains(nowhere.toString());
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"/api/v1/wheel-ends/7", "/api/v1/wheel-ends/%27%3B--", "/api/v1/wheel-ends/7/nut-settings"})
    void refusesAnIdThatIsNone(String path, RunningOldTallow app) {
        Answer answer = app.http().get(path);

        assertThat(answer.status()).as(answer.text()).isEqualTo(400);
        assertSaysNothingOfItsInsides(answer);
    }

    @ParameterizedTest
    @CsvSource({"/api/v1/nothing, 404", "/api/v1/nut-calculations, 405"})
    void answersAProblemWhereThereIsNothing(String path, int status, RunningOldTallow app) {
        Answer answer = app.http().get(path);

        assertThat(answer.status()).as(answer.text()).isEqualTo(status);
        assertThat(answer.type()).startsWith("application/problem+json");
    }

    private static void assertSaysNothingOfItsInsides(Answer answer) {
        assertThat(answer.text()).doesNotContain("Exception", "at oldtallow", "tools.jackson", "java.lang");
    }
}
