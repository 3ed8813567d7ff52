package oldtallow.phone.kept;

import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.identity.access.SignedIn;
import oldtallow.app.stock.model.ShelfStore;
import oldtallow.app.stock.model.StockBatch;
import oldtallow.app.stock.model.StockItem;
import oldtallow.app.stock.model.StockMove;
import oldtallow.app.trackside.model.TakenAlong;

/** What lay on the shelf; counted and moved on the server. */
final class KeptShelf implements ShelfStore {

    private final TakenAlong.Shelf taken;

    KeptShelf(TakenAlong.Shelf taken) {
        this.taken = taken;
    }

    @Override
    public List<StockItem> items() {
        return taken.items();
    }

    @Override
    public Optional<StockItem> item(UUID itemId) {
        return itemsOf(List.of(itemId)).stream().findFirst();
    }

    @Override
    public List<StockItem> itemsOf(Collection<UUID> itemIds) {
        return taken.items().stream().filter(one -> itemIds.contains(one.id())).toList();
    }

    @Override
    public List<StockBatch> batches(Collection<UUID> itemIds) {
        return taken.batches().stream()
                .filter(one -> itemIds.contains(one.itemId()))
                .sorted(Comparator.comparing(StockBatch::keepsUntil).thenComparing(StockBatch::batch))
                .toList();
    }

    @Override
    public Optional<StockBatch> batch(UUID batchId) {
        return taken.batches().stream().filter(one -> one.id().equals(batchId)).findFirst();
    }

    @Override
    public List<InWheelEnd> carried(Collection<UUID> batchIds) {
        return taken.carried().stream()
                .filter(one -> batchIds.contains(one.batchId()))
                .toList();
    }

    @Override
    public List<StockBatch> batchesIn(UUID wheelEndId) {
        return taken.carried().stream()
                .filter(one -> one.wheelEndId().equals(wheelEndId))
                .flatMap(one -> batch(one.batchId()).stream())
                .toList();
    }

    /** Moves stay at home. */
    @Override
    public List<StockMove> latestMoves(Collection<UUID> batchIds) {
        return List.of();
    }

    @Override
    public List<StockBatch> batchesBeginning(String number, int most) {
        throw Rows.needsServer();
    }

    @Override
    public boolean add(StockItem item) {
        throw Rows.needsServer();
    }

    @Override
    public boolean change(StockItem item) {
        throw Rows.needsServer();
    }

    @Override
    public boolean add(StockBatch batch) {
        throw Rows.needsServer();
    }

    @Override
    public Optional<StockMove> move(UUID moveId) {
        throw Rows.needsServer();
    }

    @Override
    public boolean move(SignedIn person, StockMove move) {
        throw Rows.needsServer();
    }
}
