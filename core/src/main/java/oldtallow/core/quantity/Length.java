package oldtallow.core.quantity;

/**
 * A length or an axial movement; may be negative where it is one (preload is a negative end play).
 *
 * <p>1 in = 25.4 mm exactly (international yard and pound agreement, 1959; NIST SP 811, appendix B). From memory.
 *
 * @param metres finite
 */
public record Length(double metres) implements Comparable<Length> {

    public static final Length ZERO = new Length(0);

    private static final double METRES_PER_MILLIMETRE = 1e-3;
    private static final double METRES_PER_MICROMETRE = 1e-6;
    private static final double METRES_PER_INCH = 25.4e-3;
    private static final double METRES_PER_THOUSANDTH = 25.4e-6;

    public Length {
        if (!Double.isFinite(metres)) {
            throw new OutOfRangeException(EnteredQuantity.LENGTH, metres, "a finite number of metres");
        }
    }

    public static Length ofMetres(double metres) {
        return new Length(metres);
    }

    public static Length ofMillimetres(double millimetres) {
        return new Length(millimetres * METRES_PER_MILLIMETRE);
    }

    public static Length ofMicrometres(double micrometres) {
        return new Length(micrometres * METRES_PER_MICROMETRE);
    }

    public static Length ofInches(double inches) {
        return new Length(inches * METRES_PER_INCH);
    }

    /** Thousandths of an inch, "thou". */
    public static Length ofThousandths(double thousandths) {
        return new Length(thousandths * METRES_PER_THOUSANDTH);
    }

    public double millimetres() {
        return metres / METRES_PER_MILLIMETRE;
    }

    public double micrometres() {
        return metres / METRES_PER_MICROMETRE;
    }

    public double inches() {
        return metres / METRES_PER_INCH;
    }

    /** Thousandths of an inch, "thou". */
    public double thousandths() {
        return metres / METRES_PER_THOUSANDTH;
    }

    public Length plus(Length other) {
        return new Length(metres + other.metres);
    }

    public Length minus(Length other) {
        return new Length(metres - other.metres);
    }

    public Length times(double factor) {
        return new Length(metres * factor);
    }

    public boolean isNegative() {
        return metres < 0;
    }

    @Override
    public int compareTo(Length other) {
        return Double.compare(metres, other.metres);
    }
}
