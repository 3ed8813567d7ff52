package oldtallow.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class QuantityTest {

    @ParameterizedTest
    @ValueSource(doubles = {Double.NaN, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY})
    void refusesWhatIsNotANumber(double notANumber) {
        assertThatThrownBy(() -> Length.ofMetres(notANumber)).isInstanceOf(OutOfRangeException.class);
        assertThatThrownBy(() -> Force.ofNewtons(notANumber)).isInstanceOf(OutOfRangeException.class);
        assertThatThrownBy(() -> Torque.ofNewtonMetres(notANumber)).isInstanceOf(OutOfRangeException.class);
    }

    @Test
    void refusesANegativeTorqueButTakesNone() {
        assertThat(Torque.ofNewtonMetres(0).newtonMetres()).isZero();
        assertThatThrownBy(() -> Torque.ofPoundForceFeet(-1)).isInstanceOfSatisfying(OutOfRangeException.class, e -> {
            assertThat(e.quantity()).isEqualTo(EnteredQuantity.TORQUE);
            assertThat(e.value()).startsWith("-1.35");
            assertThat(e.range()).isEqualTo("0 N·m or more");
        });
    }

    @Test
    void addsAndComparesLengths() {
        assertThat(Length.ofMetres(2).plus(Length.ofMetres(1)).minus(Length.ofMetres(4)))
                .isEqualTo(Length.ofMetres(-1));
        assertThat(Length.ofMetres(-1).isNegative()).isTrue();
        assertThat(Length.ZERO.isNegative()).isFalse();
        assertThat(Length.ofMillimetres(1)).isLessThan(Length.ofInches(1));
    }
}
