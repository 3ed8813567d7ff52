package oldtallow.core.fastening.sequence;

import static java.util.Objects.requireNonNull;
import static oldtallow.core.quantity.TorqueUnit.KILOGRAM_FORCE_METRE;
import static oldtallow.core.quantity.TorqueUnit.NEWTON_METRE;
import static oldtallow.core.quantity.TorqueUnit.POUND_FORCE_FOOT;
import static oldtallow.core.quantity.TorqueUnit.POUND_FORCE_INCH;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import java.util.Random;
import oldtallow.core.fastening.sequence.TorqueUnitGuard.Doubt;
import oldtallow.core.fastening.sequence.TorqueUnitGuard.Question;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.quantity.TorqueUnit;
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
    void takesMoreThanFiftyWhereTheProcedureSaysOrMore() {
        TorqueRange seat = FIFTY_FOOT_POUNDS_OR_MORE;

        assertThat(TorqueUnitGuard.question(100, POUND_FORCE_FOOT, seat)).isEmpty();
        assertThat(TorqueUnitGuard.question(600, POUND_FORCE_FOOT, seat))
                .hasValueSatisfying(
                        question -> assertThat(question.likelyUnit()).isEqualTo(POUND_FORCE_INCH));
    }

    /** Half to twice of what is asked passes, an open end to three times; a scale is read to 1 %. */
    @ParameterizedTest
    @CsvSource({
        "100, 50, NEWTON_METRE, ",
        "100, 200, NEWTON_METRE, ",
        "100, 200.1, NEWTON_METRE, TOO_HIGH",
        "100, 49.9, NEWTON_METRE, OTHER_UNIT",
        // 73 lbf·ft are 98.98 N·m, 74.6 are 101.14: just outside what a scale shows; 73.1 and 74.4 just inside
        "100, 73, NEWTON_METRE, ",
        "100, 73.1, NEWTON_METRE, OTHER_UNIT",
        "100, 74.4, NEWTON_METRE, OTHER_UNIT",
        "100, 74.6, NEWTON_METRE, ",
        "100, 1500, NEWTON_METRE, OTHER_UNIT", // 1500 lbf·in are 169 N·m
    })
    void passesHalfToTwice(double asked, double number, TorqueUnit unit, Doubt doubt) {
        assertThat(TorqueUnitGuard.question(number, unit, TorqueRange.about(asked, NEWTON_METRE))
                        .map(Question::doubt))
                .isEqualTo(Optional.ofNullable(doubt));
    }

    /** Where two other units would fit, the mix-up that happens most is asked: inch- with foot-pounds. */
    @Test
    void asksTheLikelierMixUpFirst() {
        // 16 lbf·in are 1.81 N·m; as lbf·ft 21.7, as N·m 16: both may be meant by 13 to 26 N·m
        TorqueRange asked = TorqueRange.between(13, 26, NEWTON_METRE);

        assertThat(TorqueUnitGuard.question(16, POUND_FORCE_INCH, asked)
                        .orElseThrow()
                        .likelyUnit())
                .isEqualTo(POUND_FORCE_FOOT);
        assertThat(TorqueUnitGuard.question(1200, POUND_FORCE_INCH, TorqueRange.atLeast(50, POUND_FORCE_FOOT)))
                .isEmpty();
        assertThat(TorqueUnitGuard.question(1820, POUND_FORCE_INCH, TorqueRange.atLeast(50, POUND_FORCE_FOOT))
                        .orElseThrow()
                        .timesExpected())
                .isCloseTo(1820 / 12.0 / 50, within(1e-9));
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, -20, Double.NaN, Double.POSITIVE_INFINITY, 1e12, 2000})
    void refusesWhatNoWrenchPulls(double number) {
        assertThatThrownBy(() -> TorqueUnitGuard.question(number, NEWTON_METRE, TWENTY_INCH_POUNDS))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("1500 N·m");
    }

    /** No number may pass in inch-pounds and in foot-pounds alike, whatever a procedure asks for. */
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
