package oldtallow.core.travel.warmth;

/**
 * A hub as a hand feels it, after the back of the hand held near it said that it may be touched.
 *
 * <p>How long a hand stays on bare metal: a minute to 51 °C, ten seconds to 55 °C, a second to 65 or 70 °C (burn thresholds of
 * ISO 13732-1, from memory). The steps are those of {@link HeatBand}; the degrees beside each are an estimate.
 */
public enum Touch {
    COOL("cool, or as warm as the hand", 35),
    WARM("warm: the hand stays on", 48),
    HOT("hot: the hand comes off within seconds", 60),
    TOO_HOT("cannot be touched", 80);

    private static final double COOL_TO = 40;

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
        return switch (HeatBand.of(celsius)) {
            case FINE -> WARM;
            case WARM -> HOT;
            case TOO_HOT, STOP -> TOO_HOT;
        };
    }

    public String words() {
        return words;
    }

    /** About how warm that is, °C; an estimate. */
    public double about() {
        return about;
    }
}
