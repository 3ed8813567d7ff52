package oldtallow.app.stock.api;

import java.time.LocalDate;
import oldtallow.app.stock.api.Shelf.Delivery;
import oldtallow.app.stock.model.StockBatch;
import oldtallow.app.stock.model.StockItem;
import oldtallow.app.stock.model.StockMove;
import oldtallow.app.stock.model.StockMove.Reason;
import oldtallow.core.grease.GreaseCode;
import oldtallow.core.refusal.FieldErrors;
import oldtallow.core.stock.StockKind;

/** What may stand on the shelf, come onto it and leave it; throws everything that is wrong at once. */
final class StockRules {

    private static final int MOST_PIECES = 10_000;
    private static final int MOST_WANTED = 10_000;
    private static final int MOST_GRAMS = 200_000;

    private StockRules() {}

    /** A delivery by itself. */
    static void check(Delivery came, LocalDate today) {
        var errors = new FieldErrors();
        if (came.batch().isBlank() || came.batch().length() > 40) {
            errors.add("batch", came.batch(), "must be 1 to 40 letters; without a number write the delivery's day");
        }
        if (came.madeOn().isAfter(today)) {
            errors.add("madeOn", came.madeOn(), "lies ahead; give the day it was packed, cured or sealed");
        }
        if (came.note().length() > 400) {
            errors.add("note", came.note().length(), "must be 400 letters at most");
        }
        if (came.grease().length() > 80) {
            errors.add("grease", came.grease().length(), "must be 80 letters at most");
        }
        if (came.history().length() > 400) {
            errors.add("history", came.history().length(), "must be 400 letters at most");
        }
        if (came.pieces() < 1 || came.pieces() > MOST_PIECES) {
            errors.add("pieces", came.pieces(), "must be 1 to 10,000");
        }
        errors.throwIfAny();
    }

    /** A delivery of a thing: a sealed bag says what it is packed with. */
    static void check(Delivery came, StockItem item) {
        var errors = new FieldErrors();
        if (item.kind() == StockKind.SPARE_BAG && came.grease().isBlank()) {
            errors.add("grease", null, "is missing; whoever opens the bag must know what it is packed with");
        }
        errors.throwIfAny();
    }

    /** A thing as entered. */
    static void check(StockItem item) {
        var errors = new FieldErrors();
        item.tin().ifPresent(tin -> check(tin, item.kind(), errors));
        if (item.designation().isBlank() || item.designation().length() > 60) {
            errors.add("designation", item.designation(), "must be 1 to 60 letters, as it stands on the box");
        }
        if (item.words().length() > 200) {
            errors.add("words", item.words().length(), "must be 200 letters at most");
        }
        if (item.supplier().length() > 80) {
            errors.add("supplier", item.supplier().length(), "must be 80 letters at most");
        }
        if (item.want() < 0 || item.want() > MOST_WANTED) {
            errors.add("want", item.want(), "must be 0 to 10,000");
        }
        errors.throwIfAny();
    }

    static void check(StockMove move, StockBatch batch, LocalDate today) {
        var errors = new FieldErrors();
        if (move.reason() == Reason.FITTED
                && batch.isOutdated(today)
                && move.note().isBlank()) {
            errors.add(
                    "note",
                    null,
                    "must say why it is still good: this batch kept until " + batch.keepsUntil()
                            + ". Or take a fresher one");
        }
        if (Math.abs(move.pieces()) > MOST_PIECES || !move.reason().allows(move.pieces())) {
            errors.add(
                    "pieces",
                    move.pieces(),
                    "must be " + (move.reason() == Reason.COUNTED ? "other than 0" : "1 or more, the right way"));
        }
        if (move.reason() == Reason.RECEIVED) {
            errors.add("reason", move.reason(), "is a delivery; take it in with its batch");
        }
        if (move.reason().isOfWheelEnd() != (move.wheelEndId() != null)) {
            errors.add(
                    "wheelEndId",
                    move.wheelEndId(),
                    move.reason().isOfWheelEnd()
                            ? "is missing; say into which wheel end it goes"
                            : "belongs to parts that are fitted; leave it out");
        }
        if (move.note().length() > 400) {
            errors.add("note", move.note().length(), "must be 400 letters at most");
        }
        errors.throwIfAny();
    }

    private static void check(StockItem.Tin tin, StockKind kind, FieldErrors errors) {
        if (kind != StockKind.GREASE) {
            errors.add("thickener", tin.thickener(), "is of a grease; leave it out for a " + kind.words());
        }
        if (tin.grams() < 1 || tin.grams() > MOST_GRAMS) {
            errors.add("grams", tin.grams(), "must be 1 to 200,000 g in one tin");
        }
        if (!tin.code().isEmpty()) {
            errors.at("code", () -> GreaseCode.parse(tin.code()));
        }
    }
}
