package oldtallow.core.setting.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import java.util.stream.DoubleStream;
import oldtallow.core.fastening.endplay.EndPlayWindow;
import oldtallow.core.quantity.Length;
import oldtallow.core.words.PlayWords;
import org.apache.commons.math3.distribution.ChiSquaredDistribution;
import org.apache.commons.math3.distribution.TDistribution;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class DialReadingsTest {

    private static final EndPlayWindow WINDOW = EndPlayWindow.COMMON_PRACTICE;

    @Test
    void takesTheSlackOffTheMean() {
        DialReadings read = read(0.01, 0.005, 0.07, 0.08, 0.09);

        assertThat(read.endPlay().millimetres()).isCloseTo(0.075, within(1e-12));
        assertThat(read.spread().millimetres()).isCloseTo(0.02, within(1e-12));
    }

    /**
     * Mean and standard deviation of ten readings, JCGM 100:2008 (GUM), 4.2.2 and 4.2.3, from memory: s²(q̄) = s²/n. With
     * the steady hand's ten degrees pooled in by hand: s² = (10 · 0.01² + 9 · 0.012²) / 19.
     */
    @Test
    void poolsItsOwnSpreadWithASteadyHands() {
        double d = 0.012 * Math.sqrt(9 / 10.0);
        DialReadings read =
                read(0.01, 0, 0.1 + d, 0.1 - d, 0.1 + d, 0.1 - d, 0.1 + d, 0.1 - d, 0.1 + d, 0.1 - d, 0.1 + d, 0.1 - d);

        double pooled = Math.sqrt((10 * 1e-4 + 9 * 1.44e-4) / 19);
        assertThat(read.single()).isCloseTo(pooled, within(1e-12));
        assertThat(read.uncertainty().millimetres())
                .isCloseTo(2 * Math.sqrt(pooled * pooled / 10 + 1e-4 / 3 + 1e-4 / 6), within(1e-12));
    }

    @Test
    void oneReadingIsAsGoodAsASteadyHand() {
        assertThat(read(0.01, 0, 0.05).single()).isCloseTo(0.01, within(1e-15));
    }

    /** Propagation of distributions, JCGM 101:2008, from memory: the interval must hold the true play 95 times of 100. */
    @ParameterizedTest
    @CsvSource({"1, 0.01", "3, 0.01", "5, 0.0127", "10, 0.002"})
    void holdsTheTruePlayNineteenTimesOfTwenty(int number, double graduation) {
        Random random = new Random(20261126L + number);
        int held = 0;
        int tries = 20_000;
        for (int i = 0; i < tries; i++) {
            double play = 0.05 + 0.1 * random.nextDouble();
            double error = graduation * (2 * random.nextDouble() - 1);
            double[] shown = DoubleStream.generate(() -> play + error + 0.01 * random.nextGaussian())
                    .limit(number)
                    .map(value -> Math.max(0, Math.rint(value / graduation) * graduation))
                    .toArray();
            DialReadings read = read(graduation, 0, shown);
            if (Math.abs(read.endPlay().millimetres() - play)
                    <= read.uncertainty().millimetres()) {
                held++;
            }
        }
        // the indicator's error is one for all readings, and 2·g/√3 is more than it can be: never much too wide, though
        assertThat(held / (double) tries).isBetween(0.94, 0.9999);
    }

    /** A set-up that moves: the sample's own spread and Student's t still hold the play; a steady hand's would not. */
    @ParameterizedTest
    @CsvSource({"2, 0.9", "3, 0.92", "5, 0.94", "10, 0.945"})
    void holdsThePlayOfAShakySetUpToo(int number, double least) {
        Random random = new Random(20261129L + number);
        int held = 0;
        int pooled = 0;
        int disagreed = 0;
        for (int i = 0; i < 20_000; i++) {
            double[] shown = DoubleStream.generate(() -> 0.3 + 0.06 * random.nextGaussian())
                    .limit(number)
                    .map(value -> Math.max(0, value))
                    .toArray();
            DialReadings read = read(0.002, 0, shown);
            if (read.disagree()) {
                disagreed++;
                double off = Math.abs(read.endPlay().millimetres() - 0.3);
                held += off <= read.uncertainty().millimetres() ? 1 : 0;
                pooled += off <= 2 * 0.01 / Math.sqrt(number) ? 1 : 0;
            }
        }
        assertThat(disagreed).isGreaterThan(10_000);
        assertThat(held / (double) disagreed).isGreaterThan(least);
        assertThat(pooled / (double) disagreed).isLessThan(0.5);
    }

    /** Both tables against a library's (Apache Commons Math). */
    @ParameterizedTest
    @ValueSource(ints = {1, 2, 5, 9, 19})
    void theTablesAreTheLibrarys(int free) {
        assertThat(FewReadings.student(free))
                .isCloseTo(new TDistribution(free).inverseCumulativeProbability(0.975), within(5.1e-4));
        assertThat(FewReadings.chiSquare(free))
                .isCloseTo(new ChiSquaredDistribution(free).inverseCumulativeProbability(0.95), within(5.1e-4));
    }

    /** A steady hand's readings are seldom said to disagree: one time in twenty. */
    @Test
    void aSteadyHandSeldomDisagreesWithItself() {
        Random random = new Random(20261130L);
        int disagreed = 0;
        for (int i = 0; i < 20_000; i++) {
            disagreed += read(
                                    0.002,
                                    0,
                                    0.1 + 0.01 * random.nextGaussian(),
                                    0.1 + 0.01 * random.nextGaussian(),
                                    0.1 + 0.01 * random.nextGaussian())
                            .disagree()
                    ? 1
                    : 0;
        }
        assertThat(disagreed / 20_000.0).isBetween(0.045, 0.055);
    }

    @ParameterizedTest
    @CsvSource({"0.08, INSIDE", "0.001, TOO_LITTLE", "0.3, TOO_MUCH", "0.026, TOO_CLOSE", "0.126, TOO_CLOSE"})
    void saysOnlyWhatTheReadingsProve(double play, Decision decision) {
        // a wide window for the hand's ± 0.019 mm: a fine indicator and five readings
        assertThat(read(0.002, 0, play, play, play, play, play).decide(WINDOW)).isEqualTo(decision);
    }

    @Test
    void asksForMoreReadingsWhereTheyWouldTell() {
        assertThat(advice(read(0.002, 0, 0.04), WINDOW))
                .singleElement()
                .asString()
                .startsWith("Measure again, 2 readings");
    }

    @Test
    void asksForAFinerIndicatorWhereReadingsAloneDoNot() {
        assertThat(advice(read(0.0254, 0, 0.05), WINDOW)).last().asString().contains("0.002 mm");
    }

    @Test
    void saysThatAnEdgeIsAnEdge() {
        assertThat(advice(read(0.01, 0, 0.127), WINDOW)).last().asString().contains("edge itself");
    }

    @Test
    void blamesTheSetUpForReadingsThatDisagree() {
        assertThat(advice(read(0.01, 0, 0.08, 0.14, 0.12), WINDOW))
                .first()
                .asString()
                .contains("disagree, by 0.06 mm (2 thou)");
        // even where they tell, it is said
        assertThat(advice(read(0.002, 0, 0.9, 0.97, 0.99), WINDOW))
                .singleElement()
                .asString()
                .contains("disagree");
    }

    @Test
    void hasNothingToSayWhereTheReadingsTell() {
        assertThat(advice(read(0.002, 0, 0.07, 0.07, 0.07), WINDOW)).isEmpty();
    }

    @Test
    void refusesSlackThatIsMoreThanTheReading() {
        assertThatThrownBy(() -> read(0.01, 0.06, 0.05)).hasMessageContaining("contact slack");
        assertThatThrownBy(() -> read(0.01, 0)).hasMessageContaining("number of readings");
        assertThatThrownBy(() -> read(0.5, 0, 0.1)).hasMessageContaining("graduation");
        assertThatThrownBy(() -> read(0.01, 0, 7)).hasMessageContaining("end play");
    }

    private static DialReadings read(double graduation, double slack, double... readings) {
        List<Length> lengths =
                DoubleStream.of(readings).mapToObj(Length::ofMillimetres).toList();
        return new DialReadings(lengths, Length.ofMillimetres(slack), Length.ofMillimetres(graduation));
    }

    private static List<String> advice(DialReadings readings, EndPlayWindow window) {
        return BetterWith.advice(readings, window).stream().map(PlayWords::of).toList();
    }
}
