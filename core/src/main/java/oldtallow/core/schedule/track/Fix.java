package oldtallow.core.schedule.track;

import java.time.Instant;
import java.util.Optional;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.OutOfRangeException;

/**
 * A place on a track.
 *
 * @param latitude −90 to 90 degrees north
 * @param longitude −180 to 180 degrees east
 */
public record Fix(double latitude, double longitude, Optional<Instant> at) {

    public Fix {
        if (!(latitude >= -90 && latitude <= 90)) {
            throw new OutOfRangeException(EnteredQuantity.LATITUDE, latitude, "−90 to 90 degrees");
        }
        if (!(longitude >= -180 && longitude <= 180)) {
            throw new OutOfRangeException(EnteredQuantity.LONGITUDE, longitude, "−180 to 180 degrees");
        }
    }
}
