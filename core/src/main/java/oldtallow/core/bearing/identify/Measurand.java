package oldtallow.core.bearing.identify;

import java.util.Optional;
import oldtallow.core.bearing.SetDimension;
import oldtallow.core.quantity.Quantity;
import org.jspecify.annotations.Nullable;

/** What a mechanic can measure to find out which bearing it is. */
public enum Measurand implements Quantity {
    CONE_BORE("cone bore", SetDimension.CONE_BORE, 8, 130),
    CUP_OUTSIDE("cup outside diameter", SetDimension.CUP_OUTSIDE, 20, 250),
    CUP_WIDTH("cup width", SetDimension.CUP_WIDTH, 5, 70),
    CONE_WIDTH("cone width", SetDimension.CONE_WIDTH, 6, 90),
    SET_WIDTH("overall width", SetDimension.SET_WIDTH, 8, 100),
    /** The cone slides on it: a few hundredths of a millimetre smaller than its bore. */
    SPINDLE_SEAT("spindle seat diameter", SetDimension.CONE_BORE, 8, 130),
    SEAL_INSIDE("seal inside diameter", null, 15, 180),
    SEAL_OUTSIDE("seal outside diameter", null, 25, 250);

    private final String words;
    private final @Nullable SetDimension dimension;
    private final double leastMillimetres;
    private final double mostMillimetres;

    Measurand(String words, @Nullable SetDimension dimension, double leastMillimetres, double mostMillimetres) {
        this.words = words;
        this.dimension = dimension;
        this.leastMillimetres = leastMillimetres;
        this.mostMillimetres = mostMillimetres;
    }

    @Override
    public String words() {
        return words;
    }

    /** The dimension of the set it tells of; empty for a seal, which only tells of the hub around the set. */
    public Optional<SetDimension> dimension() {
        return Optional.ofNullable(dimension);
    }

    /** Whether it is read on the inner ring, or where it sits. */
    boolean isOfCone() {
        return this == CONE_BORE || this == CONE_WIDTH || this == SPINDLE_SEAT;
    }

    /** Whether it is read on the outer ring. */
    boolean isOfCup() {
        return this == CUP_OUTSIDE || this == CUP_WIDTH;
    }

    /** Whether a length is one that wheel bearings come in. */
    boolean isPlausible(double millimetres) {
        return millimetres >= leastMillimetres && millimetres <= mostMillimetres;
    }

    /** In words, for a refusal. */
    String range() {
        return leastMillimetres + " to " + mostMillimetres + " mm";
    }
}
