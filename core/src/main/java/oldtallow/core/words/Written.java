package oldtallow.core.words;

import java.math.BigDecimal;
import java.math.MathContext;
import oldtallow.core.quantity.Digits;
import oldtallow.core.quantity.Length;

/** Numbers as sentences have them: rounded to what is meant, both units, a true minus. */
final class Written {

    private static final MathContext TWO_FIGURES = new MathContext(2);

    private Written() {}

    /** 0.24 mm (9 thou). */
    static String length(Length length) {
        return (Digits.fixed(length.millimetres(), 2) + " mm (" + Digits.fixed(length.thousandths(), 0) + " thou)")
                .replace('-', '−');
    }

    static String whole(double value) {
        return Digits.fixed(value, 0).replace('-', '−');
    }

    /** To two figures: an estimate has no more. */
    static String roughly(double value) {
        return new BigDecimal(value).round(TWO_FIGURES).toBigInteger().toString();
    }
}
