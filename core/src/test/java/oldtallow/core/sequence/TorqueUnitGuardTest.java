package oldtallow.core.sequence;

import static java.util.Objects.requireNonNull;
import static oldtallow.core.quantity.TorqueUnit.KILOGRAM_FORCE_METRE;
import static oldtallow.core.quantity.TorqueUnit.NEWTON_METRE;
import static oldtallow.core.quantity.TorqueUnit.POUND_FORCE_FOOT;
import static oldtallow.core.quantity.TorqueUnit.POUND_FORCE_INCH;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.quantity.TorqueUnit;
import oldtallow.core.sequence.TorqueUnitGuard.Doubt;
import oldtallow.core.sequence.TorqueUnitGuard.Question;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** "About 20 lbf·in, often misread as foot-pounds": common practice. */
class TorqueUnitGuardTest {

    private static final TorqueRange TWENTY_INCH_POUNDS = TorqueRange.between(15, 25, TorqueUnit.POUND_FORCE_INCH);
    private static final TorqueRange FIFTY_FOOT_POUNDS_OR_MORE = TorqueRange.atLeast(50, TorqueUnit.POUND_FORCE_FOOT);

    @Test
    void questionsInchPoundsEnteredAsFootPounds() {
        Question question = TorqueUnitGuard.question(20, POUND_FORCE_FOOT, TWENTY_INCH_POUNDS)
                .orElseThrow();

        assertThat(question.doubt()).isEqualTo(Doubt.OTHER_UNIT);
        assertThat(question.likelyUnit()).isEqualTo(POUND_FORCE_INCH);
        assertThat(question.asEntered().newtonMetres()
                        / requireNonNull(question.asLikely()).newtonMetres())
                .isCloseTo(12, within(1e-12));
        assertThat(question.timesExpected()).isCloseTo(240.0 / 25, within(1e-12));
    }

    @Test
    void questionsFootPoundsEnteredAsInchPounds() {
        Question question = TorqueUnitGuard.question(50, POUND_FORCE_INCH, FIFTY_FOOT_POUNDS_OR_MORE)
                .orElseThrow();

        assertThat(question.doubt()).isEqualTo(Doubt.OTHER_UNIT);
        assertThat(question.likelyUnit()).isEqualTo(POUND_FORCE_FOOT);
        assertThat(question.timesExpected()).isCloseTo(1 / 12.0, within(1e-12));
    }

    @ParameterizedTest
    @CsvSource({
        "20, POUND_FORCE_INCH",
        "2.26, NEWTON_METRE",
        "1.67, POUND_FORCE_FOOT",
        "15, POUND_FORCE_INCH",
        "25, POUND_FORCE_INCH"
    })
    void letsTheAskedTorquePassInAnyUnit(double number, TorqueUnit unit) {
        assertThat(TorqueUnitGuard.question(number, unit, TWENTY_INCH_POUNDS)).isEmpty();
    }

    @Test
    void questionsInchPoundsEnteredAsNewtonMetres() {
        assertThat(TorqueUnitGuard.question(20, NEWTON_METRE, TWENTY_INCH_POUNDS))
                .hasValueSatisfying(
                        question -> assertThat(question.likelyUnit()).isEqualTo(POUND_FORCE_INCH));
    }

    /** 1 lbf·ft is 1.36 N·m (NIST SP 811): within any margin, so the bare number itself must ask. */
    @ParameterizedTest
    @CsvSource({
        "30, NEWTON_METRE, POUND_FORCE_FOOT",
        "40.7, POUND_FORCE_FOOT, NEWTON_METRE",
        "30.2, NEWTON_METRE, POUND_FORCE_FOOT"
    })
    void questionsNewtonMetresTypedForFootPounds(double number, TorqueUnit typed, TorqueUnit likely) {
        var thirty = TorqueRange.about(30, POUND_FORCE_FOOT);

        assertThat(TorqueUnitGuard.question(number, typed, thirty)).hasValueSatisfying(question -> {
            assertThat(question.doubt()).isEqualTo(Doubt.OTHER_UNIT);
            assertThat(question.likelyUnit()).isEqualTo(likely);
        });
        assertThat(TorqueUnitGuard.question(40.7, NEWTON_METRE, thirty)).isEmpty();
        assertThat(TorqueUnitGuard.question(34, POUND_FORCE_FOOT, thirty)).isEmpty();
        assertThat(TorqueUnitGuard.question(50, NEWTON_METRE, FIFTY_FOOT_POUNDS_OR_MORE))
                .as("a seating that falls short by a quarter")
                .hasValueSatisfying(
                        question -> assertThat(question.likelyUnit()).isEqualTo(POUND_FORCE_FOOT));
    }

    @ParameterizedTest
    @CsvSource({
        "90, POUND_FORCE_FOOT, TOO_HIGH",
        "0.01, POUND_FORCE_INCH, TOO_LOW",
        "100, KILOGRAM_FORCE_METRE, TOO_HIGH"
    })
    void doubtsWhatFitsInNoUnit(double number, TorqueUnit unit, Doubt doubt) {
        assertThat(TorqueUnitGuard.question(number, unit, TWENTY_INCH_POUNDS)).hasValueSatisfying(question -> {
            assertThat(question.doubt()).isEqualTo(doubt);
            assertThat(question.asLikely()).isNull();
        });
    }

    @Test
    void takesMoreThanFiftyWhereTheSchoolSaysOrMore() {
        TorqueRange seat = FIFTY_FOOT_POUNDS_OR_MORE;

        assertThat(TorqueUnitGuard.question(100, POUND_FORCE_FOOT, seat)).isEmpty();
        assertThat(TorqueUnitGuard.question(600, POUND_FORCE_FOOT, seat))
                .hasValueSatisfying(
                        question -> assertThat(question.likelyUnit()).isEqualTo(POUND_FORCE_INCH));
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, -20, Double.NaN, Double.POSITIVE_INFINITY, 1e12, 2000})
    void refusesWhatNoWrenchPulls(double number) {
        assertThatThrownBy(() -> TorqueUnitGuard.question(number, NEWTON_METRE, TWENTY_INCH_POUNDS))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("1500 N·m");
    }

    /** No number may pass in inch-pounds and in foot-pounds alike, whatever a school asks for. */
    @Test
    void neverLetsOneNumberPassInBothPoundUnits() {
        var random = new Random(12);
        for (int i = 0; i < 5000; i++) {
            double asked = Math.exp(random.nextDouble(0, 6));
            double number = Math.exp(random.nextDouble(0, 6));
            var expected = TorqueRange.about(asked, TorqueUnit.POUND_FORCE_INCH);
            boolean inch =
                    TorqueUnitGuard.question(number, POUND_FORCE_INCH, expected).isEmpty();
            boolean foot =
                    TorqueUnitGuard.question(number, POUND_FORCE_FOOT, expected).isEmpty();

            assertThat(inch && foot).isFalse();
        }
        assertThat(KILOGRAM_FORCE_METRE.newtonMetres()).isEqualTo(9.80665);
    }

    @Test
    void refusesARangeUpsideDown() {
        assertThatThrownBy(() -> TorqueRange.between(2, 1, TorqueUnit.NEWTON_METRE))
                .isInstanceOf(OutOfRangeException.class);
        assertThatThrownBy(() -> TorqueRange.about(0, TorqueUnit.NEWTON_METRE)).isInstanceOf(OutOfRangeException.class);
    }
}
