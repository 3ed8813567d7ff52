package oldtallow.core.travel.warmth;

import java.util.Optional;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.quantity.ReadingKind;

/**
 * A hub's temperature beside the axle's other side, °C, each −40 to 400: judged by {@link HeatBand}, and by what it is over the
 * other side.
 */
public record HubHeat(double celsius, Optional<Double> otherSideCelsius) {

    public HubHeat {
        HeatBand.of(celsius);
        otherSideCelsius.ifPresent(other -> {
            if (!(other >= -40 && other <= 400)) {
                throw new OutOfRangeException(ReadingKind.OTHER_HUB_TEMPERATURE, other + " °C", "-40 to 400 °C");
            }
        });
    }

    /** How a temperature reads, the calmest first. */
    public enum Reading {
        FINE(HeatBand.FINE.words()),
        WARM(HeatBand.WARM.words()),
        ONE_SIDED("hotter than the other side: raise it and spin it before it goes on"),
        TOO_HOT(HeatBand.TOO_HOT.words()),
        STOP(HeatBand.STOP.words());

        private final String words;

        Reading(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        /** Whether a hub may be left so: warm at most, and like its other side. */
        public boolean isWarmAtMost() {
            return this == FINE || this == WARM;
        }
    }

    public HeatBand band() {
        return HeatBand.of(celsius);
    }

    /** Whether this side is hotter than the other by more than sun and wind do. */
    public boolean isOneSided() {
        return otherSideCelsius
                .filter(other -> celsius - other >= HeatBand.SIDES_DIFFER)
                .isPresent();
    }

    /** Whether the other side is as hot. */
    public boolean isHotOnBothSides() {
        return band().holdsTheRig() && otherSideCelsius.isPresent() && !isOneSided();
    }

    public Reading reading() {
        return switch (band()) {
            case STOP -> Reading.STOP;
            case TOO_HOT -> Reading.TOO_HOT;
            case WARM -> isOneSided() ? Reading.ONE_SIDED : Reading.WARM;
            case FINE -> isOneSided() ? Reading.ONE_SIDED : Reading.FINE;
        };
    }
}
