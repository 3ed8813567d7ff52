package oldtallow.core.procedure.step;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.quantity.ReadingKind;
import oldtallow.core.quantity.ReadingUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class ReadingKindTest {

    @Test
    void refusesARockThatNoWheelHas() {
        assertThatThrownBy(() -> ReadingKind.ROCK.require(300))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("300.0 mm")
                .hasMessageContaining("rock at the tyre");
    }

    @ParameterizedTest
    @EnumSource(ReadingKind.class)
    void takesItsBoundsAndNothingBeyond(ReadingKind kind) {
        assertThat(kind.require(kind.least())).isEqualTo(kind.least());
        assertThat(kind.require(kind.most())).isEqualTo(kind.most());
        assertThatThrownBy(() -> kind.require(Math.nextDown(kind.least()))).isInstanceOf(OutOfRangeException.class);
        assertThatThrownBy(() -> kind.require(Math.nextUp(kind.most()))).isInstanceOf(OutOfRangeException.class);
        assertThatThrownBy(() -> kind.require(Double.NaN)).isInstanceOf(OutOfRangeException.class);
    }

    /** NIST SP 811, exact factors, from memory: 1 in = 25.4 mm, 1 mi = 1.609344 km, 212 °F = 100 °C. */
    @Test
    void readsOtherUnits() {
        assertThat(ReadingKind.END_PLAY.of(5, ReadingUnit.THOU)).isCloseTo(0.127, within(1e-12));
        assertThat(ReadingKind.HUB_TEMPERATURE.of(212, ReadingUnit.DEGREE_FAHRENHEIT))
                .isCloseTo(100, within(1e-9));
        assertThat(ReadingKind.ODOMETER.of(1000, ReadingUnit.MILE)).isCloseTo(1609.344, within(1e-9));
        assertThat(ReadingKind.FINAL_TORQUE.of(12, ReadingUnit.POUND_FORCE_INCH))
                .isCloseTo(ReadingKind.FINAL_TORQUE.of(1, ReadingUnit.POUND_FORCE_FOOT), within(1e-9));
    }

    @ParameterizedTest
    @EnumSource(ReadingKind.class)
    void convertsBackToWhatWasTyped(ReadingKind kind) {
        double value = (kind.least() + kind.most()) / 2;
        for (ReadingUnit unit : kind.units()) {
            assertThat(kind.of(kind.in(unit, value), unit)).isCloseTo(value, within(1e-6));
        }
    }

    @Test
    void refusesAUnitOfSomethingElse() {
        assertThatThrownBy(() -> ReadingKind.ROCK.of(1, ReadingUnit.NEWTON_METRE))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("in mm or its like");
    }
}
