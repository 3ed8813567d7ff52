package oldtallow.app.units;

import oldtallow.core.quantity.Force;

/** A force to be shown, in both units. */
public record ForceView(double kilonewtons, double poundsForce) {

    public static ForceView of(Force force) {
        return new ForceView(force.kilonewtons(), force.poundsForce());
    }
}
