package oldtallow.app.stock.api;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.platform.problem.ConflictException;
import oldtallow.app.platform.problem.NotFoundException;
import oldtallow.app.register.api.Register;
import oldtallow.app.stock.model.ShelfStore;
import oldtallow.app.stock.model.StockBatch;
import oldtallow.app.stock.model.StockItem;
import oldtallow.app.stock.model.StockMove;
import oldtallow.app.stock.model.StockMove.Reason;
import oldtallow.app.stock.model.Stocked;
import oldtallow.core.refusal.FieldErrors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The stores of the workshop that asks. */
@Service
public class Shelf {

    private static final int MOST_PIECES = 10_000;

    private final ShelfStore store;
    private final Register register;
    private final Clock clock;

    Shelf(ShelfStore store, Register register, Clock clock) {
        this.store = store;
        this.register = register;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public List<Stocked> all() {
        LocalDate today = LocalDate.now(clock);
        List<StockItem> items = store.items();
        Map<UUID, List<StockBatch>> batches = store
                .batches(items.stream().map(StockItem::id).toList())
                .stream()
                .collect(Collectors.groupingBy(StockBatch::itemId));
        return items.stream()
                .map(item -> stocked(item, batches.getOrDefault(item.id(), List.of()), today))
                .toList();
    }

    /** Puts a thing on the list; tried again under its id it is the same. */
    @Transactional
    public void enter(StockItem item) {
        StockRules.check(item);
        if (store.item(item.id()).isEmpty() && !store.add(item)) {
            refuseTaken(item);
        }
    }

    @Transactional
    public void change(StockItem item) {
        StockRules.check(item);
        StockItem now = store.item(item.id()).orElseThrow(() -> new NotFoundException("stock item", item.id()));
        if (now.isSameAs(item)) {
            return; // sent twice
        }
        if (now.version() != item.version()) {
            throw new ConflictException("Somebody changed " + now.designation() + " meanwhile. Load it again.");
        }
        if (!store.change(item)) {
            refuseTaken(item);
        }
    }

    /**
     * Pieces of a batch that came.
     *
     * @param id so that a try repeated is one delivery
     * @param madeOn packed, cured or sealed on that day
     * @param grease of a bag, else empty
     * @param history of get-home spares, else empty
     */
    public record Delivery(
            UUID id,
            UUID itemId,
            String batch,
            LocalDate madeOn,
            String note,
            String grease,
            String history,
            int pieces) {}

    /** Takes in a delivery; more of a batch that is there are added to it. The batch they are of then. */
    @Transactional
    public UUID receive(Delivery came) {
        StockRules.check(came, LocalDate.now(clock));
        StockItem item =
                store.item(came.itemId()).orElseThrow(() -> new NotFoundException("stock item", came.itemId()));
        StockRules.check(came, item);
        UUID batchId = store.batches(List.of(item.id())).stream()
                .filter(one -> one.batch().equalsIgnoreCase(came.batch()))
                .map(StockBatch::id)
                .findFirst()
                .orElseGet(() -> begin(item, came));
        var move = new StockMove(
                came.id(),
                batchId,
                came.pieces(),
                Reason.RECEIVED,
                null,
                "",
                CurrentPerson.now().name(),
                clock.instant());
        if (!wasSentBefore(move)) {
            write(move);
        }
        return batchId;
    }

    private UUID begin(StockItem item, Delivery came) {
        var batch = new StockBatch(
                UUID.randomUUID(),
                item.id(),
                came.batch(),
                came.madeOn(),
                item.keeps().until(came.madeOn()),
                came.note(),
                came.grease(),
                came.history(),
                0);
        store.add(batch);
        return batch.id();
    }

    /** Moves pieces on or off the shelf; tried again under its id it is one move. */
    @Transactional
    public StockBatch move(StockMove move) {
        StockBatch batch =
                store.batch(move.batchId()).orElseThrow(() -> new NotFoundException("batch", move.batchId()));
        if (wasSentBefore(move)) {
            return batch;
        }
        StockRules.check(move, batch, LocalDate.now(clock));
        if (move.wheelEndId() != null) {
            register.wheelEnd(move.wheelEndId());
        }
        write(new StockMove(
                move.id(),
                move.batchId(),
                move.pieces(),
                move.reason(),
                move.wheelEndId(),
                move.note(),
                CurrentPerson.now().name(),
                clock.instant()));
        return store.batch(move.batchId()).orElseThrow();
    }

    /**
     * Puts right what lies there, after counting; tried again under its id it is one count.
     *
     * @param counted pieces that are there
     */
    @Transactional
    public void count(UUID id, UUID batchId, int counted, String note) {
        StockBatch batch = store.batch(batchId).orElseThrow(() -> new NotFoundException("batch", batchId));
        var errors = new FieldErrors();
        if (counted < 0 || counted > MOST_PIECES) {
            errors.add("counted", counted, "must be 0 to 10,000");
        }
        errors.throwIfAny();
        int off = counted - batch.onHand();
        if (off != 0) {
            move(new StockMove(id, batchId, off, Reason.COUNTED, null, note, "", clock.instant()));
        }
    }

    private boolean wasSentBefore(StockMove move) {
        return store.move(move.id()).isPresent();
    }

    private void write(StockMove move) {
        if (!store.move(CurrentPerson.now(), move)) {
            int left = store.batch(move.batchId()).map(StockBatch::onHand).orElse(0);
            throw new ConflictException("Only " + left + " of this batch are on the shelf; somebody may have taken"
                    + " the last. Take fewer, take another batch, or count the shelf.");
        }
    }

    private static Stocked stocked(StockItem item, List<StockBatch> batches, LocalDate today) {
        int good = batches.stream()
                .filter(batch -> !batch.isOutdated(today))
                .mapToInt(StockBatch::onHand)
                .sum();
        return new Stocked(item, batches, good);
    }

    private static void refuseTaken(StockItem item) {
        var errors = new FieldErrors();
        errors.add("designation", item.designation(), "is on the shelf already; look for it there");
        errors.throwIfAny();
    }
}
