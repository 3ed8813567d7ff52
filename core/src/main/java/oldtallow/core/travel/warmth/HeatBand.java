package oldtallow.core.travel.warmth;

import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.quantity.ReadingKind;

/**
 * The one scale by which the warmth of a hub's shell is judged, wherever it is felt or measured: on arrival, after a drive, at
 * a stop on the road. Common practice of the trade, without a source.
 *
 * <p>Braking explains a warm hub up to {@link #TOO_HOT}, never beyond. Upper ends are inclusive.
 */
public enum HeatBand {
    FINE("fine", "fine", Double.NEGATIVE_INFINITY, 50),
    WARM("warm", "warm: watch it and compare sides", 50, 70),
    TOO_HOT("too hot", "too hot to touch: look for the cause before going on", 70, 90),
    STOP("stop", "stop, and let it cool before anything else, whatever warmed it", 90, Double.POSITIVE_INFINITY);

    /** K between the sides of an axle: more than sun and wind do; common practice. */
    public static final double SIDES_DIFFER = 15;

    private final String name;
    private final String words;
    private final double over;
    private final double most;

    HeatBand(String name, String words, double over, double most) {
        this.name = name;
        this.words = words;
        this.over = over;
        this.most = most;
    }

    /**
     * Of a hub's shell.
     *
     * @param celsius −40 to 400
     */
    public static HeatBand of(double celsius) {
        if (!(celsius >= -40 && celsius <= 400)) {
            throw new OutOfRangeException(ReadingKind.HUB_TEMPERATURE, celsius + " °C", "-40 to 400 °C");
        }
        for (HeatBand band : values()) {
            if (celsius <= band.most) {
                return band;
            }
        }
        return STOP;
    }

    /** Its name on a chart. */
    public String shortly() {
        return name;
    }

    /** What it means, and what to do. */
    public String words() {
        return words;
    }

    /** Lower end, exclusive, °C; minus infinity for the first. */
    public double over() {
        return over;
    }

    /** Upper end, inclusive, °C; infinite for the last. */
    public double most() {
        return most;
    }

    /** Whether the rig stays where it is until the cause is known. */
    public boolean holdsTheRig() {
        return compareTo(TOO_HOT) >= 0;
    }

    /** Whether braking alone may have done it. */
    public boolean mayComeFromBraking() {
        return this != STOP;
    }
}
