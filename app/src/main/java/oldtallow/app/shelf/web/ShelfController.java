package oldtallow.app.shelf.web;

import java.math.BigDecimal;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import oldtallow.app.platform.FieldErrors;
import oldtallow.app.shelf.Shelf;
import oldtallow.app.shelf.Shelf.Carries;
import oldtallow.app.shelf.Shelf.Stocked;
import oldtallow.app.shelf.Shelf.Trace;
import oldtallow.app.shelf.StockBatch;
import oldtallow.app.shelf.StockItem;
import oldtallow.app.shelf.StockMove;
import oldtallow.core.store.Money;
import oldtallow.core.store.StockKind;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class ShelfController {

    private final Shelf shelf;
    private final Clock clock;

    ShelfController(Shelf shelf, Clock clock) {
        this.shelf = shelf;
        this.clock = clock;
    }

    /** Everything the stores keep. */
    @GetMapping("/api/shelf")
    ShelfView shelf() {
        LocalDate today = LocalDate.now(clock);
        return new ShelfView(
                Stream.of(StockKind.values())
                        .map(kind -> new StockKindView(
                                kind, kind.words(), kind.keeps().months()))
                        .toList(),
                shelf.all().stream().map(one -> StockItemView.of(one, today)).toList());
    }

    record ShelfView(List<StockKindView> kinds, List<StockItemView> items) {}

    record StockKindView(StockKind id, String words, int keepsMonths) {}

    /** {@code good}: pieces that have not outlived their day; {@code price} of one. */
    record StockItemView(
            UUID id,
            StockKind kind,
            String designation,
            String words,
            String supplier,
            BigDecimal price,
            int want,
            int good,
            int missing,
            int version,
            List<StockBatchView> batches) {

        static StockItemView of(Stocked one, LocalDate today) {
            return new StockItemView(
                    one.item().id(),
                    one.item().kind(),
                    one.item().designation(),
                    one.item().words(),
                    one.item().supplier(),
                    one.item().price().amount(),
                    one.item().want(),
                    one.good(),
                    one.missing(),
                    one.item().version(),
                    one.batches().stream()
                            .map(batch -> StockBatchView.of(batch, today))
                            .toList());
        }
    }

    record StockBatchView(
            UUID id, String batch, LocalDate madeOn, LocalDate keepsUntil, boolean outdated, String note, int onHand) {

        static StockBatchView of(StockBatch batch, LocalDate today) {
            return new StockBatchView(
                    batch.id(),
                    batch.batch(),
                    batch.madeOn(),
                    batch.keepsUntil(),
                    batch.isOutdated(today),
                    batch.note(),
                    batch.onHand());
        }
    }

    @PostMapping("/api/shelf/items")
    ShelfView enter(@RequestBody StockItemForm form) {
        shelf.enter(form.toItem(form.id(), 1));
        return shelf();
    }

    @PutMapping("/api/shelf/items/{id}")
    ShelfView change(@PathVariable UUID id, @RequestBody StockItemForm form) {
        shelf.change(form.toItem(id, form.version()));
        return shelf();
    }

    /** {@code version} as it was loaded; any number for a new one. */
    record StockItemForm(
            UUID id,
            StockKind kind,
            String designation,
            String words,
            String supplier,
            BigDecimal price,
            int want,
            int version) {

        StockItem toItem(UUID id, int version) {
            var errors = new FieldErrors();
            Money amount = errors.require(errors.at("price", () -> Money.of(price)));
            return new StockItem(
                    id,
                    kind,
                    designation.strip(),
                    words.strip(),
                    supplier.strip(),
                    amount,
                    kind.keeps(),
                    want,
                    version);
        }
    }

    /** Takes in a delivery, or a bag that was sealed. */
    @PostMapping("/api/shelf/items/{id}/batches")
    ShelfView receive(@PathVariable UUID id, @RequestBody DeliveryForm form) {
        shelf.receive(new Shelf.Delivery(
                form.id(), id, form.batch().strip(), form.madeOn(), form.note().strip(), form.pieces()));
        return shelf();
    }

    /** {@code madeOn}: packed, cured or sealed on that day. */
    record DeliveryForm(UUID id, String batch, LocalDate madeOn, String note, int pieces) {}

    /** Moves pieces of a batch on or off the shelf. */
    @PostMapping("/api/shelf/batches/{id}/moves")
    ShelfView move(@PathVariable UUID id, @RequestBody StockMoveForm form) {
        shelf.move(new StockMove(
                form.id(),
                id,
                form.pieces(),
                form.reason(),
                form.wheelEndId(),
                form.note().strip(),
                "",
                clock.instant()));
        return shelf();
    }

    /** {@code pieces} above 0 onto the shelf, below 0 off it. */
    record StockMoveForm(
            UUID id,
            int pieces,
            StockMove.Reason reason,
            @Nullable UUID wheelEndId,
            String note) {}

    /** From a batch number, or how it begins, to every wheel end that carries it. */
    @GetMapping("/api/shelf/recall")
    List<TraceView> recall(@RequestParam String batch) {
        return shelf.recall(batch).stream().map(TraceView::of).toList();
    }

    /** What came from the shelf into a wheel end. */
    @GetMapping("/api/wheel-ends/{id}/from-the-shelf")
    List<TraceView> ofWheelEnd(@PathVariable UUID id) {
        return shelf.of(id).stream().map(TraceView::of).toList();
    }

    record TraceView(
            UUID batchId,
            StockKind kind,
            String designation,
            String batch,
            LocalDate madeOn,
            LocalDate keepsUntil,
            String note,
            int onHand,
            List<CarriesView> carriedBy,
            List<StockMoveView> moves) {

        static TraceView of(Trace trace) {
            return new TraceView(
                    trace.batch().id(),
                    trace.item().kind(),
                    trace.item().designation(),
                    trace.batch().batch(),
                    trace.batch().madeOn(),
                    trace.batch().keepsUntil(),
                    trace.batch().note(),
                    trace.batch().onHand(),
                    trace.carriedBy().stream()
                            .map(CarriesView::of)
                            .sorted(Comparator.comparing(CarriesView::rigName).thenComparing(CarriesView::position))
                            .toList(),
                    trace.moves().stream().map(StockMoveView::of).toList());
        }
    }

    record CarriesView(UUID wheelEndId, String rigName, String position, int pieces) {

        static CarriesView of(Carries carries) {
            return new CarriesView(
                    carries.wheelEnd().id(),
                    carries.wheelEnd().rigName(),
                    carries.wheelEnd().positionName(),
                    carries.pieces());
        }
    }

    record StockMoveView(int pieces, StockMove.Reason reason, String note, String by, Instant at) {

        static StockMoveView of(StockMove move) {
            return new StockMoveView(move.pieces(), move.reason(), move.note(), move.personName(), move.at());
        }
    }
}
