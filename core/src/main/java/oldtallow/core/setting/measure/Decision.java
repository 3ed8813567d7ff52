package oldtallow.core.setting.measure;

/**
 * What a reading proves of a limit, its uncertainty taken off the side of whoever claims it.
 *
 * <p>Source: ISO 14253-1, decision rules for verifying conformity or nonconformity with specifications. From memory.
 */
public enum Decision {
    INSIDE("inside"),
    TOO_LITTLE("below, for certain"),
    TOO_MUCH("above, for certain"),
    TOO_CLOSE("too close to tell");

    private final String words;

    Decision(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    public boolean isCertain() {
        return this != TOO_CLOSE;
    }

    /**
     * Of a value.
     *
     * @param uncertainty expanded, k = 2; 0 or more, in the value's unit
     * @param least of the window, inclusive
     * @param most of the window, inclusive
     */
    public static Decision of(double value, double uncertainty, double least, double most) {
        if (value - uncertainty >= least && value + uncertainty <= most) {
            return INSIDE;
        }
        if (value + uncertainty < least) {
            return TOO_LITTLE;
        }
        return value - uncertainty > most ? TOO_MUCH : TOO_CLOSE;
    }
}
