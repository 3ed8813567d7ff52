package oldtallow.core.quantity;

/**
 * A force.
 *
 * <p>1 lbf = 4.4482216152605 N exactly (0.45359237 kg × 9.80665 m/s²; NIST SP 811, appendix B). From memory.
 *
 * @param newtons finite
 */
public record Force(double newtons) {

    private static final double NEWTONS_PER_POUND_FORCE = 4.4482216152605;
    private static final double STANDARD_GRAVITY = 9.80665;

    public Force {
        if (!Double.isFinite(newtons)) {
            throw new OutOfRangeException(EnteredQuantity.FORCE, newtons, "a finite number of newtons");
        }
    }

    public static Force ofNewtons(double newtons) {
        return new Force(newtons);
    }

    public static Force ofKilonewtons(double kilonewtons) {
        return new Force(kilonewtons * 1e3);
    }

    public static Force ofPoundsForce(double poundsForce) {
        return new Force(poundsForce * NEWTONS_PER_POUND_FORCE);
    }

    /** Weight of a mass in kilograms at standard gravity. */
    public static Force ofWeight(double kilograms) {
        return new Force(kilograms * STANDARD_GRAVITY);
    }

    public double kilonewtons() {
        return newtons / 1e3;
    }

    public double poundsForce() {
        return newtons / NEWTONS_PER_POUND_FORCE;
    }
}
