package oldtallow.app.shelf;

import java.util.UUID;
import oldtallow.core.store.Money;
import oldtallow.core.store.ShelfLife;
import oldtallow.core.store.StockKind;

/**
 * A thing the stores keep.
 *
 * @param designation as it stands on the box; of a bearing cone/cup
 * @param words what else there is to say; may be empty
 * @param supplier may be empty
 * @param price of one
 * @param want how many are to lie on the shelf at least
 * @param version grows with every change
 */
public record StockItem(
        UUID id,
        StockKind kind,
        String designation,
        String words,
        String supplier,
        Money price,
        ShelfLife keeps,
        int want,
        int version) {}
