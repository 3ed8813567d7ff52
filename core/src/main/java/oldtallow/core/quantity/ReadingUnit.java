package oldtallow.core.quantity;

import java.util.Optional;

/** Units in which a reading may be typed. Conversions are exact by definition (NIST SP 811, from memory). */
public enum ReadingUnit {
    MILLIMETRE(Dimension.LENGTH, "mm", 1, 0),
    MICROMETRE(Dimension.LENGTH, "µm", 0.001, 0),
    THOU(Dimension.LENGTH, "thou", Length.ofInches(0.001).millimetres(), 0),
    INCH(Dimension.LENGTH, "in", Length.ofInches(1).millimetres(), 0),
    DEGREE_CELSIUS(Dimension.TEMPERATURE, "°C", 1, 0),
    DEGREE_FAHRENHEIT(Dimension.TEMPERATURE, "°F", 5 / 9.0, -32 * 5 / 9.0),
    NEWTON_METRE(Dimension.TORQUE, "N·m", 1, 0),
    POUND_FORCE_FOOT(Dimension.TORQUE, "lbf·ft", TorqueUnit.POUND_FORCE_FOOT.newtonMetres(), 0),
    POUND_FORCE_INCH(Dimension.TORQUE, "lbf·in", TorqueUnit.POUND_FORCE_INCH.newtonMetres(), 0),
    KILOMETRE(Dimension.DISTANCE, "km", 1, 0),
    MILE(Dimension.DISTANCE, "mi", 1.609344, 0),
    NEWTON(Dimension.FORCE, "N", 1, 0),
    POUND_FORCE(Dimension.FORCE, "lbf", 4.4482216152605, 0),
    TURN(Dimension.COUNT, "turns", 1, 0);

    /** What a unit measures. */
    public enum Dimension {
        LENGTH,
        TEMPERATURE,
        TORQUE,
        DISTANCE,
        FORCE,
        COUNT
    }

    private final Dimension dimension;
    private final String symbol;
    private final double factor;
    private final double offset;

    ReadingUnit(Dimension dimension, String symbol, double factor, double offset) {
        this.dimension = dimension;
        this.symbol = symbol;
        this.factor = factor;
        this.offset = offset;
    }

    public Dimension dimension() {
        return dimension;
    }

    public String symbol() {
        return symbol;
    }

    /** The same as a unit of torque wrenches; empty for what is no torque. */
    public Optional<TorqueUnit> torque() {
        return switch (this) {
            case NEWTON_METRE -> Optional.of(TorqueUnit.NEWTON_METRE);
            case POUND_FORCE_FOOT -> Optional.of(TorqueUnit.POUND_FORCE_FOOT);
            case POUND_FORCE_INCH -> Optional.of(TorqueUnit.POUND_FORCE_INCH);
            default -> Optional.empty();
        };
    }

    /** In the dimension's first unit. */
    public double toBase(double number) {
        return number * factor + offset;
    }

    /** From the dimension's first unit. */
    double fromBase(double value) {
        return (value - offset) / factor;
    }
}
