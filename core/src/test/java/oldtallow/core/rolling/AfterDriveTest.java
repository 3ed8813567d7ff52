package oldtallow.core.rolling;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Optional;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.rolling.AfterDrive.Spin;
import oldtallow.core.rolling.AfterDrive.Verdict;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Bands of the trade: common practice (the product's reference sheet §8). */
class AfterDriveTest {

    @ParameterizedTest
    @CsvSource({
        // hub, other, day, km, braked, spin, brake hotter
        "38,36,20,40,false,NOT_TRIED,false,FINE",
        "48,47,15,40,false,NOT_TRIED,false,FINE",
        "62,60,20,40,false,NOT_TRIED,false,WATCH",
        "62,60,40,40,false,NOT_TRIED,false,FINE",
        "48,30,20,40,false,NOT_TRIED,false,WATCH",
        "35,34,20,5,false,NOT_TRIED,false,TOO_SHORT",
        "78,45,20,40,false,STIFF,false,TOO_TIGHT",
        "78,45,20,40,false,NOT_TRIED,false,TOO_TIGHT",
        "78,76,20,40,true,NOT_TRIED,true,BRAKED",
        "78,45,20,40,true,NOT_TRIED,true,DRAGGING_BRAKE",
        "78,45,20,40,false,RUBS,false,DRAGGING_BRAKE",
        "78,45,20,40,false,STIFF,true,DRAGGING_BRAKE",
        "82,50,20,40,false,GROWLS,false,DRY",
        "95,50,20,40,true,FREE,false,TOO_TIGHT",
        "130,50,20,3,true,NOT_TRIED,true,SPOILT"
    })
    void saysWhatTheWarmthPointsTo(
            double hub,
            double other,
            double day,
            double km,
            boolean braked,
            Spin spin,
            boolean brakeHotter,
            Verdict verdict) {
        var after = new AfterDrive(hub, Optional.of(other), day, km, braked, spin, brakeHotter);

        assertThat(after.verdict()).isEqualTo(verdict);
    }

    /** A hot hub is never called fine, whatever else; only one verdict moves the nut. */
    @Test
    void neverCallsAHotHubFine() {
        for (double hub = 71; hub < 400; hub += 7) {
            for (Spin spin : Spin.values()) {
                for (boolean flag : new boolean[] {true, false}) {
                    var after = new AfterDrive(hub, Optional.empty(), 20, 40, flag, spin, !flag);
                    assertThat(after.verdict()).isNotIn(Verdict.FINE, Verdict.WATCH, Verdict.TOO_SHORT);
                }
            }
        }
        assertThat(Verdict.TOO_TIGHT.movesTheNut()).isTrue();
        assertThat(Verdict.DRAGGING_BRAKE.movesTheNut()).isFalse();
        assertThat(Verdict.TOO_TIGHT.words()).contains("next looser stop").doesNotContain("quarter");
    }

    @Test
    void refusesWhatNoThermometerShows() {
        assertThatThrownBy(() -> new AfterDrive(500, Optional.empty(), 20, 40, false, Spin.FREE, false))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("hub temperature");
        assertThatThrownBy(() -> new AfterDrive(50, Optional.of(Double.NaN), 20, 40, false, Spin.FREE, false))
                .hasMessageContaining("other side");
    }
}
