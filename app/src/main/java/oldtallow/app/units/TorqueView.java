package oldtallow.app.units;

import oldtallow.core.quantity.Torque;

/** A torque to be shown, in all three units. */
public record TorqueView(double newtonMetres, double poundForceFeet, double poundForceInches) {

    public static TorqueView of(Torque torque) {
        return new TorqueView(torque.newtonMetres(), torque.poundForceFeet(), torque.poundForceInches());
    }
}
