package oldtallow.core.quantity;

/** A value outside the range its quantity allows; keeps the facts, so that an edge can name field, value and remedy. */
public final class OutOfRangeException extends IllegalArgumentException {

    private final Quantity quantity;
    private final String value;
    private final String range;

    /**
     * @param quantity what was measured or entered
     * @param value the refused value with its unit
     * @param range what would be right, with its unit
     */
    public OutOfRangeException(Quantity quantity, String value, String range) {
        super(quantity.words() + " is " + value + "; it must be " + range);
        this.quantity = quantity;
        this.value = value;
        this.range = range;
    }

    /** As above for a plain number; the unit stands in {@code range}. */
    public OutOfRangeException(Quantity quantity, double value, String range) {
        this(quantity, plain(value), range);
    }

    public Quantity quantity() {
        return quantity;
    }

    public String value() {
        return value;
    }

    public String range() {
        return range;
    }

    private static String plain(double value) {
        return value == Math.rint(value) && Math.abs(value) < 1e9
                ? Long.toString((long) value)
                : Double.toString(value);
    }
}
