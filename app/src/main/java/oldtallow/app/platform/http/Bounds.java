package oldtallow.app.platform.http;

import java.math.BigDecimal;
import java.time.LocalDate;

/**
 * What no field takes, whatever it is for. Most fields are bounded more narrowly where they belong; these hold for all of them,
 * are checked while a body is read, and stand in the API document.
 */
public final class Bounds {

    /** Numbers larger either way overflow once they are turned into another unit. */
    public static final double LARGEST = 1e9;

    /** As do smaller ones, but for 0. */
    static final double SMALLEST = 1e-9;

    /** Digits of a decimal number, and places before or behind its point. */
    private static final int MOST_DIGITS = 30;

    /** Characters of a text; the longest note has 1,000. */
    public static final int LONGEST_TEXT = 2_000;

    /** Entries of a list; the longest are of readings and of holes. */
    public static final int LONGEST_LIST = 200;

    private static final int DELETE = 0x7F;

    static final LocalDate EARLIEST = LocalDate.of(1900, 1, 1);

    static final LocalDate LATEST = LocalDate.of(2199, 12, 31);

    private Bounds() {}

    private static boolean isControl(int one) {
        boolean isTyped = one == '\t' || one == '\n' || one == '\r';
        return one == DELETE || (one < ' ' && !isTyped);
    }

    static boolean holds(double number) {
        double size = Math.abs(number);
        return size == 0 || (size >= SMALLEST && size <= LARGEST);
    }

    /** As {@link #holds(double)}, and not so finely written that its digits would fill memory ({@code 0e-99999999}). */
    static boolean holds(BigDecimal number) {
        return Math.abs((long) number.scale()) <= MOST_DIGITS
                && number.precision() <= MOST_DIGITS
                && holds(number.doubleValue());
    }

    static boolean holds(LocalDate day) {
        return !day.isBefore(EARLIEST) && !day.isAfter(LATEST);
    }

    /** Whether a text can be kept and printed: no control characters but tabs and line ends, no half of a character. */
    static boolean isPlain(String text) {
        return text.codePoints().noneMatch(one -> isControl(one) || Character.getType(one) == Character.SURROGATE);
    }
}
