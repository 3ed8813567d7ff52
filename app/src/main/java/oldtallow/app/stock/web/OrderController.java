package oldtallow.app.stock.web;

import de.siegmar.fastcsv.writer.CsvWriter;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import oldtallow.app.stock.api.Kits.KitLine;
import oldtallow.app.stock.api.OrderList;
import oldtallow.app.stock.api.OrderList.Line;
import oldtallow.app.stock.api.OrderList.Orders;
import oldtallow.app.stock.api.OrderList.Planned;
import oldtallow.app.stock.model.PlannedJob;
import oldtallow.core.hub.part.Part;
import oldtallow.core.procedure.brief.Choices;
import oldtallow.core.procedure.brief.Choices.HubBrings;
import oldtallow.core.procedure.brief.Scope;
import oldtallow.core.stock.Money;
import oldtallow.core.stock.StockKind;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class OrderController {

    /** How formulae begin in spreadsheets (OWASP, CSV injection). */
    private static final String FORMULA = "=+-@\uff1d\uff0b\uff0d\uff20\t\r\n";

    private final OrderList orders;

    OrderController(OrderList orders) {
        this.orders = orders;
    }

    /** Planned jobs with their kits, and what to order for all of them and for the shelf. */
    @GetMapping("/api/v1/order-list")
    OrderListView orderList() {
        return OrderListView.of(orders.orders());
    }

    /** The order list for a spreadsheet. */
    @GetMapping("/api/v1/order-list.csv")
    ResponseEntity<String> csv() {
        var table = new StringWriter();
        try (CsvWriter csv = CsvWriter.builder().build(table)) {
            csv.writeRecord("supplier", "kind", "designation", "pieces", "price of one", "cost");
            for (Line line : orders.orders().lines()) {
                csv.writeRecord(
                        text(line.supplier()),
                        text(line.kind().words()),
                        text(line.designation()),
                        Integer.toString(line.pieces()),
                        line.price().amount().toPlainString(),
                        line.cost().amount().toPlainString());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return ResponseEntity.ok()
                .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
                .body(table.toString());
    }

    /** A text no spreadsheet takes for a formula: what begins like one gets an apostrophe, which spreadsheets do not show. */
    private static String text(String cell) {
        return !cell.isEmpty() && FORMULA.indexOf(cell.charAt(0)) >= 0 ? "'" + cell : cell;
    }

    /** Plans a job on a wheel end; an earlier plan for it is replaced. */
    @PostMapping("/api/v1/planned-jobs")
    OrderListView plan(@RequestBody PlannedJobForm form) {
        orders.plan(new PlannedJob(
                form.id(),
                form.wheelEndId(),
                form.scope(),
                form.hubBrings() == null ? Choices.USUAL.hubBrings() : form.hubBrings(),
                form.wantedOn()));
        return orderList();
    }

    /** {@code hubBrings}: what a new hub comes with; the usual where it is left out. */
    record PlannedJobForm(
            UUID id, UUID wheelEndId, Scope scope, @Nullable HubBrings hubBrings, LocalDate wantedOn) {}

    /** Drops a planned job. */
    @DeleteMapping("/api/v1/planned-jobs/{id}")
    OrderListView drop(@PathVariable UUID id) {
        orders.drop(id);
        return orderList();
    }

    record OrderListView(List<PlannedJobView> planned, List<CalledForView> calledFor, List<OrderView> orders) {

        static OrderListView of(Orders all) {
            Map<String, List<Line>> bySupplier = all.lines().stream()
                    .collect(Collectors.groupingBy(Line::supplier, TreeMap::new, Collectors.toList()));
            return new OrderListView(
                    all.planned().stream().map(PlannedJobView::of).toList(),
                    all.calledFor().stream().map(CalledForView::of).toList(),
                    bySupplier.entrySet().stream()
                            .map(entry -> OrderView.of(entry.getKey(), entry.getValue()))
                            .toList());
        }
    }

    /** What a running job called for on the way; {@code parts}: all of them in words, those no shelf keeps too. */
    record CalledForView(UUID jobId, String rigName, String position, List<String> parts, List<KitLineView> lines) {

        static CalledForView of(OrderList.CalledFor one) {
            return new CalledForView(
                    one.job().jobId(),
                    one.job().end().rigName(),
                    one.job().end().positionName(),
                    one.job().parts().stream().map(Part::words).toList(),
                    one.lines().stream().map(KitLineView::of).toList());
        }
    }

    /** What to order from one supplier; {@code supplier} is empty where none is on record. */
    record OrderView(String supplier, List<OrderLineView> lines, BigDecimal total) {

        static OrderView of(String supplier, List<Line> lines) {
            return new OrderView(
                    supplier,
                    lines.stream().map(OrderLineView::of).toList(),
                    lines.stream()
                            .map(Line::cost)
                            .reduce(Money.ZERO, Money::plus)
                            .amount());
        }
    }

    /** {@code price} of one. */
    record OrderLineView(StockKind kind, String designation, BigDecimal price, int pieces) {

        static OrderLineView of(Line line) {
            return new OrderLineView(
                    line.kind(), line.designation(), line.price().amount(), line.pieces());
        }
    }

    /** {@code hubBrings}: null where there is no new hub; {@code saved}: parts bought kits rarely hold, in words. */
    record PlannedJobView(
            UUID id,
            UUID wheelEndId,
            String rigName,
            String position,
            Scope scope,
            String scopeWords,
            @Nullable String hubBrings,
            LocalDate wantedOn,
            boolean allHere,
            List<KitLineView> kit,
            List<String> saved) {

        static PlannedJobView of(Planned one) {
            List<KitLineView> kit =
                    one.kit().lines().stream().map(KitLineView::of).toList();
            return new PlannedJobView(
                    one.job().id(),
                    one.wheelEnd().id(),
                    one.wheelEnd().rigName(),
                    one.wheelEnd().positionName(),
                    one.job().scope(),
                    one.job().scope().words(),
                    one.job().scope().takesNewHub() ? one.job().hubBrings().words() : null,
                    one.job().wantedOn(),
                    kit.stream().allMatch(KitLineView::here),
                    kit,
                    one.kit().saved().stream().map(Part::words).toList());
        }
    }

    /** {@code here}: whether a good one lies on the shelf, other jobs left aside. */
    record KitLineView(String part, StockKind kind, String designation, boolean here) {

        static KitLineView of(KitLine line) {
            return new KitLineView(
                    line.part().words(),
                    line.kind(),
                    line.designation(),
                    line.stocked().filter(stocked -> stocked.good() > 0).isPresent());
        }
    }
}
