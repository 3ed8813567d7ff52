package oldtallow.core.setting.rolling;

import java.util.Locale;

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

    private static final double ROUNDED = 5;
    /** Degrees in a kelvin. */
    private static final double FAHRENHEIT = 1.8;

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

    /** After "the setting": "adds some 5 to 20 °C". */
    public String words() {
        return isFelt()
                ? String.format(
                        Locale.ROOT,
                        "adds some %.0f to %.0f °C (%.0f to %.0f °F)",
                        round(least()),
                        round(most()),
                        round(FAHRENHEIT * least()),
                        round(FAHRENHEIT * most()))
                : "adds no warmth a hand would feel";
    }

    private static double round(double degrees) {
        return degrees < ROUNDED ? Math.rint(degrees) : ROUNDED * Math.rint(degrees / ROUNDED);
    }
}
