package oldtallow.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Locale;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Beside the JDK's own formatting. */
class DigitsTest {

    @ParameterizedTest
    @ValueSource(doubles = {0, 0.5, 1.5, 2.5, -0.5, 0.005, 1.005, 999.5, 1000, 123456.5, -1234567, 0.24, 33.9})
    void roundsAsTheJdkDoes(double number) {
        assertThat(Digits.fixed(number, 0)).isEqualTo(zeroWithoutSign(String.format(Locale.ROOT, "%.0f", number)));
        assertThat(Digits.fixed(number, 2)).isEqualTo(String.format(Locale.ROOT, "%.2f", number));
        assertThat(Digits.grouped(number)).isEqualTo(zeroWithoutSign(String.format(Locale.ROOT, "%,.0f", number)));
    }

    @Test
    void countsDigitsAsTheJdkDoes() {
        var random = new Random(17);
        for (int i = 0; i < 1000; i++) {
            double number = Math.pow(10, 4 * random.nextDouble() - 1);
            if (number < 9999) {
                assertThat(Digits.counting(number, 4)).isEqualTo(String.format(Locale.ROOT, "%.4g", number));
            }
        }
        assertThat(Digits.counting(0, 3)).isEqualTo("0.00");
    }

    /** Larger than its digits it is written out, where the JDK writes an exponent. */
    @Test
    void writesLargeNumbersOut() {
        assertThat(Digits.counting(12345.6, 3)).isEqualTo("12300");
    }

    /** A reader knows no minus nothing. */
    private static String zeroWithoutSign(String text) {
        return text.equals("-0") ? "0" : text;
    }
}
