package oldtallow.core.bearing;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import oldtallow.core.quantity.Length;

/**
 * A bearing as somebody wrote it down: a set, one of its rings, two sizes, or what is no bearing's number at all.
 *
 * @param sets that it can be, the nearest first; at most {@value #MOST}
 */
public record WrittenBearing(Kind kind, List<BearingSet> sets) {

    private static final int MOST = 8;
    /** What a calliper on a worn or painted ring may be off. */
    private static final double NEAR_MM = 0.3;
    /** Bores of wheel bearings begin at 10 mm; a smaller number is inches. */
    private static final double LEAST_MM = 10;

    private static final Pattern NUMBER = Pattern.compile("(?=.*[0-9].*[0-9])[A-Z0-9-]{2,20}");
    private static final Pattern SIZES = Pattern.compile(
            "([0-9]+(?:[.,][0-9]+)?)(?:MM|IN|\")?[X×*]([0-9]+(?:[.,][0-9]+)?)(?:[X×*].*)?(?:MM|IN|\")?");

    public WrittenBearing {
        sets = sets.stream().limit(MOST).toList();
    }

    /** What was written. */
    public enum Kind {
        /** Cone and cup that are one set on file. */
        SET("on file"),
        /** A cone; its cup has a number of its own. */
        CONE("a cone alone: which cup does it run in?"),
        /** A cup; its cone has a number of its own. */
        CUP("a cup alone: which cone runs in it?"),
        /** Both rings are on file, but not with one another. */
        NOT_TOGETHER("both are on file, but they are not one set"),
        /** The cone's number stands where the cup's belongs. */
        TURNED_ROUND("the cup's number stands first; the cone comes first"),
        /** Bore and outside diameter: sizes are no number, but they narrow it. */
        SIZES("sizes, no number: sets on file that measure so"),
        /** The first letters of numbers on file. */
        BEGUN("on file begin so"),
        /** It could be a number, but no set of that name is on file: nothing is worked out from it. */
        NOT_ON_FILE("not on file: kept as read, and nothing is worked out from it"),
        /** Words, blanks, or anything else. */
        NO_NUMBER("no bearing's number");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** Reads what was written, however it was written: L68149/L68111, 30205, a ring alone, or 31.75 x 59.1. */
    public static WrittenBearing read(String text, List<BearingSet> onFile) {
        String plain = SetDesignation.plain(text);
        Matcher sizes = SIZES.matcher(plain);
        if (sizes.matches()) {
            return new WrittenBearing(
                    Kind.SIZES, ofSize(millimetres(sizes.group(1)), millimetres(sizes.group(2)), onFile));
        }
        int slash = plain.indexOf('/');
        if (slash > 0 && slash < plain.length() - 1) {
            return rings(plain.substring(0, slash), plain.substring(slash + 1), onFile);
        }
        return oneNumber(slash < 0 ? plain : plain.substring(0, slash), onFile);
    }

    /** Cone and cup, each by its number. */
    public static WrittenBearing rings(String cone, String cup, List<BearingSet> onFile) {
        String inner = SetDesignation.plain(cone);
        String outer = SetDesignation.plain(cup);
        if (!NUMBER.matcher(inner).matches() || !NUMBER.matcher(outer).matches()) {
            return new WrittenBearing(Kind.NO_NUMBER, List.of());
        }
        List<BearingSet> sets = where(onFile, one -> isCone(one, inner) && isCup(one, outer));
        if (!sets.isEmpty()) {
            return new WrittenBearing(Kind.SET, sets);
        }
        if (inner.equals(outer) && !SetDesignation.isMetric(inner)) {
            return oneNumber(inner, onFile);
        }
        List<BearingSet> turned = where(onFile, one -> isCone(one, outer) && isCup(one, inner));
        if (!turned.isEmpty()) {
            return new WrittenBearing(Kind.TURNED_ROUND, turned);
        }
        List<BearingSet> byCone = where(onFile, one -> isCone(one, inner));
        List<BearingSet> byCup = where(onFile, one -> isCup(one, outer));
        Kind kind = byCone.isEmpty() || byCup.isEmpty() ? Kind.NOT_ON_FILE : Kind.NOT_TOGETHER;
        return new WrittenBearing(
                kind, Stream.concat(byCone.stream(), byCup.stream()).toList());
    }

    /** What was written, for a sentence beside the field. */
    public String words() {
        return kind == Kind.SIZES && sets.isEmpty()
                ? "sizes, no number: no set on file has this bore and outside diameter"
                : kind.words();
    }

    /** Why these numbers cannot be kept as a bearing; empty where they can, on file or not. */
    public Optional<String> objection() {
        return switch (kind) {
            case SET, NOT_ON_FILE, NOT_TOGETHER -> Optional.empty();
            case CONE, CUP, BEGUN ->
                Optional.of("is one ring's number; cone and cup have one each" + hint()
                        + ". Leave both out where nobody" + " has read them");
            case TURNED_ROUND -> Optional.of("is the cup's number; the cone's comes first" + hint());
            case SIZES, NO_NUMBER ->
                Optional.of(
                        "is no bearing's number; it stands on the ring, such as L68149. Leave it out where nobody has"
                                + " read it");
        };
    }

    private String hint() {
        return sets.isEmpty()
                ? ""
                : ": on file is "
                        + sets.stream()
                                .map(set -> set.designation().toString())
                                .reduce((one, other) -> one + ", " + other)
                                .orElse("");
    }

    private static WrittenBearing oneNumber(String number, List<BearingSet> onFile) {
        if (number.isEmpty()) {
            return new WrittenBearing(Kind.NO_NUMBER, List.of());
        }
        List<BearingSet> whole = where(onFile, one -> isCone(one, number) && isCup(one, number));
        if (!whole.isEmpty()) {
            return new WrittenBearing(Kind.SET, whole);
        }
        List<BearingSet> cones = where(onFile, one -> isCone(one, number));
        if (!cones.isEmpty()) {
            return new WrittenBearing(Kind.CONE, cones);
        }
        List<BearingSet> cups = where(onFile, one -> isCup(one, number));
        if (!cups.isEmpty()) {
            return new WrittenBearing(Kind.CUP, cups);
        }
        List<BearingSet> begun = where(
                onFile,
                one -> one.designation().cone().startsWith(number)
                        || one.designation().cup().startsWith(number));
        if (!begun.isEmpty()) {
            return new WrittenBearing(Kind.BEGUN, begun);
        }
        return new WrittenBearing(NUMBER.matcher(number).matches() ? Kind.NOT_ON_FILE : Kind.NO_NUMBER, List.of());
    }

    private static List<BearingSet> where(List<BearingSet> onFile, Predicate<BearingSet> fits) {
        return onFile.stream().filter(fits).toList();
    }

    private static boolean isCone(BearingSet set, String number) {
        return set.designation().cone().equals(number);
    }

    private static boolean isCup(BearingSet set, String number) {
        return set.designation().cup().equals(number);
    }

    private static List<BearingSet> ofSize(double bore, double outside, List<BearingSet> onFile) {
        return onFile.stream()
                .filter(one -> off(one.bore(), bore) <= NEAR_MM && off(one.outsideDiameter(), outside) <= NEAR_MM)
                .sorted(Comparator.comparingDouble(one -> off(one.bore(), bore) + off(one.outsideDiameter(), outside)))
                .toList();
    }

    private static double off(Length size, double millimetres) {
        return Math.abs(size.millimetres() - millimetres);
    }

    private static double millimetres(String number) {
        double value = Double.parseDouble(number.replace(',', '.'));
        return value < LEAST_MM ? Length.ofInches(value).millimetres() : value;
    }
}
