package oldtallow.core.procedure.look;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Optional;
import oldtallow.core.procedure.look.AfterDrive.Spin;
import oldtallow.core.procedure.look.AfterDrive.Verdict;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.travel.warmth.HubHeat;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Bands of the trade: common practice (the product's reference sheet §8). */
class AfterDriveTest {

    @ParameterizedTest
    @CsvSource({
        // hub, other, day, km, braked, spin, brake hotter
        "38,36,20,40,false,NOT_TRIED,false,FINE",
        "48,47,15,40,false,NOT_TRIED,false,FINE",
        "62,60,20,40,false,NOT_TRIED,false,WATCH",
        "62,60,40,40,false,NOT_TRIED,false,WATCH",
        "48,30,20,40,false,NOT_TRIED,false,WATCH",
        "35,34,20,5,false,NOT_TRIED,false,TOO_SHORT",
        "78,45,20,40,false,STIFF,false,TOO_TIGHT",
        "78,45,20,40,false,NOT_TRIED,false,SPIN_IT",
        "78,76,20,40,true,NOT_TRIED,true,BRAKED",
        "78,45,20,40,true,NOT_TRIED,true,DRAGGING_BRAKE",
        "78,45,20,40,false,RUBS,false,DRAGGING_BRAKE",
        "78,45,20,40,false,STIFF,true,DRAGGING_BRAKE",
        "82,50,20,40,false,GROWLS,false,DRY",
        "95,50,20,40,true,FREE,false,TOO_TIGHT",
        "90,88,20,40,true,NOT_TRIED,true,BRAKED",
        "90.1,88,20,40,true,NOT_TRIED,true,DRAGGING_BRAKE",
        "95,94,20,40,true,NOT_TRIED,false,STOP",
        "119,118,20,40,true,FREE,false,TOO_TIGHT",
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
        var after = new AfterDrive(
                new HubHeat(hub, Optional.of(other)), day, km, braked, spin, brakeHotter, Optional.empty());

        assertThat(after.verdict()).isEqualTo(verdict);
    }

    /** Only a tight hub's list loosens the nut; every list says what comes next. Common practice. */
    @ParameterizedTest
    @EnumSource
    void saysWhatToLookAtAgain(Verdict verdict) {
        assertThat(verdict.recheck())
                .isNotEmpty()
                .allSatisfy(line -> assertThat(line).endsWith("."));
        assertThat(verdict.recheck().toString().contains("stop looser")).isEqualTo(verdict.movesTheNut());
    }

    /** A hot hub is never called fine, whatever else; only one verdict moves the nut. */
    @Test
    void neverCallsAHotHubFine() {
        for (double hub = 71; hub < 400; hub += 7) {
            for (Spin spin : Spin.values()) {
                for (boolean flag : new boolean[] {true, false}) {
                    var after = new AfterDrive(
                            new HubHeat(hub, Optional.empty()), 20, 40, flag, spin, !flag, Optional.empty());
                    assertThat(after.verdict()).isNotIn(Verdict.FINE, Verdict.WATCH, Verdict.TOO_SHORT);
                }
            }
        }
        assertThat(Verdict.TOO_TIGHT.movesTheNut()).isTrue();
        assertThat(Verdict.DRAGGING_BRAKE.movesTheNut()).isFalse();
        assertThat(Verdict.TOO_TIGHT.words()).contains("next looser stop").doesNotContain("quarter");
    }

    /** The one scale (common practice): above 90 °C it stops and cools first, and nothing says drive on, whatever warmed it. */
    @Test
    void sendsNothingOnItsWayAboveNinety() {
        for (double hub = 90.1; hub < 400; hub += 4.7) {
            for (Spin spin : Spin.values()) {
                for (boolean flag : new boolean[] {true, false}) {
                    var after = new AfterDrive(
                            new HubHeat(hub, Optional.of(hub - 1)), 20, 40, flag, spin, !flag, Optional.empty());
                    assertThat(after.words())
                            .startsWith("stop, and let it cool")
                            .doesNotContain("drive");
                    assertThat(after.recheck()).noneMatch(line -> line.startsWith("Drive"));
                    assertThat(after.verdict()).isNotEqualTo(Verdict.BRAKED);
                }
            }
        }
    }

    @Test
    void refusesWhatNoThermometerShows() {
        assertThatThrownBy(() -> after(500, Optional.empty()))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("hub temperature");
        assertThatThrownBy(() -> after(50, Optional.of(Double.NaN))).hasMessageContaining("other side");
    }

    @Test
    void boundsDayAndDistance() {
        assertThat(driven(-40, 0).verdict()).isEqualTo(Verdict.TOO_SHORT);
        assertThat(driven(60, 5000).verdict()).isEqualTo(Verdict.FINE);
        assertThat(driven(20, 15).verdict()).as("15 km are enough").isEqualTo(Verdict.FINE);
        assertThat(driven(20, 14.9).verdict()).isEqualTo(Verdict.TOO_SHORT);
        assertThatThrownBy(() -> driven(-40.1, 20)).hasMessageContaining("temperature of the day");
        assertThatThrownBy(() -> driven(60.1, 20)).hasMessageContaining("temperature of the day");
        assertThatThrownBy(() -> driven(20, -0.1)).hasMessageContaining("distance driven");
        assertThatThrownBy(() -> driven(20, 5000.1)).hasMessageContaining("distance driven");
    }

    private static AfterDrive driven(double day, double km) {
        return new AfterDrive(new HubHeat(35, Optional.of(34.0)), day, km, false, Spin.FREE, false, Optional.empty());
    }

    /** 120 °C is what grease and seal stand; a little more they do not. */
    @ParameterizedTest
    @CsvSource({"120, false", "120.1, true"})
    void spoiltFromThereOn(double hub, boolean spoilt) {
        assertThat(after(hub, Optional.of(hub - 1)).verdict() == Verdict.SPOILT).isEqualTo(spoilt);
    }

    /** Cooled first, then what the verdict says but for its drive, and last that it stays where it is. */
    @Test
    void coolsBeforeAnythingElse() {
        AfterDrive stopped = after(95, Optional.of(94.0));

        assertThat(stopped.recheck()).first().asString().startsWith("Off the road");
        assertThat(stopped.recheck()).last().asString().contains("does not go on");
        assertThat(stopped.recheck())
                .containsAll(stopped.verdict().recheck().stream()
                        .filter(line -> !line.startsWith("Drive"))
                        .toList());
        AfterDrive warm = after(75, Optional.of(45.0));
        assertThat(warm.recheck()).isEqualTo(warm.verdict().recheck()).isNotEmpty();
    }

    /** A hub left with measured play is not sent a stop looser for being warm. */
    @ParameterizedTest
    @CsvSource({"0.10,MEASURE_ANEW", "0.03,MEASURE_ANEW", "0.01,TOO_TIGHT", "-0.02,TOO_TIGHT"})
    void asksForANewReadingWhereThereWasPlay(double play, Verdict verdict) {
        var after = new AfterDrive(
                new HubHeat(78, Optional.of(45.0)),
                20,
                40,
                false,
                Spin.STIFF,
                false,
                Optional.of(Length.ofMillimetres(play)));

        assertThat(after.verdict()).isEqualTo(verdict);
    }

    private static AfterDrive after(double hub, Optional<Double> other) {
        return new AfterDrive(new HubHeat(hub, other), 20, 40, false, Spin.FREE, false, Optional.empty());
    }
}
