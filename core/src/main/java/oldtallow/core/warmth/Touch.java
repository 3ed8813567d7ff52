package oldtallow.core.warmth;

/**
 * A hub as a hand feels it, after the back of the hand held near it said that it may be touched.
 *
 * <p>How long a hand stays on bare metal: a minute to 51 °C, ten seconds to 55 °C, a second to about 65 °C (burn thresholds
 * of ISO 13732-1, from memory). The degrees beside each are this product's reading of that, and an estimate.
 */
public enum Touch {
    COOL("cool, or as warm as the hand", 35),
    WARM("warm: the hand stays on", 48),
    HOT("hot: the hand comes off within seconds", 58),
    TOO_HOT("cannot be touched", 75);

    private static final double COOL_TO = 40;
    private static final double A_MINUTE = 51;
    private static final double A_SECOND = 65;

    private final String words;
    private final double about;

    Touch(String words, double about) {
        this.words = words;
        this.about = about;
    }

    /** How something of so many °C would feel. */
    public static Touch of(double celsius) {
        if (celsius <= COOL_TO) {
            return COOL;
        }
        if (celsius <= A_MINUTE) {
            return WARM;
        }
        return celsius <= A_SECOND ? HOT : TOO_HOT;
    }

    public String words() {
        return words;
    }

    /** About how warm that is, °C; an estimate. */
    public double about() {
        return about;
    }
}
