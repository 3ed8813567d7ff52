package oldtallow.core.travel.warmth;

import java.util.Optional;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.quantity.ReadingKind;

/**
 * How warm a hub was.
 *
 * @param celsius by thermometer, −40 to 400 °C; empty where only a hand was there
 */
public record Felt(Touch touch, Optional<Double> celsius) {

    private static final double LEAST = -40;
    private static final double MOST = 400;

    public Felt {
        celsius.ifPresent(value -> {
            if (!(value >= LEAST && value <= MOST)) {
                throw new OutOfRangeException(ReadingKind.HUB_TEMPERATURE, value + " °C", "-40 to 400 °C");
            }
        });
    }

    public static Felt measured(double celsius) {
        return new Felt(Touch.of(celsius), Optional.of(celsius));
    }

    public static Felt byHand(Touch touch) {
        return new Felt(touch, Optional.empty());
    }

    /** °C, of a hand's feel an estimate. */
    public double about() {
        return celsius.orElse(touch.about());
    }

    public boolean isMeasured() {
        return celsius.isPresent();
    }
}
