package oldtallow.app.outlet.api;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import oldtallow.core.quantity.Length;

/** Numbers and days as they stand on a sheet. */
final class SheetWords {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH);

    private SheetWords() {}

    static String day(LocalDate day) {
        return DAY.format(day);
    }

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
