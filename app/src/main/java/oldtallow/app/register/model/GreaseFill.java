package oldtallow.app.register.model;

import java.time.Instant;
import java.util.UUID;
import oldtallow.core.grease.Grease;
import org.jspecify.annotations.Nullable;

/**
 * Grease that went into a wheel end.
 *
 * @param jobId null where it was written down without a job
 * @param batch may be empty
 */
public record GreaseFill(
        UUID id, UUID wheelEndId, @Nullable UUID jobId, Grease grease, String batch, String by, Instant at) {}
