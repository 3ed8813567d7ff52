package oldtallow.app.stock.model;

import java.util.Optional;
import java.util.UUID;
import oldtallow.core.grease.Thickener;
import oldtallow.core.stock.Money;
import oldtallow.core.stock.ShelfLife;
import oldtallow.core.stock.StockKind;

/**
 * A thing the stores keep.
 *
 * @param designation as it stands on the box; of a bearing cone/cup
 * @param words what else there is to say; may be empty
 * @param supplier may be empty
 * @param price of one
 * @param want how many are to lie on the shelf at least
 * @param tin of grease only, where somebody has said what it is
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
        Optional<Tin> tin,
        int version) {

    /** Whether nothing but the count of its changes differs. */
    public boolean isSameAs(StockItem other) {
        return new StockItem(id, kind, designation, words, supplier, price, keeps, want, tin, other.version)
                .equals(other);
    }

    /**
     * A tin or cartridge of grease.
     *
     * @param code such as KP2K-30; may be empty
     * @param grams in one piece, 1 to 200,000
     */
    public record Tin(Thickener thickener, String code, int grams) {}
}
