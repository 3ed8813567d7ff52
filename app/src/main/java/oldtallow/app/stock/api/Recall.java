package oldtallow.app.stock.api;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import oldtallow.app.platform.problem.NotFoundException;
import oldtallow.app.register.api.FittedParts;
import oldtallow.app.register.api.Register;
import oldtallow.app.register.model.FittedPart;
import oldtallow.app.register.model.WheelEndName;
import oldtallow.app.stock.model.ShelfStore;
import oldtallow.app.stock.model.ShelfStore.InWheelEnd;
import oldtallow.app.stock.model.StockBatch;
import oldtallow.app.stock.model.StockItem;
import oldtallow.app.stock.model.StockMove;
import oldtallow.core.refusal.FieldErrors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** From a batch to the wheel ends that carry it, and back. */
@Service
public class Recall {

    private static final int MOST_BATCHES = 50;
    private static final int MOST_FOUND = 6;

    private final ShelfStore store;
    private final Register register;
    private final FittedParts fitted;

    Recall(ShelfStore store, Register register, FittedParts fitted) {
        this.store = store;
        this.register = register;
        this.fitted = fitted;
    }

    /**
     * A batch and where its pieces are.
     *
     * @param moves the latest first; the earliest may be left out
     * @param carriedBy every wheel end that carries pieces of it
     */
    public record Trace(StockItem item, StockBatch batch, List<StockMove> moves, List<Carries> carriedBy) {}

    /** A wheel end that carries pieces of a batch. */
    public record Carries(WheelEndName wheelEnd, int pieces) {}

    /** A part that carries the number, written down at its wheel end. */
    public record FittedWith(WheelEndName wheelEnd, FittedPart part) {}

    /**
     * Everything of a batch.
     *
     * @param batches of the shelf
     * @param fitted by what is written down at the wheel ends, whether it came from this shelf or not
     */
    public record Found(List<Trace> batches, List<FittedWith> fitted) {}

    /** Every batch whose number begins so, with the wheel ends that carry it. */
    @Transactional(readOnly = true)
    public Found recall(String typed) {
        String number = typed.strip();
        var errors = new FieldErrors();
        if (number.isEmpty()) {
            errors.add("batch", typed, "is missing; give the number or how it begins");
        }
        errors.throwIfAny();
        List<FittedPart> parts = fitted.ofBatch(number);
        Map<UUID, WheelEndName> names =
                register.names(parts.stream().map(FittedPart::wheelEndId).collect(Collectors.toSet()));
        return new Found(
                traces(store.batchesBeginning(number, MOST_BATCHES)),
                parts.stream()
                        .map(part -> new FittedWith(found(names, part.wheelEndId()), part))
                        .toList());
    }

    /** A batch and where its pieces are. */
    @Transactional(readOnly = true)
    public Trace trace(UUID batchId) {
        return traces(List.of(store.batch(batchId).orElseThrow(() -> new NotFoundException("batch", batchId))))
                .getFirst();
    }

    /** What came from the shelf into a wheel end, the latest first, with its batch. */
    @Transactional(readOnly = true)
    public List<Trace> of(UUID wheelEndId) {
        register.wheelEnd(wheelEndId);
        return traces(store.batchesIn(wheelEndId));
    }

    /** A batch, and what it is of. */
    public record Known(StockItem item, StockBatch batch) {}

    /** The first few batches whose number begins so. */
    @Transactional(readOnly = true)
    public List<Known> batches(String beginning) {
        List<StockBatch> batches = store.batchesBeginning(beginning, MOST_FOUND);
        Map<UUID, StockItem> items = items(batches);
        return batches.stream()
                .map(batch -> new Known(found(items, batch.itemId()), batch))
                .toList();
    }

    private List<Trace> traces(List<StockBatch> batches) {
        List<UUID> ids = batches.stream().map(StockBatch::id).toList();
        Map<UUID, List<StockMove>> moves =
                store.latestMoves(ids).stream().collect(Collectors.groupingBy(StockMove::batchId));
        Map<UUID, List<InWheelEnd>> carried =
                store.carried(ids).stream().collect(Collectors.groupingBy(InWheelEnd::batchId));
        Map<UUID, WheelEndName> names = register.names(wheelEnds(carried.values().stream()));
        Map<UUID, StockItem> items = items(batches);
        return batches.stream()
                .map(batch -> new Trace(
                        found(items, batch.itemId()),
                        batch,
                        moves.getOrDefault(batch.id(), List.of()),
                        carried.getOrDefault(batch.id(), List.of()).stream()
                                .map(one -> new Carries(found(names, one.wheelEndId()), one.pieces()))
                                .toList()))
                .toList();
    }

    private Map<UUID, StockItem> items(Collection<StockBatch> batches) {
        Set<UUID> ids = batches.stream().map(StockBatch::itemId).collect(Collectors.toSet());
        return store.itemsOf(ids).stream().collect(Collectors.toMap(StockItem::id, Function.identity()));
    }

    private static Set<UUID> wheelEnds(Stream<List<InWheelEnd>> carried) {
        return carried.flatMap(List::stream).map(InWheelEnd::wheelEndId).collect(Collectors.toSet());
    }

    /** References hold, so that what a row names is there. */
    private static <T> T found(Map<UUID, T> all, UUID id) {
        return Optional.ofNullable(all.get(id)).orElseThrow();
    }
}
