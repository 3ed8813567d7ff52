package oldtallow.app.stock.model;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.identity.access.SignedIn;

/** Where the stores are kept. */
public interface ShelfStore {

    /** By kind and designation. */
    List<StockItem> items();

    Optional<StockItem> item(UUID itemId);

    List<StockItem> itemsOf(Collection<UUID> itemIds);

    /** False where its id, or its kind and designation, are taken. */
    boolean add(StockItem item);

    /** False where somebody changed it since that version, or its designation is taken. */
    boolean change(StockItem item);

    /** Of these items, the oldest first; empty ones too. */
    List<StockBatch> batches(Collection<UUID> itemIds);

    Optional<StockBatch> batch(UUID batchId);

    /** Batches whose number begins so, however it is written. */
    List<StockBatch> batchesBeginning(String number, int most);

    /** With nothing on hand yet; false where its id or number is taken. */
    boolean add(StockBatch batch);

    /** The move that is on record under this id. */
    Optional<StockMove> move(UUID moveId);

    /** Moves pieces; false where fewer are on hand than are taken. */
    boolean move(SignedIn person, StockMove move);

    /** Of these batches, each batch's latest first, at most twenty of each. */
    List<StockMove> latestMoves(Collection<UUID> batchIds);

    /** Pieces of these batches that are in wheel ends, those taken back left out; every one of them. */
    List<InWheelEnd> carried(Collection<UUID> batchIds);

    /** So many pieces of a batch in a wheel end. */
    record InWheelEnd(UUID batchId, UUID wheelEndId, int pieces) {}

    /** Batches that a wheel end carries pieces of, the one fitted last first. */
    List<StockBatch> batchesIn(UUID wheelEndId);
}
