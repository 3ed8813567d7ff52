package oldtallow.app.stock.web;

import java.math.BigDecimal;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import oldtallow.app.stock.api.Shelf;
import oldtallow.app.stock.model.StockBatch;
import oldtallow.app.stock.model.StockItem;
import oldtallow.app.stock.model.StockItem.Tin;
import oldtallow.app.stock.model.StockMove;
import oldtallow.app.stock.model.Stocked;
import oldtallow.core.grease.Thickener;
import oldtallow.core.refusal.FieldErrors;
import oldtallow.core.stock.Money;
import oldtallow.core.stock.StockKind;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
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
    @GetMapping("/api/v1/shelf")
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
            @Nullable TinView tin,
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
                    one.item().tin().map(TinView::of).orElse(null),
                    one.item().version(),
                    one.batches().stream()
                            .map(batch -> StockBatchView.of(batch, today))
                            .toList());
        }
    }

    /** What is in a tin of grease. */
    record TinView(Thickener thickener, String thickenerWords, String code, int grams) {

        static TinView of(Tin tin) {
            return new TinView(tin.thickener(), tin.thickener().words(), tin.code(), tin.grams());
        }
    }

    record StockBatchView(
            UUID id,
            String batch,
            LocalDate madeOn,
            LocalDate keepsUntil,
            boolean outdated,
            String note,
            String grease,
            String history,
            int onHand) {

        static StockBatchView of(StockBatch batch, LocalDate today) {
            return new StockBatchView(
                    batch.id(),
                    batch.batch(),
                    batch.madeOn(),
                    batch.keepsUntil(),
                    batch.isOutdated(today),
                    batch.note(),
                    batch.grease(),
                    batch.history(),
                    batch.onHand());
        }
    }

    /** Enters a new item of the shelf. */
    @PostMapping("/api/v1/shelf/items")
    ShelfView enter(@RequestBody StockItemForm form) {
        shelf.enter(form.toItem(form.id(), 1));
        return shelf();
    }

    /** Changes an item of the shelf. */
    @PutMapping("/api/v1/shelf/items/{id}")
    ShelfView change(@PathVariable UUID id, @RequestBody StockItemForm form) {
        shelf.change(form.toItem(id, form.version()));
        return shelf();
    }

    /** {@code tin} of grease only; {@code version} as it was loaded; any number for a new one. */
    record StockItemForm(
            UUID id,
            StockKind kind,
            String designation,
            String words,
            String supplier,
            BigDecimal price,
            int want,
            @Nullable TinForm tin,
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
                    Optional.ofNullable(tin)
                            .map(one -> new Tin(one.thickener(), one.code().strip(), one.grams())),
                    version);
        }
    }

    /** {@code code} may be empty; {@code grams} in one piece. */
    record TinForm(Thickener thickener, String code, int grams) {}

    /** Takes in a delivery, or a bag that was sealed. */
    @PostMapping("/api/v1/shelf/items/{id}/batches")
    ShelfView receive(@PathVariable UUID id, @RequestBody DeliveryForm form) {
        shelf.receive(new Shelf.Delivery(
                form.id(),
                id,
                form.batch().strip(),
                form.madeOn(),
                form.note().strip(),
                text(form.grease()),
                text(form.history()),
                form.pieces()));
        return shelf();
    }

    /**
     * Pieces that came.
     *
     * @param madeOn packed, cured or sealed on that day
     * @param grease of a sealed bag
     * @param history of get-home spares: where they have run
     */
    record DeliveryForm(
            UUID id,
            String batch,
            LocalDate madeOn,
            String note,
            @Nullable String grease,
            @Nullable String history,
            int pieces) {}

    private static String text(@Nullable String typed) {
        return typed == null ? "" : typed.strip();
    }

    /** Moves pieces of a batch on or off the shelf. */
    @PostMapping("/api/v1/shelf/batches/{id}/moves")
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

    /** Puts right what lies there of a batch, after counting it. */
    @PostMapping("/api/v1/shelf/batches/{id}/count")
    ShelfView count(@PathVariable UUID id, @RequestBody CountForm form) {
        shelf.count(form.id(), id, form.counted(), form.note().strip());
        return shelf();
    }

    /** {@code counted}: pieces that are there. */
    record CountForm(UUID id, int counted, String note) {}
}
