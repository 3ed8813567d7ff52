package oldtallow.app.stock.web;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import oldtallow.app.stock.api.Recall;
import oldtallow.app.stock.api.Recall.Carries;
import oldtallow.app.stock.api.Recall.FittedWith;
import oldtallow.app.stock.api.Recall.Trace;
import oldtallow.app.stock.model.StockMove;
import oldtallow.core.stock.StockKind;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class RecallController {

    private final Recall recall;

    RecallController(Recall recall) {
        this.recall = recall;
    }

    /** From a batch number, or how it begins, to every wheel end that carries it. */
    @GetMapping("/api/v1/shelf/recall")
    RecallView recall(@RequestParam String batch) {
        Recall.Found found = recall.recall(batch);
        return new RecallView(
                found.batches().stream().map(TraceView::of).toList(),
                found.fitted().stream()
                        .map(FittedWithView::of)
                        .sorted(Comparator.comparing(FittedWithView::rigName).thenComparing(FittedWithView::position))
                        .toList());
    }

    /** {@code fitted}: parts that carry the number as written down at their wheel end. */
    record RecallView(List<TraceView> batches, List<FittedWithView> fitted) {}

    record FittedWithView(UUID wheelEndId, String rigName, String position, String part, String batch) {

        static FittedWithView of(FittedWith one) {
            return new FittedWithView(
                    one.wheelEnd().id(),
                    one.wheelEnd().rigName(),
                    one.wheelEnd().positionName(),
                    one.part().words(),
                    one.part().batch());
        }
    }

    /** What came from the shelf into a wheel end. */
    @GetMapping("/api/v1/wheel-ends/{id}/from-the-shelf")
    List<TraceView> ofWheelEnd(@PathVariable UUID id) {
        return recall.of(id).stream().map(TraceView::of).toList();
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
