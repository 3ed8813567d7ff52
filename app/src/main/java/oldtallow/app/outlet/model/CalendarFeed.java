package oldtallow.app.outlet.model;

import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * An address for calendar programs.
 *
 * @param rigId of one rig; null for the whole yard
 * @param lastReadOn null before a calendar came
 */
public record CalendarFeed(
        UUID id,
        UUID personId,
        String name,
        @Nullable UUID rigId,
        Instant createdAt,
        @Nullable LocalDate lastReadOn) {}
