package oldtallow.app.stock.model;

import java.time.Instant;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Pieces that came onto the shelf or left it.
 *
 * @param pieces above 0 onto the shelf, below 0 off it
 * @param wheelEndId where they went or came from; null where no wheel end is in it
 */
public record StockMove(
        UUID id,
        UUID batchId,
        int pieces,
        Reason reason,
        @Nullable UUID wheelEndId,
        String note,
        String personName,
        Instant at) {

    /** Why it moved. */
    public enum Reason {
        RECEIVED,
        /** Into a wheel end. */
        FITTED,
        /** Out of a wheel end again, unused. */
        TAKEN_BACK,
        /** Put right after counting. */
        COUNTED,
        SCRAPPED;

        /** Whether a wheel end belongs to it. */
        public boolean isOfWheelEnd() {
            return this == FITTED || this == TAKEN_BACK;
        }

        /** Whether so many pieces, onto the shelf above 0, can be for this reason. */
        public boolean allows(int pieces) {
            return switch (this) {
                case RECEIVED, TAKEN_BACK -> pieces > 0;
                case FITTED, SCRAPPED -> pieces < 0;
                case COUNTED -> pieces != 0;
            };
        }
    }
}
