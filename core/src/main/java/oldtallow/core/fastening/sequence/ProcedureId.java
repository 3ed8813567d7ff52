package oldtallow.core.fastening.sequence;

import java.util.regex.Pattern;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.OutOfRangeException;

/**
 * Which adjustment procedure: one of the trade's by its name, or a workshop's own by its number.
 *
 * @param value capitals, digits and underscores, 3 to 40; or a UUID
 */
public record ProcedureId(String value) {

    private static final Pattern SHAPE =
            Pattern.compile("[A-Z][A-Z0-9_]{2,39}|[0-9a-f]{8}-([0-9a-f]{4}-){3}[0-9a-f]{12}");

    public static final ProcedureId SEAT_AND_FINGER_TIGHT = new ProcedureId("SEAT_AND_FINGER_TIGHT");
    public static final ProcedureId TORQUE_HALF_TURN_TORQUE = new ProcedureId("TORQUE_HALF_TURN_TORQUE");
    public static final ProcedureId INCH_POUND = new ProcedureId("INCH_POUND");
    public static final ProcedureId LOCK_AND_FREE = new ProcedureId("LOCK_AND_FREE");
    public static final ProcedureId TWO_NUTS = new ProcedureId("TWO_NUTS");
    public static final ProcedureId STAKED_NUT = new ProcedureId("STAKED_NUT");
    /** The nut goes back to where it stood; good only for the very same parts. */
    public static final ProcedureId REUSED_UNDISTURBED = new ProcedureId("REUSED_UNDISTURBED");
    /** The spacer sets the play; the nut only gets its torque. */
    public static final ProcedureId SPACER_SET = new ProcedureId("SPACER_SET");

    public ProcedureId {
        if (!SHAPE.matcher(value).matches()) {
            throw new OutOfRangeException(EnteredQuantity.PROCEDURE, value, "the name of an adjustment procedure");
        }
    }

    /** As it is kept: the value alone. */
    @Override
    public String toString() {
        return value;
    }
}
