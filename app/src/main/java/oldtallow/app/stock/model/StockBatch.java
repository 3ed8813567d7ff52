package oldtallow.app.stock.model;

import java.time.LocalDate;
import java.util.UUID;

/**
 * Pieces of one thing that came together.
 *
 * @param batch batch or trace number; of a sealed bag the number written on it
 * @param madeOn packed, cured or sealed on that day
 * @param note may be empty
 * @param grease a bag's bearings are packed with it; empty for all but bags
 * @param history of get-home spares: where they have run; empty for new ones
 * @param onHand 0 or more
 */
public record StockBatch(
        UUID id,
        UUID itemId,
        String batch,
        LocalDate madeOn,
        LocalDate keepsUntil,
        String note,
        String grease,
        String history,
        int onHand) {

    public boolean isOutdated(LocalDate today) {
        return keepsUntil.isBefore(today);
    }
}
