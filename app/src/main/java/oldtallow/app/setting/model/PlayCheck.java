package oldtallow.app.setting.model;

import java.time.Instant;
import java.util.UUID;
import oldtallow.core.quantity.Length;
import org.jspecify.annotations.Nullable;

/**
 * End play read again after a setting had run.
 *
 * @param settingId the setting it checks
 * @param uncertainty of the end play, k = 2
 * @param kilometres since it was set; null where nobody knows
 */
public record PlayCheck(
        UUID id,
        UUID settingId,
        Instant checkedAt,
        String checkedBy,
        Length endPlay,
        Length uncertainty,
        @Nullable Double kilometres) {}
