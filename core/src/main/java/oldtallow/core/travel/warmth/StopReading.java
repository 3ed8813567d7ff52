package oldtallow.core.travel.warmth;

import java.time.Instant;
import java.util.Optional;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.OutOfRangeException;

/**
 * A hub at a stop, beside the other side of its axle.
 *
 * @param other empty where nobody felt it, or there is none
 * @param dayCelsius −40 to 60
 */
public record StopReading(Instant at, Felt hub, Optional<Felt> other, Optional<Double> dayCelsius) {

    public StopReading {
        dayCelsius.ifPresent(value -> {
            if (!(value >= -40 && value <= 60)) {
                throw new OutOfRangeException(EnteredQuantity.TEMPERATURE_OF_DAY, value + " °C", "-40 to 60 °C");
            }
        });
    }

    /** How much warmer than the other side, K; only of two of a kind, since a hand tells steps, not degrees. */
    Optional<Double> overOther() {
        return other.filter(one -> one.isMeasured() && hub.isMeasured()).map(one -> hub.about() - one.about());
    }
}
