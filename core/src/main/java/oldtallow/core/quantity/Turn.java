package oldtallow.core.quantity;

import java.math.BigDecimal;

/**
 * A rotation as an exact fraction of one turn, so that slot and hole angles meet exactly or not at all.
 *
 * <p>Signed; positive loosens the nut whatever the hand of its thread. Always in lowest terms with a positive
 * denominator, so equal rotations are equal values.
 *
 * @param numerator any
 * @param denominator ≥ 1 after reduction; 0 is refused
 */
public record Turn(long numerator, long denominator) implements Comparable<Turn> {

    public static final Turn ZERO = new Turn(0, 1);
    public static final Turn HALF = new Turn(1, 2);
    public static final Turn FULL = new Turn(1, 1);

    private static final int DEGREES = 360;
    /** A thousandth of a degree moves a 2 mm thread by 6 nm: finer than any mark that can be seen. */
    private static final int MOST_DECIMALS = 3;

    public Turn {
        if (denominator == 0) {
            throw new OutOfRangeException(EnteredQuantity.DENOMINATOR_OF_TURN, denominator, "other than 0");
        }
        long divisor = gcd(numerator, denominator) * (denominator < 0 ? -1 : 1);
        numerator /= divisor;
        denominator /= divisor;
    }

    public static Turn of(long numerator, long denominator) {
        return new Turn(numerator, denominator);
    }

    /** Whole degrees. */
    public static Turn ofDegrees(long degrees) {
        return new Turn(degrees, DEGREES);
    }

    /**
     * Degrees in decimals, exactly.
     *
     * @param degrees between −3600 and 3600, at most three decimals
     */
    public static Turn ofDegrees(BigDecimal degrees) {
        BigDecimal stripped = degrees.stripTrailingZeros();
        if (stripped.scale() > MOST_DECIMALS || stripped.abs().compareTo(BigDecimal.valueOf(10L * DEGREES)) > 0) {
            throw new OutOfRangeException(
                    EnteredQuantity.ANGLE,
                    degrees.toString() + "°",
                    "between −3600° and 3600° with at most 3 decimals");
        }
        return new Turn(stripped.movePointRight(MOST_DECIMALS).longValueExact(), 1000L * DEGREES);
    }

    /** The largest rotation of which both are whole multiples; the other one if one is zero. */
    public static Turn greatestCommonDivisor(Turn a, Turn b) {
        long common = lcm(a.denominator, b.denominator);
        return new Turn(
                gcd(
                        Math.multiplyExact(a.numerator, common / a.denominator),
                        Math.multiplyExact(b.numerator, common / b.denominator)),
                common);
    }

    public double degrees() {
        return (double) DEGREES * numerator / denominator;
    }

    /** As a plain number of turns. */
    public double turns() {
        return (double) numerator / denominator;
    }

    public Turn plus(Turn other) {
        long common = lcm(denominator, other.denominator);
        return new Turn(
                Math.addExact(
                        Math.multiplyExact(numerator, common / denominator),
                        Math.multiplyExact(other.numerator, common / other.denominator)),
                common);
    }

    public Turn minus(Turn other) {
        return plus(other.negate());
    }

    public Turn negate() {
        return new Turn(-numerator, denominator);
    }

    /** Further by so many whole turns. */
    public Turn plusWhole(long wholeTurns) {
        return new Turn(Math.addExact(numerator, Math.multiplyExact(wholeTurns, denominator)), denominator);
    }

    /** Whole turns in it, rounded towards tighter. */
    public long wholeTurns() {
        return Math.floorDiv(numerator, denominator);
    }

    public Turn times(long factor) {
        return new Turn(Math.multiplyExact(numerator, factor), denominator);
    }

    /** The same direction within [0, {@code period}). */
    public Turn modulo(Turn period) {
        long common = lcm(denominator, period.denominator);
        long here = Math.multiplyExact(numerator, common / denominator);
        long whole = Math.multiplyExact(period.numerator, common / period.denominator);
        return new Turn(Math.floorMod(here, whole), common);
    }

    public boolean isNegative() {
        return numerator < 0;
    }

    @Override
    public int compareTo(Turn other) {
        // 128 bits by halves: a product of two longs may not fit one
        int high = Long.compare(multiplyHigh(numerator, other.denominator), multiplyHigh(other.numerator, denominator));
        return high != 0 ? high : Long.compareUnsigned(numerator * other.denominator, other.numerator * denominator);
    }

    /** The upper half of a product, from products of halves: {@link Math#multiplyHigh} is not there in a phone. */
    private static long multiplyHigh(long a, long b) {
        long low = 0xffffffffL;
        long carried = (a >> 32) * (b & low) + (((a & low) * (b & low)) >>> 32);
        return (a >> 32) * (b >> 32) + (carried >> 32) + (((carried & low) + (a & low) * (b >> 32)) >> 32);
    }

    /** Stein's algorithm: shifts and differences, since divisions are what this record would spend its time on. */
    private static long gcd(long a, long b) {
        long x = Math.absExact(a);
        long y = Math.absExact(b);
        if (x == 0 || y == 0) {
            return x + y;
        }
        int twos = Long.numberOfTrailingZeros(x | y);
        x >>= Long.numberOfTrailingZeros(x);
        while (y != 0) {
            y >>= Long.numberOfTrailingZeros(y);
            long difference = y - x;
            x = Math.min(x, y);
            y = Math.abs(difference);
        }
        return x << twos;
    }

    private static long lcm(long a, long b) {
        return Math.multiplyExact(a / gcd(a, b), b);
    }
}
