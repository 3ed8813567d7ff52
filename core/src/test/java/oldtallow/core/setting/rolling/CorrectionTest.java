package oldtallow.core.setting.rolling;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import oldtallow.core.fastening.endplay.EndPlayVerdict;
import oldtallow.core.fastening.endplay.EndPlayWindow;
import oldtallow.core.fastening.lock.CastleNut;
import oldtallow.core.fastening.lock.FreeAngleLock;
import oldtallow.core.fastening.lock.LockPattern;
import oldtallow.core.fastening.thread.SpindleThread;
import oldtallow.core.fastening.thread.ThreadHand;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.Turn;
import oldtallow.core.words.SettingWords;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CorrectionTest {

    private static final LockPattern TWO_HOLES = new CastleNut(6, List.of(Turn.ZERO, Turn.ofDegrees(90)));

    /** 1-14 by 30° is 0.1512 mm (reference sheet §2); the window is 1 to 5 thou. */
    @ParameterizedTest
    @CsvSource({
        "-0.10,0.0512,INSIDE,inside its window",
        "0.10,0.2512,TOO_LOOSE,a finer way on the nut dial",
        "-0.20,-0.0488,PRELOAD,take the next as well"
    })
    void takesOneStopAndSaysWhatItLeaves(double stands, double leaves, EndPlayVerdict verdict, String words) {
        Correction one = looser(stands, TWO_HOLES);

        assertThat(one.degrees()).isCloseTo(30, within(1e-9));
        assertThat(one.leaves().millimetres()).isCloseTo(leaves, within(1e-4));
        assertThat(one.verdict()).isEqualTo(verdict);
        assertThat(SettingWords.correction(one))
                .startsWith("One stop looser (30°)")
                .contains(words);
    }

    /** A thou of 1-14 is 5.04° (25.4 µm of 1.814 mm). */
    @Test
    void goesByAThouWhereTheLockHoldsAnywhere() {
        Correction one = looser(0.05, FreeAngleLock.TWO_NUTS);

        assertThat(one.degrees()).isCloseTo(5.04, within(0.01));
        assertThat(one.leaves().thousandths()).isCloseTo(50 / 25.4 + 1, within(1e-9));
        assertThat(SettingWords.correction(one)).startsWith("A thou looser (5°)");
    }

    /** Loose on return: the same step the other way, and never past the window unsaid. */
    @Test
    void tightensALooseHubByOneStopAtMost() {
        var thread = SpindleThread.UNS_1_14.cut(ThreadHand.RIGHT);
        var twoHoles = new CastleNut(6, List.of(Turn.ZERO, Turn.ofDegrees(90)));

        Correction back =
                Correction.tighter(Length.ofMillimetres(0.22), thread, twoHoles, EndPlayWindow.COMMON_PRACTICE);
        assertThat(back.degrees()).isCloseTo(-30, within(1e-9));
        assertThat(back.leaves().millimetres()).isCloseTo(0.22 - 0.15119, within(1e-5));
        assertThat(SettingWords.correction(back))
                .startsWith("One stop tighter (30°) leaves 0.07 mm")
                .endsWith("inside its window.");

        Correction tooFar = Correction.tighter(
                Length.ofMillimetres(0.16),
                thread,
                new CastleNut(6, List.of(Turn.ZERO)),
                EndPlayWindow.COMMON_PRACTICE);
        assertThat(SettingWords.correction(tooFar))
                .contains("−0.14 mm")
                .endsWith("look for a finer way on the nut dial.");
    }

    private static Correction looser(double stands, LockPattern lock) {
        return Correction.looser(
                Length.ofMillimetres(stands),
                SpindleThread.UNS_1_14.cut(ThreadHand.RIGHT),
                lock,
                EndPlayWindow.COMMON_PRACTICE);
    }
}
