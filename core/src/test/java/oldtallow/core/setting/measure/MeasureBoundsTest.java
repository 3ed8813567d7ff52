package oldtallow.core.setting.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Collections;
import java.util.List;
import java.util.stream.DoubleStream;
import oldtallow.core.fastening.endplay.EndPlayWindow;
import oldtallow.core.fastening.thread.ScrewThread;
import oldtallow.core.fastening.thread.SpindleThread;
import oldtallow.core.fastening.thread.ThreadHand;
import oldtallow.core.quantity.Force;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.Torque;
import oldtallow.core.quantity.TorqueUnit;
import oldtallow.core.words.PlayWords;
import org.apache.commons.math3.distribution.TDistribution;
import org.apache.commons.math3.stat.descriptive.SummaryStatistics;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What instruments can show, decisions at their edges, and uncertainty against Apache Commons Math. */
class MeasureBoundsTest {

    private static final ScrewThread THREAD = SpindleThread.M24_1_5.cut(ThreadHand.RIGHT);

    /** ISO 14253-1: inside only where the whole of value ± uncertainty is, its ends included; outside only where none is. */
    @ParameterizedTest
    @CsvSource({
        "2, 1, INSIDE",
        "4, 1, INSIDE",
        "1.9, 1, TOO_CLOSE",
        "4.1, 1, TOO_CLOSE",
        "0, 1, TOO_CLOSE",
        "-0.1, 1, TOO_LITTLE",
        "6, 1, TOO_CLOSE",
        "6.1, 1, TOO_MUCH",
        "1, 0, INSIDE",
        "5, 0, INSIDE",
        "3, 10, TOO_CLOSE"
    })
    void decidesAtTheEdges(double value, double uncertainty, Decision decision) {
        assertThat(Decision.of(value, uncertainty, 1, 5)).isEqualTo(decision);
    }

    @Test
    void angles() {
        assertThat(new AngleReading(THREAD, -360, 0.1).travel().millimetres()).isCloseTo(-1.5, within(1e-12));
        assertThat(new AngleReading(THREAD, 720, 15).travel().millimetres()).isCloseTo(3, within(1e-12));
        assertThatThrownBy(() -> new AngleReading(THREAD, -360.1, 1)).hasMessageContaining("turn of the nut");
        assertThatThrownBy(() -> new AngleReading(THREAD, 720.1, 1)).hasMessageContaining("turn of the nut");
        assertThatThrownBy(() -> new AngleReading(THREAD, 0, 0.09)).hasMessageContaining("how well it was seen");
        assertThatThrownBy(() -> new AngleReading(THREAD, 0, 15.1)).hasMessageContaining("how well it was seen");
    }

    @Test
    void dials() {
        assertThat(dial(0.1, 0, 0)).isNotNull();
        assertThat(dial(0.001, 1, 1, 5).endPlay().millimetres()).isCloseTo(2, within(1e-12));
        assertThat(new DialReadings(Collections.nCopies(20, mm(1)), mm(0), mm(0.01)).readings())
                .hasSize(20);
        assertThatThrownBy(() -> new DialReadings(Collections.nCopies(21, mm(1)), mm(0), mm(0.01)))
                .hasMessageContaining("number of readings");
        assertThatThrownBy(() -> new DialReadings(List.of(), mm(0), mm(0.01)))
                .hasMessageContaining("number of readings");
        assertThatThrownBy(() -> dial(0.01, 0, 5.01)).hasMessageContaining("end play");
        assertThatThrownBy(() -> dial(0.01, 0, -0.01)).hasMessageContaining("end play");
        assertThatThrownBy(() -> dial(0.01, 1.01, 2)).hasMessageContaining("0 to 1 mm");
        assertThatThrownBy(() -> dial(0.01, -0.01, 2)).hasMessageContaining("0 to 1 mm");
        assertThatThrownBy(() -> dial(0.01, 0.2, 0.1)).hasMessageContaining("smallest reading");
        assertThatThrownBy(() -> dial(0.0009, 0, 1)).hasMessageContaining("graduation");
        assertThatThrownBy(() -> dial(0.11, 0, 1)).hasMessageContaining("graduation");
    }

    @Test
    void pulls() {
        assertThat(pull(0, 20, 300).rolling().newtonMetres()).isCloseTo(6, within(1e-12));
        assertThat(pull(300, 1000, 300).rolling().newtonMetres()).isZero();
        assertThat(new DragReading(Collections.nCopies(20, newtons(5)), mm(57), newtons(0)).pulls())
                .hasSize(20);
        assertThatThrownBy(() -> new DragReading(Collections.nCopies(21, newtons(5)), mm(57), newtons(0)))
                .hasMessageContaining("number of pulls");
        assertThatThrownBy(() -> pull(0, 57)).hasMessageContaining("number of pulls");
        assertThatThrownBy(() -> pull(0, 57, 300.1)).hasMessageContaining("rolling drag");
        assertThatThrownBy(() -> pull(0, 57, -1)).hasMessageContaining("rolling drag");
        assertThatThrownBy(() -> pull(-1, 57, 5)).hasMessageContaining("nut loose");
        assertThatThrownBy(() -> pull(5.4, 57, 5.25))
                .hasMessageContaining("drag with the nut loose is 5.4 N")
                .hasMessageContaining("the mean pull now, 5.3 N");
        assertThatThrownBy(() -> pull(0, 19.9, 5)).hasMessageContaining("radius of the stud");
        assertThatThrownBy(() -> pull(0, 1000.1, 5)).hasMessageContaining("radius of the stud");
    }

    /** U = r·√((t·s)²/n + 4·(2 %·F)² + 4·(2 %·F0)²), spread and t by Commons Math. */
    @Test
    void theDoubtOfSeveralPulls() {
        double[] values = {20, 22, 19, 23};
        SummaryStatistics statistics = new SummaryStatistics();
        DoubleStream.of(values).forEach(statistics::addValue);
        double student = new TDistribution(3).inverseCumulativeProbability(0.975);
        double scatter = student * statistics.getStandardDeviation() / 2;
        double scale = 2 * 0.02 * Math.hypot(21, 6);

        assertThat(pull(6, 100, values).uncertainty().newtonMetres())
                .isCloseTo(0.1 * Math.hypot(scatter, scale), within(1e-4));
    }

    /** GUM: hand 2·s/√n, indicator g²/3, both roundings g²/6, the slack's own g²/12; and of readings that disagree t·s/√n. */
    @Test
    void theDoubtOfADial() {
        double g2 = 0.01 * 0.01;
        double hand = 2 * 0.010; // a single reading: the steady hand's
        assertThat(dial(0.01, 0, 0.1).uncertainty().millimetres())
                .isCloseTo(Math.hypot(hand, 2 * Math.sqrt(g2 / 3 + g2 / 6)), within(1e-9));
        assertThat(dial(0.01, 0.02, 0.1).uncertainty().millimetres())
                .isCloseTo(Math.hypot(hand, 2 * Math.sqrt(g2 / 3 + g2 / 6 + g2 / 12)), within(1e-9));

        double[] shaky = {0.05, 0.15, 0.10};
        SummaryStatistics statistics = new SummaryStatistics();
        DoubleStream.of(shaky).forEach(statistics::addValue);
        double student = new TDistribution(2).inverseCumulativeProbability(0.975);
        DialReadings readings = dial(0.01, 0, shaky);

        assertThat(readings.disagree()).isTrue();
        assertThat(readings.uncertainty().millimetres())
                .isCloseTo(
                        Math.hypot(
                                student * statistics.getStandardDeviation() / Math.sqrt(3),
                                2 * Math.sqrt(g2 / 3 + g2 / 6)),
                        within(1e-4));
        assertThat(readings.spread().millimetres()).isCloseTo(0.1, within(1e-12));
    }

    /** ISO 6789: 6 % to 10 N·m, 4 % above. */
    @Test
    void wrenches() {
        assertThat(WrenchReading.Wrench.of(Torque.of(10, TorqueUnit.NEWTON_METRE)))
                .isEqualTo(WrenchReading.Wrench.SMALL);
        assertThat(WrenchReading.Wrench.of(Torque.of(10.01, TorqueUnit.NEWTON_METRE)))
                .isEqualTo(WrenchReading.Wrench.LARGE);
    }

    /** As many more readings as it takes, and no more: the least number whose uncertainty fits the room left. */
    @Test
    void asksForTheFewestReadingsThatTell() {
        EndPlayWindow window = EndPlayWindow.COMMON_PRACTICE;
        int asked = 0;
        for (double play = 0.026; play < 0.127; play += 0.0005) {
            DialReadings one = dial(0.002, 0, play);
            double room = Math.min(play - 0.0254, 0.127 - play);
            List<String> advice = advice(one, window);
            int needed = 2;
            while (needed <= 10 && one.uncertainty(needed, 0.002) > room) {
                needed++;
            }
            if (one.uncertainty().millimetres() > room && needed <= 10) {
                asked++;
                assertThat(advice).containsExactly("Measure again, " + needed + " readings in all.");
            } else if (needed > 10) {
                assertThat(advice).singleElement().asString().startsWith("It sits on the edge itself");
            } else {
                assertThat(advice).isEmpty();
            }
        }
        assertThat(asked).isGreaterThan(10);
    }

    /** Each reading of the bench is taken by one instrument, in the unit it is kept in. */
    @Test
    void instrumentsShareNoReading() {
        for (Instrument one : Instrument.values()) {
            assertThat(one.takes()).isNotEmpty();
            for (Instrument other : Instrument.values()) {
                if (one != other && one.unit() != other.unit()) {
                    assertThat(one.takes()).doesNotContainAnyElementsOf(other.takes());
                }
            }
        }
    }

    private static DialReadings dial(double graduation, double slack, double... readings) {
        return new DialReadings(
                DoubleStream.of(readings).mapToObj(MeasureBoundsTest::mm).toList(), mm(slack), mm(graduation));
    }

    private static DragReading pull(double loose, double radius, double... pulls) {
        return new DragReading(
                DoubleStream.of(pulls).mapToObj(MeasureBoundsTest::newtons).toList(), mm(radius), newtons(loose));
    }

    private static Force newtons(double newtons) {
        return Force.ofNewtons(newtons);
    }

    private static Length mm(double millimetres) {
        return Length.ofMillimetres(millimetres);
    }

    private static List<String> advice(DialReadings readings, EndPlayWindow window) {
        return BetterWith.advice(readings, window).stream().map(PlayWords::of).toList();
    }
}
