package oldtallow.core.setting.rolling;

/**
 * By how much a setting alone makes a hub warmer than no play would; half or twice as much may be, since nobody knows how well
 * the wind cools it. Brakes, sun and a rubbing seal come on top and are not in it.
 *
 * @param kelvin 0 or more
 */
public record AddedHeat(double kelvin) {

    private static final double EITHER_WAY = 2;
    /** A hand beside the other hub feels no less. */
    private static final double FELT = 5;

    public double least() {
        return kelvin / EITHER_WAY;
    }

    public double most() {
        return kelvin * EITHER_WAY;
    }

    /** Whether somebody could tell it by hand. */
    public boolean isFelt() {
        return most() >= FELT;
    }
}
