package oldtallow.core.quantity;

import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;

/**
 * Numbers as texts, rounded half up as {@link String#format} does it, and with a point for the decimals. That one itself would bring
 * the calendars, currencies and time zones of all languages into a phone (docs/decisions/0016-the-core-in-a-phone.md).
 */
public final class Digits {

    private static final int GROUP = 3;

    private Digits() {}

    /** With so many decimals: 0.24. */
    public static String fixed(double number, int decimals) {
        return decimal(number).setScale(decimals, RoundingMode.HALF_UP).toPlainString();
    }

    /** With so many digits that count: 33.90. */
    public static String counting(double number, int digits) {
        BigDecimal rounded = decimal(number).round(new MathContext(digits, RoundingMode.HALF_UP));
        int whole = rounded.signum() == 0 ? 1 : rounded.precision() - rounded.scale();
        return rounded.setScale(Math.max(0, digits - whole), RoundingMode.HALF_UP)
                .toPlainString();
    }

    /** Whole, its thousands apart: 12,000. */
    public static String grouped(double number) {
        var text = new StringBuilder(fixed(number, 0));
        for (int i = text.length() - GROUP; i > 0 && Character.isDigit(text.charAt(i - 1)); i -= GROUP) {
            text.insert(i, ',');
        }
        return text.toString();
    }

    /** By the digits it is written with, as a reader would round it. */
    private static BigDecimal decimal(double number) {
        return new BigDecimal(Double.toString(number));
    }
}
