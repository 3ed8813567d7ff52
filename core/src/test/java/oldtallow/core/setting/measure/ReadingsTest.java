package oldtallow.core.setting.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.DoubleStream;
import oldtallow.core.fastening.endplay.EndPlayWindow;
import oldtallow.core.fastening.sequence.TorqueRange;
import oldtallow.core.fastening.thread.ScrewThread;
import oldtallow.core.fastening.thread.ThreadHand;
import oldtallow.core.quantity.Force;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.Torque;
import oldtallow.core.quantity.TorqueUnit;
import oldtallow.core.setting.rolling.ModelHub;
import oldtallow.core.setting.rolling.RockReading;
import oldtallow.core.setting.rolling.TyrePlay;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Readings that are not a dial indicator's. Vectors of the product's reference sheet, §9, recomputed there. */
class ReadingsTest {

    private static final TyrePlay TYRE = new TyrePlay(ModelHub.PAIR, Length.ofMillimetres(330));

    @Test
    void turnsRockIntoEndPlay() {
        var rock = new RockReading(TYRE, Length.ofMillimetres(0.48301), Length.ofMillimetres(0.02));

        assertThat(rock.endPlay().millimetres()).isCloseTo(0.127, within(1e-4));
        assertThat(TYRE.pushPull(rock.endPlay()).millimetres()).isCloseTo(0.48301, within(1e-12));
        assertThat(rock.uncertainty().millimetres())
                .isCloseTo(
                        Math.sqrt(Math.pow(0.02 / 3.8032, 2)
                                + Math.pow(0.1 / 3.8032, 2)
                                + Math.pow(0.15 * 0.127, 2)
                                + 0.025 * 0.025),
                        within(1e-5));
    }

    /** A rule read to half a millimetre cannot tell a window of a tenth: it points to looseness only, and proves nothing. */
    @Test
    void aRuleAtTheTyrePointsToLoosenessOnly() {
        Length rule = Length.ofMillimetres(0.5);

        assertThat(new RockReading(TYRE, Length.ofMillimetres(0.3), rule).points(EndPlayWindow.COMMON_PRACTICE))
                .isEqualTo(RockReading.Hint.TOO_CLOSE);
        assertThat(new RockReading(TYRE, Length.ofMillimetres(2), rule).points(EndPlayWindow.COMMON_PRACTICE))
                .isEqualTo(RockReading.Hint.TOO_MUCH);
        for (RockReading.Hint hint : RockReading.Hint.values()) {
            assertThat(hint.words()).doesNotContain("certain").contains("dial indicator");
        }
    }

    /** However fine it is read, a rock is no better than a dial at the hub. */
    @Test
    void aRockIsNeverBetterThanADial() {
        var fine = new RockReading(TYRE, Length.ofMillimetres(0.2), Length.ofMillimetres(0.01));

        assertThat(fine.uncertainty())
                .isGreaterThan(new DialReadings(List.of(fine.endPlay()), Length.ZERO, DialReadings.USUAL_GRADUATION)
                        .uncertainty());
    }

    @ParameterizedTest
    @CsvSource({"20, 57.15, 1.143", "8.896443, 57.15, 0.50843", "6.672332, 330.2, 2.20320"})
    void turnsAPullIntoTorque(double newtons, double radius, double torque) {
        assertThat(drag(radius, 0, newtons).rolling().newtonMetres()).isCloseTo(torque, within(1e-5));
    }

    @Test
    void takesTheSealOff() {
        DragReading drag = drag(57.15, 8, 20, 21, 19);

        assertThat(drag.rolling().newtonMetres()).isCloseTo(12 * 0.05715, within(1e-9));
        // three pulls: Student's t is 4.303 (two degrees of freedom, 95 %)
        double scatter = Math.pow(4.303, 2) / 3;
        double scale = 4 * (Math.pow(0.4, 2) + Math.pow(0.16, 2));
        assertThat(drag.uncertainty().newtonMetres()).isCloseTo(0.05715 * Math.sqrt(scatter + scale), within(1e-9));
        assertThat(drag(57.15, 0, 20).uncertainty().newtonMetres())
                .as("one pull repeats to 5 %, and the scale errs by 2")
                .isCloseTo(2 * 0.05715 * Math.hypot(1, 0.4), within(1e-9));
    }

    @Test
    void refusesPullsNoScaleShows() {
        assertThatThrownBy(() -> drag(57.15, 0, 500)).hasMessageContaining("rolling drag");
        assertThatThrownBy(() -> drag(5, 0, 20)).hasMessageContaining("radius of the stud");
    }

    /** Permissible deviations of ISO 6789, from memory: 4 % above 10 N·m, 6 % up to it. */
    @ParameterizedTest
    @CsvSource({"68, LARGE, 2.72", "10, SMALL, 0.6", "1.5, FINGERS, 0.75"})
    void knowsWhatWrenchesAreGoodFor(double torque, WrenchReading.Wrench wrench, double uncertainty) {
        assertThat(new WrenchReading(Torque.ofNewtonMetres(torque), wrench)
                        .uncertainty()
                        .newtonMetres())
                .isCloseTo(uncertainty, within(1e-9));
    }

    @Test
    void holdsATorqueAgainstWhatTheStepAsks() {
        TorqueRange twenty = TorqueRange.between(15, 25, TorqueUnit.POUND_FORCE_INCH);
        TorqueRange fiftyOrMore = TorqueRange.atLeast(50, TorqueUnit.POUND_FORCE_FOOT);

        TorqueRange thirty = TorqueRange.about(30, TorqueUnit.POUND_FORCE_FOOT);

        assertThat(pulled(Torque.ofNewtonMetres(40.7)).decide(thirty)).isEqualTo(Decision.INSIDE);
        assertThat(pulled(Torque.ofNewtonMetres(43)).decide(thirty)).isEqualTo(Decision.TOO_CLOSE);
        assertThat(pulled(Torque.ofPoundForceInches(20)).decide(twenty)).isEqualTo(Decision.INSIDE);
        assertThat(pulled(Torque.ofPoundForceFeet(20)).decide(twenty)).isEqualTo(Decision.TOO_MUCH);
        assertThat(pulled(Torque.ofPoundForceFeet(50)).decide(fiftyOrMore)).isEqualTo(Decision.INSIDE);
        assertThat(pulled(Torque.ofPoundForceFeet(400)).decide(fiftyOrMore)).isEqualTo(Decision.INSIDE);
        assertThat(pulled(Torque.ofPoundForceFeet(30)).decide(fiftyOrMore)).isEqualTo(Decision.TOO_LITTLE);
    }

    /** 1-14 UNS: 5.0397 µm a degree, reference sheet §2. */
    @Test
    void carriesAnAngleReadByEyeToEndPlay() {
        var angle = new AngleReading(ScrewThread.ofThreadsPerInch(14, ThreadHand.RIGHT, Length.ofInches(1)), 17, 2);

        assertThat(angle.travel().millimetres()).isCloseTo(0.085675, within(1e-6));
        assertThat(angle.uncertainty().micrometres()).isCloseTo(2 * 5.0397, within(1e-3));
    }

    @Test
    void learnsFromTheLatestFiveOnly() {
        List<Length> changes = DoubleStream.of(0.04, 0.05, 0.06, 0.05, 0.05, 0.4)
                .mapToObj(Length::ofMillimetres)
                .toList();

        Learned learned = Learned.from(changes).orElseThrow();
        assertThat(learned.mean().millimetres()).isCloseTo(0.05, within(1e-12));
        assertThat(learned.spread().millimetres()).isCloseTo(0.02, within(1e-12));
        assertThat(learned.times()).isEqualTo(5);
        assertThat(Learned.from(List.of())).isEmpty();
    }

    private static WrenchReading pulled(Torque torque) {
        return new WrenchReading(torque, WrenchReading.Wrench.of(torque));
    }

    private static DragReading drag(double radius, double seal, double... pulls) {
        return new DragReading(
                DoubleStream.of(pulls).mapToObj(Force::ofNewtons).toList(),
                Length.ofMillimetres(radius),
                Force.ofNewtons(seal));
    }
}
