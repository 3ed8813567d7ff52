package oldtallow.core.schedule.distance;

import java.time.LocalDate;
import java.util.Optional;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.quantity.Quantity;

/**
 * What was written down of a meter on a day.
 *
 * @param on one entry a day
 * @param shows kilometres on the meter, 0 to 5,000,000
 * @param kind how it follows on the entry before
 * @param before of another meter: what the old one showed last, on the same day; of one that rolled over: at how many
 *     kilometres it begins again at nought; empty for a plain reading
 */
public record MeterEntry(LocalDate on, double shows, Kind kind, Optional<Double> before) {

    private static final double MOST_KM = 5_000_000;

    /** How an entry follows on the one before. */
    public enum Kind {
        /** Read off: at least what it was. */
        READ,
        /** Another meter from that day on. */
        OTHER_METER,
        /** It went past its last figure and began again. */
        ROLLED_OVER
    }

    public MeterEntry {
        require(EnteredQuantity.DISTANCE_ON_METER, shows);
        before.ifPresent(km -> require(
                kind == Kind.OTHER_METER
                        ? EnteredQuantity.LAST_DISTANCE_ON_OLD_METER
                        : EnteredQuantity.DISTANCE_AT_WHICH_METER_BEGINS_AGAIN,
                km));
        if (kind == Kind.READ == before.isPresent()) {
            throw new IllegalArgumentException(
                    switch (kind) {
                        case READ -> "a plain reading has one number";
                        case OTHER_METER ->
                            "what the old meter showed last is missing; without it the distance breaks off";
                        case ROLLED_OVER ->
                            "the distance at which it begins again is missing, such as 100000 for five figures";
                    });
        }
        if (kind == Kind.ROLLED_OVER && before.filter(end -> end > shows).isEmpty()) {
            throw new OutOfRangeException(
                    EnteredQuantity.DISTANCE_ON_METER, shows + " km", "less than where it begins again");
        }
    }

    public static MeterEntry read(LocalDate on, double shows) {
        return new MeterEntry(on, shows, Kind.READ, Optional.empty());
    }

    /** Kilometres run since the entry before; negative where the meter went back. */
    double since(MeterEntry previous) {
        double last = before.orElse(0.0);
        return switch (kind) {
            case READ -> shows - previous.shows;
            case OTHER_METER -> last - previous.shows;
            case ROLLED_OVER -> last - previous.shows + shows;
        };
    }

    private static void require(Quantity what, double km) {
        if (!(km >= 0 && km <= MOST_KM)) {
            throw new OutOfRangeException(what, km + " km", "0 to 5,000,000 km");
        }
    }
}
