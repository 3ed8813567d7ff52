package oldtallow.core.step;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import oldtallow.core.quantity.OutOfRangeException;
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
}
