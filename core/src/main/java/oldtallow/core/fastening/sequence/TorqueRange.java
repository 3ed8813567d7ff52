package oldtallow.core.fastening.sequence;

import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.quantity.Torque;
import oldtallow.core.quantity.TorqueUnit;

/**
 * The torque a step asks for, both ends inclusive.
 *
 * @param least more than 0
 * @param most not below {@code least}
 * @param openEnded whether more than {@code most} is still what the procedure means ("50 lbf·ft or more")
 * @param unit in which the figure is printed: the one that is mixed up with others
 */
public record TorqueRange(Torque least, Torque most, boolean openEnded, TorqueUnit unit) {

    public TorqueRange {
        if (!(least.newtonMetres() > 0 && least.compareTo(most) <= 0)) {
            throw new OutOfRangeException(
                    EnteredQuantity.TORQUE_RANGE,
                    least.newtonMetres() + " to " + most.newtonMetres() + " N·m",
                    "above 0 and given least first");
        }
    }

    public static TorqueRange between(double least, double most, TorqueUnit unit) {
        return new TorqueRange(Torque.of(least, unit), Torque.of(most, unit), false, unit);
    }

    public static TorqueRange about(double torque, TorqueUnit unit) {
        return between(torque, torque, unit);
    }

    public static TorqueRange atLeast(double least, TorqueUnit unit) {
        return new TorqueRange(Torque.of(least, unit), Torque.of(least, unit), true, unit);
    }

    public boolean isInInchPounds() {
        return unit == TorqueUnit.POUND_FORCE_INCH;
    }
}
