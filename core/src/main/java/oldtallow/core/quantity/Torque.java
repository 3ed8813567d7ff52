package oldtallow.core.quantity;

/**
 * A torque, as a wrench reads it; never negative.
 *
 * @param newtonMetres finite, ≥ 0
 */
public record Torque(double newtonMetres) implements Comparable<Torque> {

    public Torque {
        if (!(newtonMetres >= 0 && newtonMetres < Double.POSITIVE_INFINITY)) { // negated: NaN fails too
            throw new OutOfRangeException(EnteredQuantity.TORQUE, newtonMetres, "0 N·m or more");
        }
    }

    public static Torque of(double number, TorqueUnit unit) {
        return new Torque(number * unit.newtonMetres());
    }

    public static Torque ofNewtonMetres(double newtonMetres) {
        return new Torque(newtonMetres);
    }

    public static Torque ofPoundForceFeet(double poundForceFeet) {
        return of(poundForceFeet, TorqueUnit.POUND_FORCE_FOOT);
    }

    public static Torque ofPoundForceInches(double poundForceInches) {
        return of(poundForceInches, TorqueUnit.POUND_FORCE_INCH);
    }

    public double in(TorqueUnit unit) {
        return newtonMetres / unit.newtonMetres();
    }

    public double poundForceFeet() {
        return in(TorqueUnit.POUND_FORCE_FOOT);
    }

    public double poundForceInches() {
        return in(TorqueUnit.POUND_FORCE_INCH);
    }

    public Torque times(double factor) {
        return new Torque(newtonMetres * factor);
    }

    @Override
    public int compareTo(Torque other) {
        return Double.compare(newtonMetres, other.newtonMetres);
    }
}
