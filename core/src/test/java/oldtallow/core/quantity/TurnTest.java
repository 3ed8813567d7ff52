package oldtallow.core.quantity;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class TurnTest {

    @Test
    void keepsOneFormForEachRotation() {
        assertThat(Turn.of(6, -36)).isEqualTo(Turn.of(-1, 6));
        assertThat(Turn.ofDegrees(60)).isEqualTo(Turn.of(1, 6));
        assertThat(Turn.ofDegrees(new BigDecimal("22.50"))).isEqualTo(Turn.of(1, 16));
        assertThat(Turn.of(0, 7)).isEqualTo(Turn.ZERO);
    }

    @ParameterizedTest
    @CsvSource({"-1,6,5,6", "7,6,1,6", "12,6,0,1", "1,6,1,6"})
    void comesBackIntoOneTurn(long n, long d, long wantN, long wantD) {
        assertThat(Turn.of(n, d).modulo(Turn.FULL)).isEqualTo(Turn.of(wantN, wantD));
    }

    @Test
    void findsTheCommonStepOfSlotsAndHoles() {
        assertThat(Turn.greatestCommonDivisor(Turn.of(1, 6), Turn.of(1, 4))).isEqualTo(Turn.ofDegrees(30));
        assertThat(Turn.greatestCommonDivisor(Turn.of(1, 8), Turn.of(1, 4))).isEqualTo(Turn.ofDegrees(45));
    }

    @Test
    void addsWithoutLoss() {
        var random = new Random(7);
        for (int i = 0; i < 1000; i++) {
            Turn a = Turn.of(random.nextInt(-500, 500), random.nextInt(1, 360_000));
            Turn b = Turn.of(random.nextInt(-500, 500), random.nextInt(1, 360_000));
            assertThat(a.plus(b).minus(b)).isEqualTo(a);
            assertThat(Integer.signum(a.compareTo(b))).isEqualTo(-Integer.signum(b.compareTo(a)));
            assertThat(a.plusWhole(-a.wholeTurns())).isEqualTo(a.modulo(Turn.FULL));
            assertThat(a.denominator()).isEqualTo(lowestTerms(a.numerator(), a.denominator()));
            assertThat(a.minus(b).isNegative()).isEqualTo(a.compareTo(b) < 0);
        }
    }

    /** The denominator in lowest terms, by the JDK's own big integers. */
    private static long lowestTerms(long numerator, long denominator) {
        var d = BigInteger.valueOf(denominator);
        return d.divide(BigInteger.valueOf(numerator).gcd(d)).longValueExact();
    }

    @Test
    void ordersFractionsWhoseProductsOverflow() {
        long big = Long.MAX_VALUE / 2;
        assertThat(Turn.of(big, big - 1)).isGreaterThan(Turn.FULL).isLessThan(Turn.of(big - 1, big - 2));
        assertThat(Turn.of(-big, big - 1)).isLessThan(Turn.FULL.negate()).isGreaterThan(Turn.of(1 - big, big - 2));
    }

    @ParameterizedTest
    @ValueSource(strings = {"0.0001", "3600.001", "-3600.001", "1e9"})
    void refusesWhatNoNutCanShow(String degrees) {
        assertThatThrownBy(() -> Turn.ofDegrees(new BigDecimal(degrees))).isInstanceOf(OutOfRangeException.class);
    }

    @Test
    void takesThreeDecimalsAndTenTurns() {
        assertThat(Turn.ofDegrees(new BigDecimal("0.001")).degrees()).isEqualTo(0.001);
        assertThat(Turn.ofDegrees(new BigDecimal("-3600")).turns()).isEqualTo(-10);
        assertThatThrownBy(() -> Turn.of(1, 0)).isInstanceOf(OutOfRangeException.class);
    }
}
