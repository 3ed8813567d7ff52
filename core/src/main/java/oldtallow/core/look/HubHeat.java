package oldtallow.core.look;

import java.util.Optional;

/**
 * Hub temperatures after the drive in, °C.
 *
 * <p>Limits are common practice without a source: a hub warm to the hand is up to about 60 °C; grease for wheel bearings is
 * made for 120 °C and more, but a hub that gets there in ordinary towing has something wrong; 15 K between sides is more than
 * sun and wind do.
 */
public record HubHeat(double celsius, Optional<Double> otherSideCelsius) {

    private static final double WARM = 60;
    private static final double DANGEROUS = 110;

    /** How a temperature reads. */
    public enum Reading {
        FINE("warm at most"),
        HOTTER_THAN_THE_OTHER("hotter than the other side"),
        BOTH_HOT("hot on both sides"),
        HOT("hot"),
        DANGEROUS("too hot to go on");

        private final String words;

        Reading(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** Whether this side is hotter than the other by more than sun and wind do. */
    boolean isOneSided() {
        return otherSideCelsius
                .filter(other -> celsius - other >= HubBands.SIDES_DIFFER)
                .isPresent();
    }

    public Reading reading() {
        if (celsius >= DANGEROUS) {
            return Reading.DANGEROUS;
        }
        if (isOneSided()) {
            return Reading.HOTTER_THAN_THE_OTHER;
        }
        if (celsius <= WARM) {
            return Reading.FINE;
        }
        return otherSideCelsius.isPresent() ? Reading.BOTH_HOT : Reading.HOT;
    }
}
