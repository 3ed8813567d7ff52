package oldtallow.app.units;

import oldtallow.core.quantity.Force;

/** A mass as somebody entered it: the number and its unit. */
public record MassEntry(Double number, MassUnit unit) {

    /** Units a mass is entered in. */
    public enum MassUnit {
        KILOGRAM,
        POUND
    }

    /** What it weighs. */
    public Force toWeight() {
        return switch (unit) {
            case KILOGRAM -> Force.ofWeight(number);
            case POUND -> Force.ofPoundsForce(number);
        };
    }
}
