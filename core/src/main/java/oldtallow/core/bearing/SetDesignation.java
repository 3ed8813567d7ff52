package oldtallow.core.bearing;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.quantity.Quantity;

/**
 * Standard designations of cone and cup. Inch sets have one each (L44649 and L44610); a metric set has one for both
 * (30205).
 *
 * @param cone and
 * @param cup capital letters, digits and dashes, 2 to 20
 */
public record SetDesignation(String cone, String cup) {

    private static final Pattern ALLOWED = Pattern.compile("[A-Z0-9-]{2,20}");
    private static final Pattern METRIC = Pattern.compile("3[0-3][0-9]{3}[A-Z]*");

    public SetDesignation {
        require(EnteredQuantity.CONE_DESIGNATION, cone);
        require(EnteredQuantity.CUP_DESIGNATION, cup);
    }

    /** From text as it stands on a ring or a box: blanks go, letters become capitals. */
    public static SetDesignation of(String cone, String cup) {
        return new SetDesignation(plain(cone), plain(cup));
    }

    /** As above, empty where it is no standard number but something else that was read. */
    public static Optional<SetDesignation> ofIfStandard(String cone, String cup) {
        return ALLOWED.matcher(plain(cone)).matches()
                        && ALLOWED.matcher(plain(cup)).matches()
                ? Optional.of(of(cone, cup))
                : Optional.empty();
    }

    /** From "L44649/L44610" or, for a metric set, "30205". */
    public static Optional<SetDesignation> parse(String text) {
        String plain = plain(text);
        int slash = plain.indexOf('/');
        if (slash > 0) {
            return Optional.of(new SetDesignation(plain.substring(0, slash), plain.substring(slash + 1)));
        }
        return isMetric(plain) ? Optional.of(new SetDesignation(plain, plain)) : Optional.empty();
    }

    /** Whether a plain number is that of both rings of a metric set. */
    static boolean isMetric(String plain) {
        return METRIC.matcher(plain).matches();
    }

    /** Blanks and case do not matter to anybody who reads a ring through grease. */
    public static String plain(String text) {
        return text.replaceAll("\\s", "").toUpperCase(Locale.ROOT);
    }

    @Override
    public String toString() {
        return cone.equals(cup) ? cone : cone + "/" + cup;
    }

    private static void require(Quantity quantity, String value) {
        if (!ALLOWED.matcher(value).matches()) {
            throw new OutOfRangeException(quantity, value, "2 to 20 letters, digits or dashes");
        }
    }
}
