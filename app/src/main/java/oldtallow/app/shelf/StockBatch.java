package oldtallow.app.shelf;

import java.time.LocalDate;
import java.util.UUID;

/**
 * Pieces of one thing that came together.
 *
 * @param batch batch or trace number; of a sealed bag the number written on it
 * @param madeOn packed, cured or sealed on that day
 * @param note what is in a bag, which grease, where a get-home spare has run; may be empty
 * @param onHand 0 or more
 */
public record StockBatch(
        UUID id, UUID itemId, String batch, LocalDate madeOn, LocalDate keepsUntil, String note, int onHand) {

    public boolean isOutdated(LocalDate today) {
        return keepsUntil.isBefore(today);
    }
}
