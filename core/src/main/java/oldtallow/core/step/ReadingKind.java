package oldtallow.core.step;

import oldtallow.core.quantity.OutOfRangeException;

/**
 * A number that a step takes.
 *
 * <p>Bounds are what the instrument or the part can show at all, this product's own; a reading outside them is a slip of the
 * key and is refused.
 */
public enum ReadingKind {
    ODOMETER("odometer or hub meter", "km", 0, 5_000_000),
    HUB_TEMPERATURE("hub temperature", "°C", -40, 400),
    OTHER_HUB_TEMPERATURE("hub temperature on the other side", "°C", -40, 400),
    ROCK("rock at the tyre", "mm", 0, 60),
    END_PLAY("end play", "µm", 0, 5000),
    ROLLING_DRAG("rolling drag at a stud", "N", 0, 300),
    SEATING_TORQUE("seating torque", "N·m", 0.1, 1500),
    FINAL_TORQUE("fine setting torque", "N·m", 0.05, 1500),
    SPINDLE_AT_INBOARD_SEAT("spindle at the inboard seat", "mm", 10, 150),
    SPINDLE_AT_OUTBOARD_SEAT("spindle at the outboard seat", "mm", 10, 150),
    CONE_BORE("cone bore", "mm", 10, 150),
    CUP_OUTSIDE("cup outside diameter", "mm", 20, 250),
    WHEEL_NUT_TORQUE("wheel-nut torque", "N·m", 20, 1000);

    private final String words;
    private final String unit;
    private final double least;
    private final double most;

    ReadingKind(String words, String unit, double least, double most) {
        this.words = words;
        this.unit = unit;
        this.least = least;
        this.most = most;
    }

    public String words() {
        return words;
    }

    /** Unit it is kept in. */
    public String unit() {
        return unit;
    }

    /** Refuses what cannot be: a rock of 300 mm. */
    public double require(double value) {
        if (!(value >= least && value <= most)) {
            throw new OutOfRangeException(words, value + " " + unit, least + " to " + most + " " + unit);
        }
        return value;
    }

    public double least() {
        return least;
    }

    public double most() {
        return most;
    }
}
