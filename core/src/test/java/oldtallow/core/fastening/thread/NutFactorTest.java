package oldtallow.core.fastening.thread;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import oldtallow.core.quantity.Force;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.quantity.Torque;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class NutFactorTest {

    private static final Force BOLT_PULL = Force.ofPoundsForce(25_000);
    private static final Length THREE_QUARTER_INCH = Length.ofInches(0.75);

    /** Shigley's Mechanical Engineering Design, 9th ed., example 8-3, long form: 3551 lbf·in. From memory, recomputed. */
    @Test
    void matchesTheTextbookExample() {
        // root diameter from the tabled root area of a 3/4-16, 0.351 in²
        Length root = Length.ofInches(Math.sqrt(4 * 0.351 / Math.PI));
        NutFactor factor = NutFactor.of(SpindleThread.UNF_3_4_16.cut(ThreadHand.RIGHT), root, 0.15, 0.15);

        assertThat(factor.k()).isCloseTo(0.189375, within(5e-7));
        assertThat(factor.torque(BOLT_PULL, THREE_QUARTER_INCH).poundForceInches())
                .isCloseTo(3551, within(0.5));
    }

    /** The same example by the short form with K = 0.2: 3750 lbf·in, 5.3 % more. From memory, recomputed. */
    @Test
    void matchesTheTextbookShortForm() {
        Torque torque = NutFactor.DEFAULT.torque(BOLT_PULL, THREE_QUARTER_INCH);

        assertThat(torque.poundForceInches()).isCloseTo(3750, within(1e-6));
        assertThat(100 * (torque.poundForceInches() / 3551 - 1)).isCloseTo(5.6, within(0.05)); // of the long form
        assertThat(100 * (1 - 3551 / torque.poundForceInches())).isCloseTo(5.3, within(0.05)); // as printed
    }

    /** Long form over friction, f = fc; recomputed independently. */
    @ParameterizedTest
    @CsvSource({
        "UNS_1_14,    .08, .1055", "UNS_1_14,    .10, .1291", "UNS_1_14,    .12, .1527", "UNS_1_14,    .15, .1881",
        "UNS_1_14,    .20, .2472", "UNF_3_4_16,  .08, .1071", "UNF_3_4_16,  .12, .1541", "UNF_3_4_16,  .20, .2483",
        "UN_2_5_8_16, .08, .0993", "UN_2_5_8_16, .15, .1829", "UN_2_5_8_16, .20, .2427",
    })
    void matchesTheFrictionTable(SpindleThread thread, double friction, double k) {
        assertThat(NutFactor.of(thread.cut(ThreadHand.RIGHT), friction, friction)
                        .k())
                .isCloseTo(k, within(1e-4));
    }

    /** Axial force of usual torques; recomputed independently from T = K·F·d. */
    @ParameterizedTest
    @CsvSource({
        "10,  lbf·in, 25.4,   .20, 222", "10,  lbf·in, 25.4,   .12, 371", "12,  lbf·ft, 25.4,   .20, 3203",
        "50,  lbf·ft, 25.4,   .20, 13345", "50, lbf·ft, 25.4,  .30, 8896", "50,  lbf·ft, 19.05,  .20, 17793",
        "50,  lbf·ft, 24,     .20, 14123", "50, lbf·ft, 66.675, .20, 5084", "200, lbf·ft, 66.675, .20, 20335",
    })
    void matchesTheTorqueToForceTable(double number, String unit, double diameterMm, double k, double newtons) {
        Torque torque = unit.equals("lbf·in") ? Torque.ofPoundForceInches(number) : Torque.ofPoundForceFeet(number);

        assertThat(new NutFactor(k)
                        .force(torque, Length.ofMillimetres(diameterMm))
                        .newtons())
                .isCloseTo(newtons, within(0.51));
    }

    /** 50 lbf·ft on a 1 in thread at K = 0.2 is 3000 lbf: exact. */
    @Test
    void isExactInPounds() {
        assertThat(NutFactor.DEFAULT
                        .force(Torque.ofPoundForceFeet(50), Length.ofInches(1))
                        .poundsForce())
                .isCloseTo(3000, within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(doubles = {Double.NaN, 0.049, 0.61, 0, -1})
    void refusesFactorsNoSteelHas(double k) {
        assertThatThrownBy(() -> new NutFactor(k)).isInstanceOf(OutOfRangeException.class);
    }
}
