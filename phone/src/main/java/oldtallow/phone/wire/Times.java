package oldtallow.phone.wire;

import java.time.DateTimeException;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.MonthDay;
import java.time.ZoneOffset;
import oldtallow.core.refusal.InvalidInputException;

/**
 * Times in the form of ISO 8601 that JSON holds them in. The JDK's own parsers bring the names of months and zones of all languages
 * with them, which is a fifth of what a phone would have to load.
 */
public final class Times {

    private static final int NANO_DIGITS = 9;
    private static final int[] DAY = {0, 4, 5, 7, 8, 10};
    private static final int[] CLOCK = {11, 13, 14, 16, 17, 19};
    private static final int FRACTION_AT = 20;

    private Times() {}

    /** 2026-12-02. */
    public static LocalDate day(String text) {
        try {
            return LocalDate.of(part(text, DAY, 0), part(text, DAY, 1), part(text, DAY, 2));
        } catch (DateTimeException | NumberFormatException | StringIndexOutOfBoundsException e) {
            throw refused(text, "must be a day such as 2026-12-02");
        }
    }

    /** 2026-12-02T03:16:39Z, with or without a fraction of the second. */
    public static Instant instant(String text) {
        try {
            if (!text.endsWith("Z")) {
                throw refused(text, "must be a time of UTC such as 2026-12-02T03:16:39Z");
            }
            var seconds = LocalDateTime.of(
                    part(text, DAY, 0),
                    part(text, DAY, 1),
                    part(text, DAY, 2),
                    part(text, CLOCK, 0),
                    part(text, CLOCK, 1),
                    part(text, CLOCK, 2));
            String fraction = text.length() > FRACTION_AT ? text.substring(FRACTION_AT, text.length() - 1) : "";
            long nanos = Long.parseLong((fraction + "000000000").substring(0, NANO_DIGITS));
            return seconds.toInstant(ZoneOffset.UTC).plusNanos(nanos);
        } catch (DateTimeException | NumberFormatException | StringIndexOutOfBoundsException e) {
            throw refused(text, "must be a time such as 2026-12-02T03:16:39Z");
        }
    }

    /** As {@link Instant#toString}: the fraction in threes. */
    public static String words(Instant at) {
        long second = at.getEpochSecond();
        int nano = at.getNano();
        String seconds = LocalDateTime.ofEpochSecond(second, 0, ZoneOffset.UTC).toString();
        var text = new StringBuilder(seconds.length() == FRACTION_AT - 1 ? seconds : seconds + ":00");
        if (nano > 0) {
            String nanos = Integer.toString(1_000_000_000 + nano).substring(1);
            text.append('.').append(nanos, 0, nanos.endsWith("000000") ? 3 : nanos.endsWith("000") ? 6 : NANO_DIGITS);
        }
        return text.append('Z').toString();
    }

    /** --12-02. */
    public static MonthDay monthDay(String text) {
        return MonthDay.of(Integer.parseInt(text.substring(2, 4)), Integer.parseInt(text.substring(5, 7)));
    }

    /** PT36M30S or PT1H, without days. */
    public static Duration duration(String text) {
        Duration sum = Duration.ZERO;
        int from = 2;
        for (int i = from; i < text.length(); i++) {
            if (Character.isLetter(text.charAt(i))) {
                double number = Double.parseDouble(text.substring(from, i));
                int seconds = switch (text.charAt(i)) {
                    case 'H' -> 3600;
                    case 'M' -> 60;
                    default -> 1;
                };
                sum = sum.plusMillis(Math.round(number * seconds * 1000));
                from = i + 1;
            }
        }
        return sum;
    }

    private static int part(String text, int[] bounds, int index) {
        return Integer.parseInt(text.substring(bounds[2 * index], bounds[2 * index + 1]));
    }

    private static InvalidInputException refused(String text, String remedy) {
        return new InvalidInputException("time", text, remedy);
    }
}
