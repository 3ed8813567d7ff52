package oldtallow.core.bearing;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * What stands on a ring, and what it says.
 *
 * <p>Source: inch numbers by ANSI/ABMA 19.1 (weight prefix, series, position of the last two digits), metric ones by ISO
 * 355 and DIN 720 (30205 and so on); both from memory. Suffixes differ from maker to maker: common practice.
 *
 * @param part the piece of the number, such as LM
 */
public record RingMarking(String part, String meaning) {

    private static final Pattern INCH = Pattern.compile("(EL|LL|LM|L|HM|HH|H|M|EH)?(\\d{2,6})([A-Z]{0,4})");
    private static final Pattern METRIC = Pattern.compile("3([0-3])([0-9])(\\d{2})([A-Z]{0,4})");

    private static final int BORE_STEP_MM = 5;

    /** Where to look, before anything is measured. */
    public static List<String> whereToLook() {
        return List.of(
                "Cone: on the broad face of its large end, the one that points away from the other bearing.",
                "Cup: on the thick edge, the one that sits against the hub's shoulder. Once pressed in it may face the"
                        + " cavity: wipe and look in with a lamp.",
                "Wipe with a rag and a drop of solvent, rub chalk or a wax pencil across: etched numbers stay light.",
                "Cone and cup of an inch set carry different numbers; a metric set carries one for both.",
                "What stands beside the number is the maker, the country, a date or a lot: write it down as the batch.");
    }

    /** Explains a number as read off a ring, piece by piece; empty where its pattern is not known. */
    public static List<RingMarking> explain(String text) {
        String number = SetDesignation.plain(text);
        Matcher metric = METRIC.matcher(number);
        if (metric.matches()) {
            return metric(metric);
        }
        Matcher inch = INCH.matcher(number);
        return inch.matches() ? inch(inch) : List.of();
    }

    private static List<RingMarking> metric(Matcher number) {
        List<RingMarking> pieces = new ArrayList<>();
        pieces.add(new RingMarking("3", "a tapered roller bearing, metric"));
        pieces.add(new RingMarking(
                number.group(1) + number.group(2),
                "dimension series: width " + number.group(1) + ", diameter " + number.group(2)));
        int bore = Integer.parseInt(number.group(3));
        if (bore >= 4) { // 00 to 03 stand for 10, 12, 15 and 17 mm
            pieces.add(new RingMarking(number.group(3), "bore " + bore * BORE_STEP_MM + " mm (times five)"));
        }
        suffix(number.group(4), pieces);
        return pieces;
    }

    private static List<RingMarking> inch(Matcher number) {
        List<RingMarking> pieces = new ArrayList<>();
        if (number.group(1) != null) {
            pieces.add(new RingMarking(number.group(1), weight(number.group(1))));
        }
        String digits = number.group(2);
        if (digits.length() >= 4) {
            String last = digits.substring(digits.length() - 2);
            pieces.add(new RingMarking(
                    digits.substring(0, digits.length() - 2), "series: rings of one series share angle and rollers"));
            int place = Integer.parseInt(last);
            pieces.add(new RingMarking(
                    last,
                    place >= 10 && place <= 29
                            ? "10 to 29 as a rule: a cup"
                            : place >= 30 && place <= 49 ? "30 to 49 as a rule: a cone" : "size within the series"));
        } else {
            pieces.add(new RingMarking(digits, "an old short number: look the pair up, cone and cup share no pattern"));
        }
        suffix(number.group(3), pieces);
        return pieces;
    }

    private static String weight(String prefix) {
        return switch (prefix) {
            case "EL" -> "extra light";
            case "LL" -> "lighter than light";
            case "L" -> "light";
            case "LM" -> "light to medium";
            case "M" -> "medium";
            case "HM" -> "heavy to medium";
            case "H" -> "heavy";
            case "HH" -> "heavier than heavy";
            default -> "extra heavy";
        };
    }

    private static void suffix(String letters, List<RingMarking> pieces) {
        if (letters.isEmpty()) {
            return;
        }
        String meaning = switch (letters.toUpperCase(Locale.ROOT)) {
            case "X" -> "on metric sets: dimensions as the ISO table has them";
            case "B" -> "on an inch cup: with a flange; on a metric set: a steeper angle";
            case "A" -> "another corner, width or inside than without it";
            default -> "differs in a detail: corner, width, flange, heat treatment or inside";
        };
        pieces.add(new RingMarking(
                letters,
                meaning + ". A ring with another suffix may not fit though the digits agree: compare corner radius and"
                        + " width with the old one."));
    }
}
