package oldtallow.core.travel.trip;

import java.time.LocalDate;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.OutOfRangeException;

/**
 * A leg of a trip.
 *
 * @param on the day it is driven
 * @param km 0 to 20,000
 * @param noHelp nobody there sells a bearing or tows
 * @param wet whether the hubs go under water
 */
public record Stretch(LocalDate on, double km, boolean noHelp, boolean wet) {

    public Stretch {
        if (!(km >= 0 && km <= 20_000)) {
            throw new OutOfRangeException(EnteredQuantity.DISTANCE_OF_LEG, km + " km", "0 to 20,000 km");
        }
    }
}
