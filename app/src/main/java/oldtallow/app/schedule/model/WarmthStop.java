package oldtallow.app.schedule.model;

import java.time.Instant;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import oldtallow.core.travel.warmth.Felt;
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

    /** Whether it says the same of the same hubs; a device tells the time of its last try. */
    public boolean isSameAs(WarmthStop other) {
        return id.equals(other.id)
                && Set.copyOf(hubs).equals(Set.copyOf(other.hubs))
                && Objects.equals(dayCelsius, other.dayCelsius)
                && Objects.equals(tripKm, other.tripKm)
                && note.equals(other.note);
    }

    /** A hub at the stop. */
    public record Hub(UUID wheelEndId, Felt felt) {}
}
