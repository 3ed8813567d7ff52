package oldtallow.app.instrument.api;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import oldtallow.app.instrument.api.Line.Nonsense;
import oldtallow.core.quantity.ReadingUnit;
import oldtallow.core.setting.measure.Instrument;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Lines as docs/instruments.md writes them. */
class LineProtocolTest {

    @Test
    void readsEveryLineOfThePage() {
        assertThat(LineProtocol.read("hello 1 dial-indicator A-17 bench dial"))
                .isEqualTo(new Line.Hello(Instrument.DIAL_INDICATOR, "A-17", "bench dial"));
        assertThat(LineProtocol.read("unit thou")).isEqualTo(new Line.Unit(ReadingUnit.THOU));
        assertThat(LineProtocol.read("resolution 0.5")).isEqualTo(new Line.Resolution(0.5));
        assertThat(LineProtocol.read("reading 7 -0.25 steady")).isEqualTo(new Line.Reading(7, -0.25, true));
        assertThat(LineProtocol.read("reading 8 3 moving\r")).isEqualTo(new Line.Reading(8, 3, false));
        assertThat(LineProtocol.read("taken 3 68.1")).isEqualTo(new Line.Taken(3, 68.1));
        assertThat(LineProtocol.read("battery 80")).isEqualTo(new Line.Battery(80));
        assertThat(LineProtocol.read("error low-light move nearer"))
                .isEqualTo(new Line.Fault("low-light", "move nearer"));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                " ",
                "hello",
                "hello 2 dial-indicator A-17 dial",
                "hello 1 toaster A-17 dial",
                "hello 1 dial-indicator A/17 dial",
                "unit furlong",
                "resolution 0",
                "resolution -1",
                "reading 1 NaN steady",
                "reading 1 1e9 steady",
                "reading 1 0.1",
                "reading 1 0.1 perhaps",
                "reading x 0.1 steady",
                "reading 99999999999999999999 1 steady",
                "taken 1",
                "battery 101",
                "battery -3",
                "error",
                "self-destruct now"
            })
    void callsNonsenseWhatThePageDoesNotList(String line) {
        assertThat(LineProtocol.read(line)).isInstanceOf(Nonsense.class);
    }

    @Test
    void neverThrowsWhateverComes() {
        Random random = new Random(7);
        String[] words = {"hello", "unit", "reading", "1", "-", "0.1", "steady", "\u0000", "ÿ", "battery", "taken", ""};
        for (int i = 0; i < 20_000; i++) {
            var line = new StringBuilder();
            for (int word = random.nextInt(7); word >= 0; word--) {
                line.append(words[random.nextInt(words.length)]).append(' ');
            }
            assertThat(LineProtocol.read(line.toString())).isNotNull();
        }
        assertThat(LineProtocol.read("reading 1 0.1 steady" + " ".repeat(400))).isInstanceOf(Nonsense.class);
    }
}
