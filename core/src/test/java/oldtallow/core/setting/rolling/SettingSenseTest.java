package oldtallow.core.setting.rolling;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import oldtallow.core.fastening.endplay.EndPlayWindow;
import oldtallow.core.fastening.lock.CastleNut;
import oldtallow.core.fastening.lock.FreeAngleLock;
import oldtallow.core.fastening.lock.LockPattern;
import oldtallow.core.fastening.thread.SpindleThread;
import oldtallow.core.fastening.thread.ThreadHand;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.Turn;
import oldtallow.core.setting.rolling.SettingChart.Hub;
import oldtallow.core.words.SettingWords;
import org.junit.jupiter.api.Test;

class SettingSenseTest {

    private static final Hub MODEL = new Hub(
            ModelHub.PAIR,
            ModelHub.load(),
            HubWarmth.usual(new HubSurface(0.05), 20, 723.4316, 25),
            new TyrePlay(ModelHub.PAIR, Length.ofMillimetres(330)));
    private static final LockPattern TWO_HOLES = new CastleNut(6, List.of(Turn.ZERO, Turn.ofDegrees(90)));

    /** A 1-14 castle nut with two holes at 90° steps by 30°: 0.1512 mm (reference sheet §2). */
    @Test
    void comparesTheStopsNextToIt() {
        SettingSense sense = sense(0.0857, TWO_HOLES);

        assertThat(sense.tighter().orElseThrow().endPlay().millimetres()).isCloseTo(0.0857 - 0.1512, within(1e-4));
        assertThat(sense.looser().orElseThrow().endPlay().millimetres()).isCloseTo(0.0857 + 0.1512, within(1e-4));
        List<String> words = SettingWords.sense(sense, EndPlayWindow.COMMON_PRACTICE);
        assertThat(words.getFirst()).startsWith("Inside its window").contains("at the tyre", "adds no warmth");
        assertThat(words.get(1)).startsWith("One stop looser, 0.24 mm").contains("half of the life here");
        assertThat(words.get(2)).startsWith("One stop tighter").contains("preload of some", "adds some");
        // an estimate has no figures of percent
        assertThat(words).noneMatch(line -> line.contains("%"));
    }

    /** A quarter turn on 1-14 is 0.4536 mm; the window of 1 to 5 thou is 0.1016: four and a half windows. */
    @Test
    void aQuarterTurnIsSeveralWindowsWide() {
        SettingSense sense = sense(0.05, TWO_HOLES);

        assertThat(sense.quarterTurn().millimetres()).isCloseTo(0.4536, within(1e-4));
        assertThat(sense.windows()).isCloseTo(4.46, within(0.01));
        assertThat(SettingWords.sense(sense, EndPlayWindow.COMMON_PRACTICE).getLast())
                .contains("not a quarter turn");
    }

    @Test
    void aLockThatHoldsAnywhereHasNoNextStop() {
        SettingSense sense = sense(0.05, FreeAngleLock.TWO_NUTS);

        assertThat(sense.tighter()).isEmpty();
        assertThat(sense.looser()).isEmpty();
        assertThat(SettingWords.sense(sense, EndPlayWindow.COMMON_PRACTICE)).hasSize(2);
    }

    @Test
    void saysOfALooseHubThatTheHandDoesNotTell() {
        assertThat(SettingWords.sense(sense(0.4, TWO_HOLES), EndPlayWindow.COMMON_PRACTICE)
                        .getFirst())
                .contains("Looser than its window")
                .contains("stays cool");
        assertThat(SettingWords.sense(sense(-0.03, TWO_HOLES), EndPlayWindow.COMMON_PRACTICE)
                        .getFirst())
                .startsWith("Preloaded");
    }

    private static SettingSense sense(double millimetres, LockPattern lock) {
        return SettingSense.of(
                        MODEL,
                        Length.ofMillimetres(millimetres),
                        SpindleThread.UNS_1_14.cut(ThreadHand.RIGHT),
                        lock,
                        EndPlayWindow.COMMON_PRACTICE)
                .orElseThrow();
    }
}
