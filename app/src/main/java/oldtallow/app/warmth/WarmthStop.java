package oldtallow.app.warmth;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import oldtallow.core.warmth.Felt;
import org.jspecify.annotations.Nullable;

/**
 * A stop at which hubs were felt or measured.
 *
 * @param tripId on which trip; null outside one
 * @param tripKm how far into it; null where nobody said
 * @param jobId of a job that was proved; else null
 * @param dayCelsius null where nobody said
 * @param hubs not empty
 */
public record WarmthStop(
        UUID id,
        UUID rigId,
        Instant at,
        @Nullable UUID tripId,
        @Nullable Double tripKm,
        @Nullable UUID jobId,
        @Nullable Double dayCelsius,
        List<Hub> hubs,
        String person,
        String note) {

    public WarmthStop {
        hubs = List.copyOf(hubs);
    }

    /** A hub at the stop. */
    public record Hub(UUID wheelEndId, Felt felt) {}
}
