package oldtallow.core.sequence;

import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.quantity.Torque;

/**
 * The torque a step asks for, both ends inclusive.
 *
 * @param least more than 0
 * @param most not below {@code least}
 * @param openEnded whether more than {@code most} is still what the school means ("50 lbf·ft or more")
 */
public record TorqueRange(Torque least, Torque most, boolean openEnded) {

    public TorqueRange {
        if (!(least.newtonMetres() > 0 && least.compareTo(most) <= 0)) {
            throw new OutOfRangeException(
                    "torque range",
                    least.newtonMetres() + " to " + most.newtonMetres() + " N·m",
                    "above 0 and given least first");
        }
    }

    public static TorqueRange between(Torque least, Torque most) {
        return new TorqueRange(least, most, false);
    }

    public static TorqueRange about(Torque torque) {
        return new TorqueRange(torque, torque, false);
    }

    public static TorqueRange atLeast(Torque least) {
        return new TorqueRange(least, least, true);
    }
}
