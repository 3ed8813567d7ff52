package oldtallow.core.quantity;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;

/**
 * A number that a step takes.
 *
 * <p>Bounds are what the instrument or the part can show at all, this product's own; a reading outside them is a slip of the
 * key and is refused.
 */
public enum ReadingKind implements Quantity {
    ODOMETER("odometer or hub meter", ReadingUnit.KILOMETRE, 0, 5_000_000),
    HUB_TEMPERATURE("hub temperature", ReadingUnit.DEGREE_CELSIUS, -40, 400),
    OTHER_HUB_TEMPERATURE("hub temperature on the other side", ReadingUnit.DEGREE_CELSIUS, -40, 400),
    ROCK("rock at the tyre", ReadingUnit.MILLIMETRE, 0, 60),
    END_PLAY("end play", ReadingUnit.MILLIMETRE, 0, 5),
    ROLLING_DRAG("rolling drag at a stud", ReadingUnit.NEWTON, 0, 300),
    SEATING_TORQUE("seating torque", ReadingUnit.NEWTON_METRE, 0.1, 1500),
    FINAL_TORQUE("fine setting torque", ReadingUnit.NEWTON_METRE, 0.05, 1500),
    HUB_TURNS("turns of the hub", ReadingUnit.TURN, 0, 500),
    DRAG_WITH_NUT_LOOSE("drag with the nut loose", ReadingUnit.NEWTON, 0, 300),
    SPINDLE_AT_INBOARD_SEAT("spindle at the inboard seat", ReadingUnit.MILLIMETRE, 10, 150),
    SPINDLE_AT_OUTBOARD_SEAT("spindle at the outboard seat", ReadingUnit.MILLIMETRE, 10, 150),
    CONE_BORE("cone bore", ReadingUnit.MILLIMETRE, 10, 150),
    CUP_OUTSIDE("cup outside diameter", ReadingUnit.MILLIMETRE, 20, 250),
    INBOARD_CUP_OUTSIDE("new inboard cup, outside diameter", ReadingUnit.MILLIMETRE, 20, 250),
    INBOARD_CUP_WIDTH("new inboard cup, width", ReadingUnit.MILLIMETRE, 5, 80),
    INBOARD_CUP_BORE("hub bore for the inboard cup", ReadingUnit.MILLIMETRE, 20, 250),
    OUTBOARD_CUP_OUTSIDE("new outboard cup, outside diameter", ReadingUnit.MILLIMETRE, 20, 250),
    OUTBOARD_CUP_WIDTH("new outboard cup, width", ReadingUnit.MILLIMETRE, 5, 80),
    OUTBOARD_CUP_BORE("hub bore for the outboard cup", ReadingUnit.MILLIMETRE, 20, 250),
    ROTOR_BOLT_TORQUE("rotor bolt torque", ReadingUnit.NEWTON_METRE, 5, 500),
    CALIPER_BOLT_TORQUE("caliper bolt torque", ReadingUnit.NEWTON_METRE, 5, 500),
    FLANGE_BOLT_TORQUE("flange bolt torque", ReadingUnit.NEWTON_METRE, 5, 500),
    OUTER_NUT_TORQUE("outer nut torque", ReadingUnit.NEWTON_METRE, 5, 1000),
    WHEEL_NUT_TORQUE("wheel-nut torque", ReadingUnit.NEWTON_METRE, 20, 1000),
    GAP_AT_12("gap behind the cup at 12 o'clock", ReadingUnit.MILLIMETRE, 0, 30),
    GAP_AT_3("gap behind the cup at 3 o'clock", ReadingUnit.MILLIMETRE, 0, 30),
    GAP_AT_6("gap behind the cup at 6 o'clock", ReadingUnit.MILLIMETRE, 0, 30),
    GAP_AT_9("gap behind the cup at 9 o'clock", ReadingUnit.MILLIMETRE, 0, 30);

    private final String words;
    private final ReadingUnit unit;
    private final double least;
    private final double most;

    ReadingKind(String words, ReadingUnit unit, double least, double most) {
        this.words = words;
        this.unit = unit;
        this.least = least;
        this.most = most;
    }

    @Override
    public String words() {
        return words;
    }

    /** Unit it is kept in. */
    public ReadingUnit unit() {
        return unit;
    }

    /** Refuses what cannot be: a rock of 300 mm. */
    public double require(double value) {
        if (!(value >= least && value <= most)) {
            throw new OutOfRangeException(
                    this, value + " " + unit.symbol(), least + " to " + most + " " + unit.symbol());
        }
        return value;
    }

    /** A reading as it was typed, in the kind's own unit; refused in a unit of something else, and where it cannot be. */
    public double of(double number, ReadingUnit typed) {
        if (typed.dimension() != unit.dimension()) {
            throw new OutOfRangeException(this, number + " " + typed.symbol(), "in " + unit.symbol() + " or its like");
        }
        return require(typed.toBase(number));
    }

    /** A kept reading in another unit. */
    public double in(ReadingUnit wanted, double value) {
        return wanted.fromBase(value);
    }

    /** Units it may be typed in, its own first. */
    public List<ReadingUnit> units() {
        return Stream.concat(
                        Stream.of(unit),
                        Arrays.stream(ReadingUnit.values())
                                .filter(other -> other != unit && other.dimension() == unit.dimension()))
                .toList();
    }

    public double least() {
        return least;
    }

    public double most() {
        return most;
    }
}
