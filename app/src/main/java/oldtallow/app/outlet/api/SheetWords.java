package oldtallow.app.outlet.api;

import java.math.BigDecimal;
import java.math.RoundingMode;
import oldtallow.core.quantity.Length;

/** Numbers as they stand on a sheet. */
final class SheetWords {

    private SheetWords() {}

    static String length(Length length) {
        return number(length.millimetres(), 3) + " mm (" + number(length.thousandths(), 1) + " thou)";
    }

    static String number(double value, int decimals) {
        return BigDecimal.valueOf(value)
                .setScale(decimals, RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
    }
}
