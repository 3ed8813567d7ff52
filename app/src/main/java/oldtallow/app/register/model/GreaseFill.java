package oldtallow.app.register.model;

import java.time.Instant;
import java.util.UUID;
import oldtallow.core.grease.Thickener;
import org.jspecify.annotations.Nullable;

/**
 * Grease that went into a wheel end.
 *
 * @param jobId null where it was written down without a job
 * @param batch may be empty
 */
public record GreaseFill(
        UUID id, UUID wheelEndId, @Nullable UUID jobId, Grease grease, String batch, String by, Instant at) {

    /**
     * A grease.
     *
     * @param name as on the tin; empty where nobody wrote it down
     * @param code such as KP2K-30; may be empty
     */
    public record Grease(String name, Thickener thickener, String code) {

        /** It was filled, and nobody wrote down with what. */
        public static final Grease UNKNOWN = new Grease("", Thickener.UNKNOWN, "");

        public boolean known() {
            return thickener != Thickener.UNKNOWN;
        }
    }
}
