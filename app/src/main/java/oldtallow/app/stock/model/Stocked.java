package oldtallow.app.stock.model;

import java.util.List;

/**
 * A thing of the shelf with what is there of it.
 *
 * @param good pieces that have not outlived their day
 */
public record Stocked(StockItem item, List<StockBatch> batches, int good) {

    /** How many to order so that enough lie there. */
    public int missing() {
        return Math.max(0, item.want() - good);
    }
}
