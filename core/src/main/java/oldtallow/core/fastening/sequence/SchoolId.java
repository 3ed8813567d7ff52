package oldtallow.core.fastening.sequence;

import java.util.regex.Pattern;
import oldtallow.core.quantity.OutOfRangeException;

/**
 * Which school of setting the nut: one of the trade's by its name, or a workshop's own by its number.
 *
 * @param value capitals, digits and underscores, 3 to 40; or a UUID
 */
public record SchoolId(String value) {

    private static final Pattern SHAPE =
            Pattern.compile("[A-Z][A-Z0-9_]{2,39}|[0-9a-f]{8}-([0-9a-f]{4}-){3}[0-9a-f]{12}");

    public static final SchoolId SEAT_AND_FINGER_TIGHT = new SchoolId("SEAT_AND_FINGER_TIGHT");
    public static final SchoolId TORQUE_HALF_TURN_TORQUE = new SchoolId("TORQUE_HALF_TURN_TORQUE");
    public static final SchoolId INCH_POUND = new SchoolId("INCH_POUND");
    public static final SchoolId LOCK_AND_FREE = new SchoolId("LOCK_AND_FREE");
    public static final SchoolId TWO_NUTS = new SchoolId("TWO_NUTS");
    public static final SchoolId STAKED_NUT = new SchoolId("STAKED_NUT");
    /** The nut goes back to where it stood; good only for the very same parts. */
    public static final SchoolId REUSED_UNDISTURBED = new SchoolId("REUSED_UNDISTURBED");
    /** The spacer sets the play; the nut only gets its torque. */
    public static final SchoolId SPACER_SET = new SchoolId("SPACER_SET");

    public SchoolId {
        if (!SHAPE.matcher(value).matches()) {
            throw new OutOfRangeException("school", value, "the name of a school of setting the nut");
        }
    }

    /** As it is kept: the value alone. */
    @Override
    public String toString() {
        return value;
    }
}
