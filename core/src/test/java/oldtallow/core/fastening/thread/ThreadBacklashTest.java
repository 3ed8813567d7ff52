package oldtallow.core.fastening.thread;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import oldtallow.core.quantity.Length;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ThreadBacklashTest {

    /**
     * ASME B1.1, limits of size of 1/2-13 UNC, from memory: pitch diameter of 2A 0.4485 to 0.4435, of 2B 0.4500 to 0.4565.
     */
    @Test
    void agreesWithThePrintedLimitsOfHalfInchThirteen() {
        double tolerance = ThreadBacklash.pitchDiameterTolerance(
                ScrewThread.ofThreadsPerInch(13, ThreadHand.RIGHT, Length.ofInches(0.5)));

        assertThat(tolerance).isCloseTo(0.4485 - 0.4435, within(6e-5));
        assertThat(0.3 * tolerance).isCloseTo(0.4500 - 0.4485, within(6e-5));
        assertThat(1.3 * tolerance).isCloseTo(0.4565 - 0.4500, within(6e-5));
    }

    /** Recomputed on the product's reference sheet, §2, from the same formulae. */
    @ParameterizedTest
    @CsvSource({"1, 14, 0.97, 8.4", "0.75, 16, 0.87, 7.5"})
    void spansWhatASecondNutCanClose(double diameter, double perInch, double least, double most) {
        ThreadBacklash backlash =
                ThreadBacklash.of(ScrewThread.ofThreadsPerInch(perInch, ThreadHand.RIGHT, Length.ofInches(diameter)));

        assertThat(backlash.least().thousandths()).isCloseTo(least, within(0.01));
        assertThat(backlash.most().thousandths()).isCloseTo(most, within(0.05));
    }
}
