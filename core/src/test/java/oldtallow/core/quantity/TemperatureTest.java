package oldtallow.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Fixed points by definition of the scales (NIST SP 811), and how refusals write their numbers. */
class TemperatureTest {

    @ParameterizedTest
    @CsvSource({"0, 32", "100, 212", "-40, -40", "-273.15, -459.67", "37, 98.6", "-17.777777778, 0"})
    void fixedPoints(double celsius, double fahrenheit) {
        assertThat(Temperature.ofCelsius(celsius).fahrenheit()).isCloseTo(fahrenheit, within(1e-8));
        assertThat(Temperature.ofFahrenheit(fahrenheit).celsius()).isCloseTo(celsius, within(1e-8));
    }

    @ParameterizedTest
    @ValueSource(doubles = {-273.16, Double.NaN, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY})
    void refusesWhatIsNone(double celsius) {
        assertThatThrownBy(() -> Temperature.ofCelsius(celsius)).hasMessageContaining("-273.15 °C");
    }

    @Test
    void sortsByWarmth() {
        assertThat(Temperature.ofCelsius(1))
                .isGreaterThan(Temperature.ofCelsius(0))
                .isLessThan(Temperature.ofFahrenheit(40));
        assertThat(Force.ofWeight(2).newtons())
                .as("standard gravity, CGPM 1901")
                .isCloseTo(19.6133, within(1e-9));
    }

    /** Whole numbers stand without a point, all others and the huge ones as they are. */
    @ParameterizedTest
    @CsvSource({"7, 7", "7.5, 7.5", "-3, -3", "999999999, 999999999", "1e9, 1.0E9", "-1e9, -1.0E9"})
    void writesNumbersPlainly(double value, String written) {
        assertThat(new OutOfRangeException(EnteredQuantity.FORCE, value, "other").value())
                .isEqualTo(written);
        assertThat(new OutOfRangeException(EnteredQuantity.FORCE, value, "other").getMessage())
                .isEqualTo("force is " + written + "; it must be other");
    }
}
