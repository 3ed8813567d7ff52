package oldtallow.core.setting.rolling;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import oldtallow.core.fastening.endplay.EndPlayVerdict;
import oldtallow.core.fastening.endplay.EndPlayWindow;
import oldtallow.core.fastening.sequence.TorqueRange;
import oldtallow.core.fastening.thread.ScrewThread;
import oldtallow.core.fastening.thread.ThreadHand;
import oldtallow.core.quantity.Force;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.TorqueUnit;
import oldtallow.core.words.SettingWords;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SensitivityTest {

    /** Of L68111 and L44610. */
    private static final Length INBOARD_CUP = Length.ofMillimetres(59.975);

    private static final Length OUTBOARD_CUP = Length.ofMillimetres(50.292);
    private static final ScrewThread ONE_FOURTEEN =
            ScrewThread.ofThreadsPerInch(14, ThreadHand.RIGHT, Length.ofInches(1));

    /** Pair approach under pure thrust, recomputed on the product's reference sheet, §7. */
    @ParameterizedTest
    @CsvSource({"500, 6.785", "1000, 12.661", "2000, 23.626", "5000, 53.894", "13345, 130.39"})
    void approachesAsTheSheetSays(double newtons, double micrometres) {
        assertThat(ModelHub.PAIR.approach(Force.ofNewtons(newtons)).micrometres())
                .isCloseTo(micrometres, within(micrometres * 2e-4));
    }

    @Test
    void saysWhatEachThingDoesByItself() {
        Map<String, Sensitivity> moves = of(Length.ofMillimetres(0.09));

        // 2° of 5.0397 µm each
        assertThat(change(moves, "nut read 2° wrong by eye")).isCloseTo(10.079, within(1e-3));
        // same steel all round barely changes; an aluminium hub lets go of its cups, a thou at most (reference sheet
        // §17)
        assertThat(Math.abs(change(moves, "all 30 °C warmer, iron hub"))).isLessThan(4);
        assertThat(change(moves, "all 30 °C warmer, aluminium hub")).isBetween(5.0, 25.0);
        assertThat(change(moves, "drum and hub 40 °C hotter than the spindle")).isGreaterThan(20);
        assertThat(change(moves, "greased thread, wrench pulled to its most"))
                .isLessThan(change(moves, "dry thread, wrench pulled to its least"));
        assertThat(moves.keySet()).anyMatch(cause -> cause.startsWith("washer 0.1 mm thicker: every stop comes 20°"));
    }

    @Test
    void judgesWhatIsLeft() {
        Map<String, Sensitivity> moves = of(Length.ofMillimetres(0.12));

        assertThat(verdict(moves, "drum and hub 40 °C hotter than the spindle")).isEqualTo(EndPlayVerdict.TOO_LOOSE);
        assertThat(verdict(moves, "all 30 °C warmer, iron hub")).isEqualTo(EndPlayVerdict.INSIDE);
    }

    @Test
    void saysNothingOfAWrenchWhereZeroPlayWasFelt() {
        List<Sensitivity> felt = Sensitivity.of(
                ModelHub.PAIR,
                INBOARD_CUP,
                OUTBOARD_CUP,
                ONE_FOURTEEN,
                EndPlayWindow.COMMON_PRACTICE,
                Length.ofMillimetres(0.09),
                Optional.empty());

        assertThat(felt)
                .extracting(one -> SettingWords.cause(one.cause()))
                .noneMatch(cause -> cause.contains("wrench"));
    }

    private static Map<String, Sensitivity> of(Length setting) {
        TorqueRange fine = TorqueRange.between(15, 25, TorqueUnit.POUND_FORCE_INCH);
        return Sensitivity.of(
                        ModelHub.PAIR,
                        INBOARD_CUP,
                        OUTBOARD_CUP,
                        ONE_FOURTEEN,
                        EndPlayWindow.COMMON_PRACTICE,
                        setting,
                        Optional.of(fine))
                .stream()
                .collect(Collectors.toMap(one -> SettingWords.cause(one.cause()), Function.identity()));
    }

    private static double change(Map<String, Sensitivity> moves, String cause) {
        return one(moves, cause).change().micrometres();
    }

    private static EndPlayVerdict verdict(Map<String, Sensitivity> moves, String cause) {
        return one(moves, cause).verdict();
    }

    private static Sensitivity one(Map<String, Sensitivity> moves, String cause) {
        assertThat(moves).containsKey(cause);
        return moves.getOrDefault(cause, moves.values().iterator().next());
    }
}
