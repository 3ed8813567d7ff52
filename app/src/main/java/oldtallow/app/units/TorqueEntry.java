package oldtallow.app.units;

import oldtallow.core.quantity.Torque;
import oldtallow.core.quantity.TorqueUnit;

/** A torque as somebody entered it: the number and its unit. */
public record TorqueEntry(Double number, TorqueUnit unit) {

    public Torque toTorque() {
        return Torque.of(number, unit);
    }
}
