package oldtallow.core.fastening.thread;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import oldtallow.core.fastening.endplay.EndPlayWindow;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.quantity.Turn;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ScrewThreadTest {

    /**
     * Pitches from ASME B1.1 and ISO 261 (from memory); travels, degrees per thou and window widths recomputed
     * independently from travel = pitch × angle / 360°.
     */
    @ParameterizedTest
    @CsvSource({
        "UNF_3_4_16,    1.587500, 4.4097, 0.26458, 10.417, 0.13229, 5.208, 5.760, 23.04",
        "UNEF_3_4_20,   1.270000, 3.5278, 0.21167,  8.333, 0.10583, 4.167, 7.200, 28.80",
        "UNEF_13_16_20, 1.270000, 3.5278, 0.21167,  8.333, 0.10583, 4.167, 7.200, 28.80",
        "UNF_7_8_14,    1.814286, 5.0397, 0.30238, 11.905, 0.15119, 5.952, 5.040, 20.16",
        "UNS_1_14,      1.814286, 5.0397, 0.30238, 11.905, 0.15119, 5.952, 5.040, 20.16",
        "UNF_1_12,      2.116667, 5.8796, 0.35278, 13.889, 0.17639, 6.944, 4.320, 17.28",
        "UNF_1_1_4_12,  2.116667, 5.8796, 0.35278, 13.889, 0.17639, 6.944, 4.320, 17.28",
        "UNF_1_1_2_12,  2.116667, 5.8796, 0.35278, 13.889, 0.17639, 6.944, 4.320, 17.28",
        "M20_1_5,       1.500000, 4.1667, 0.25000,  9.843, 0.12500, 4.921, 6.096, 24.38",
        "M24_1_5,       1.500000, 4.1667, 0.25000,  9.843, 0.12500, 4.921, 6.096, 24.38",
        "M24_2,         2.000000, 5.5556, 0.33333, 13.123, 0.16667, 6.562, 4.572, 18.29",
        "UN_2_5_8_16,   1.587500, 4.4097, 0.26458, 10.417, 0.13229, 5.208, 5.760, 23.04",
    })
    void matchesTheThreadTable(
            SpindleThread of,
            double pitchMm,
            double micrometresPerDegree,
            double mm60,
            double thou60,
            double mm30,
            double thou30,
            double degreesPerThou,
            double windowDegrees) {
        ScrewThread thread = of.cut(ThreadHand.RIGHT);

        assertThat(thread.pitch().millimetres()).isCloseTo(pitchMm, within(5e-7));
        assertThat(thread.travel(Turn.ofDegrees(1)).micrometres()).isCloseTo(micrometresPerDegree, within(5e-5));
        assertThat(thread.travel(Turn.ofDegrees(60)).millimetres()).isCloseTo(mm60, within(5e-6));
        assertThat(thread.travel(Turn.ofDegrees(60)).thousandths()).isCloseTo(thou60, within(5e-4));
        assertThat(thread.travel(Turn.ofDegrees(30)).millimetres()).isCloseTo(mm30, within(6e-6));
        assertThat(thread.travel(Turn.ofDegrees(30)).thousandths()).isCloseTo(thou30, within(6e-4));
        assertThat(thread.degreesFor(Length.ofThousandths(1))).isCloseTo(degreesPerThou, within(5e-4));
        assertThat(thread.degreesFor(EndPlayWindow.COMMON_PRACTICE.width())).isCloseTo(windowDegrees, within(5e-3));
    }

    /** A quarter turn on a 1-14 thread is 0.45 mm (0.018 in): recomputed. */
    @Test
    void aQuarterTurnIsSeveralWindowsWide() {
        Length quarter = SpindleThread.UNS_1_14.cut(ThreadHand.RIGHT).travel(Turn.of(1, 4));

        assertThat(quarter.millimetres()).isCloseTo(0.45, within(0.005));
        assertThat(quarter.metres() / EndPlayWindow.COMMON_PRACTICE.width().metres())
                .isGreaterThan(4);
    }

    @Test
    void travelsTheSameWhateverTheHand() {
        Turn slot = Turn.of(1, 6);
        assertThat(SpindleThread.UNS_1_14.cut(ThreadHand.LEFT).travel(slot))
                .isEqualTo(SpindleThread.UNS_1_14.cut(ThreadHand.RIGHT).travel(slot));
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, -14, Double.NaN, Double.POSITIVE_INFINITY, 3.9, 80, 1e300})
    void refusesThreadsPerInchNoSpindleHas(double threadsPerInch) {
        assertThatThrownBy(() -> ScrewThread.ofThreadsPerInch(threadsPerInch, ThreadHand.RIGHT, Length.ofInches(1)))
                .isInstanceOf(OutOfRangeException.class);
    }

    @ParameterizedTest
    @CsvSource({"0.35, 8", "6.35, 150"})
    void takesTheEndsOfItsRanges(double pitchMm, double diameterMm) {
        var thread = new ScrewThread(Length.ofMillimetres(pitchMm), ThreadHand.RIGHT, Length.ofMillimetres(diameterMm));
        assertThat(thread.pitch().millimetres()).isEqualTo(pitchMm);
    }

    @ParameterizedTest
    @CsvSource({"0.34, 25", "6.36, 25", "2, 7.9", "2, 151"})
    void refusesWhatLiesBeyond(double pitchMm, double diameterMm) {
        assertThatThrownBy(() -> new ScrewThread(
                        Length.ofMillimetres(pitchMm), ThreadHand.RIGHT, Length.ofMillimetres(diameterMm)))
                .isInstanceOf(OutOfRangeException.class);
    }
}
