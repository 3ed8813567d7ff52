package oldtallow.core.travel.wheel;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.quantity.Torque;
import oldtallow.core.schedule.figure.FigureValue.BoltTorque;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class StudLoadTest {

    /** Tensile stress areas printed in ASME B1.1 (in²) and ISO 898-1 (mm²), from memory; half the last printed digit. */
    @ParameterizedTest
    @CsvSource({
        "0.4375, 20, 0.1187, 0.00005",
        "0.5, 20, 0.1600, 0.00005",
        "0.5625, 18, 0.2030, 0.00006",
        "0.625, 18, 0.2560, 0.00006"
    })
    void matchesTheStressAreasOfInchThreads(double inches, double perInch, double area, double within) {
        var stud = new StudLoad(
                Length.ofInches(inches), Length.ofInches(1 / perInch), StudLoad.Series.UNIFIED, StudLoad.Surface.DRY);

        assertThat(stud.stressAreaSquareMillimetres() / 645.16).isCloseTo(area, within(within));
    }

    @ParameterizedTest
    @CsvSource({"12, 1.5, 88.1", "14, 1.5, 125", "18, 1.5, 216"})
    void matchesTheStressAreasOfMetricThreads(double millimetres, double pitch, double area) {
        var stud = new StudLoad(
                Length.ofMillimetres(millimetres),
                Length.ofMillimetres(pitch),
                StudLoad.Series.METRIC,
                StudLoad.Surface.DRY);

        assertThat(stud.stressAreaSquareMillimetres()).isCloseTo(area, within(0.5));
    }

    /** 100 lbf·ft on 1/2-20: 12,000 lbf; 100 N·m on M12: 41.67 kN. F = T/(0.2 d), Shigley 9th ed. table 8-15, from memory. */
    @Test
    void matchesTheClampForceByTheNutFactor() {
        var inch = new StudLoad(
                Length.ofInches(0.5), Length.ofInches(1 / 20.0), StudLoad.Series.UNIFIED, StudLoad.Surface.DRY);
        var metric = new StudLoad(
                Length.ofMillimetres(12), Length.ofMillimetres(1.5), StudLoad.Series.METRIC, StudLoad.Surface.DRY);

        assertThat(inch.clamp(Torque.ofPoundForceFeet(100)).poundsForce()).isCloseTo(12_000, within(0.5));
        assertThat(metric.clamp(Torque.ofNewtonMetres(100)).kilonewtons()).isCloseTo(41.67, within(0.005));
    }

    @Test
    void oilPullsAThirdHarder() {
        var oiled = new StudLoad(
                Length.ofMillimetres(12), Length.ofMillimetres(1.5), StudLoad.Series.METRIC, StudLoad.Surface.OILED);
        var dry = new StudLoad(
                Length.ofMillimetres(12), Length.ofMillimetres(1.5), StudLoad.Series.METRIC, StudLoad.Surface.DRY);
        Torque torque = Torque.ofNewtonMetres(100);

        assertThat(oiled.overDry()).isCloseTo(4.0 / 3, within(1e-9));
        assertThat(oiled.stressMegapascals(torque) / dry.stressMegapascals(torque))
                .isCloseTo(4.0 / 3, within(1e-9));
    }

    /** Stages printed for 1/2 in studs: 20–25, 50–60, 90–120 lbf·ft; trailer manuals, from memory. */
    @Test
    void stagesComeNearThePrintedOnes() {
        var figure = BoltTorque.wheelNuts(Torque.ofPoundForceFeet(90), Torque.ofPoundForceFeet(120));

        assertThat(TorqueStage.upTo(figure))
                .extracting(stage ->
                        stage.kind().words() + " " + Math.round(stage.least().poundForceFeet()) + "–"
                                + Math.round(stage.most().poundForceFeet()))
                .containsExactly("snug 18–24", "half 45–60", "full 90–120", "once round 90–120");
        assertThat(TorqueStage.Kind.ROUND.inTheStar()).isFalse();
    }

    /** ISO 898-1 from memory: 580 N/mm² to 16 mm and 600 above for 8.8, 830 for 10.9, 970 for 12.9; M12×1.5 has 88.1 mm². */
    @ParameterizedTest
    @CsvSource({
        "12, 1.5, 100, CLASS_8_8, 0.815, HOLDS",
        "12, 1.5, 112, CLASS_8_8, 0.913, STRETCHES",
        "12, 1.5, 900, CLASS_8_8, 7.336, YIELDS",
        "12, 1.5, 900, CLASS_12_9, 4.387, YIELDS",
        "18, 1.5, 300, CLASS_8_8, 0.642, HOLDS",
        "14, 1.5, 150, CLASS_10_9, 0.518, HOLDS"
    })
    void holdsATorqueAgainstTheProofStress(
            double diameter,
            double pitch,
            double newtonMetres,
            PropertyClass strength,
            double share,
            StudLoad.Verdict verdict) {
        var stud = new StudLoad(
                Length.ofMillimetres(diameter),
                Length.ofMillimetres(pitch),
                StudLoad.Series.METRIC,
                StudLoad.Surface.DRY);
        Torque torque = Torque.ofNewtonMetres(newtonMetres);

        assertThat(stud.ofProof(torque, strength)).isCloseTo(share, within(0.002));
        assertThat(stud.verdict(torque, strength)).isEqualTo(verdict);
    }

    /** ISO 261 and ASME B1.1, from memory: no stud of 12 mm has 2 mm pitch, none of 1/2 in 18 threads. */
    @Test
    void refusesPitchesThatAreNotCut() {
        assertThatThrownBy(() -> new StudLoad(
                        Length.ofMillimetres(12),
                        Length.ofMillimetres(2),
                        StudLoad.Series.METRIC,
                        StudLoad.Surface.DRY))
                .hasMessageContaining("1.75, 1.5, 1.25, 1 mm on M12");
        assertThatThrownBy(() -> new StudLoad(
                        Length.ofInches(0.5), Length.ofInches(1 / 18.0), StudLoad.Series.UNIFIED, StudLoad.Surface.DRY))
                .hasMessageContaining("13, 20, 28 threads to the inch on 0.5 in");
        assertThatThrownBy(() -> new StudLoad(
                        Length.ofMillimetres(13),
                        Length.ofMillimetres(1.5),
                        StudLoad.Series.METRIC,
                        StudLoad.Surface.DRY))
                .hasMessageContaining("near a diameter that is made");
    }

    @ParameterizedTest
    @CsvSource({"5.9, 1", "30.1, 1", "NaN, 1", "12, 0.4", "12, 4.1", "12, NaN"})
    void refusesStudsNoWheelHas(double diameter, double pitch) {
        assertThatThrownBy(() -> new StudLoad(
                        Length.ofMillimetres(diameter),
                        Length.ofMillimetres(pitch),
                        StudLoad.Series.METRIC,
                        StudLoad.Surface.DRY))
                .isInstanceOf(OutOfRangeException.class);
    }
}
