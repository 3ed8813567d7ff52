package oldtallow.app.setting.model;

import java.time.Instant;
import java.util.UUID;
import oldtallow.core.setting.measure.DialReadings;
import org.jspecify.annotations.Nullable;

/**
 * End play read again, as it is reported.
 *
 * @param id made by the client; the same id sent again is the same reading
 * @param kilometres since it was set, 0 to 1,000,000; null where nobody knows
 */
public record NewPlayCheck(
        UUID id,
        UUID wheelEndId,
        Instant checkedAt,
        DialReadings readings,
        @Nullable Double kilometres) {}
