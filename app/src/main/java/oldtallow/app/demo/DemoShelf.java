package oldtallow.app.demo;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.demo.DemoYard.DemoBatch;
import oldtallow.app.demo.DemoYard.DemoGreasing;
import oldtallow.app.demo.DemoYard.DemoRates;
import oldtallow.app.demo.DemoYard.DemoStock;
import oldtallow.app.demo.DemoYard.DemoTool;
import oldtallow.app.demo.DemoYard.DemoWheel;
import oldtallow.app.identity.api.Workshops;
import oldtallow.app.identity.model.Rates;
import oldtallow.app.register.api.GreaseFills;
import oldtallow.app.register.api.Register;
import oldtallow.app.register.api.Tools;
import oldtallow.app.register.reference.WorkshopTool;
import oldtallow.app.stock.api.Shelf;
import oldtallow.app.stock.model.StockItem;
import oldtallow.app.stock.model.StockItem.Tin;
import oldtallow.app.stock.model.StockMove;
import oldtallow.core.grease.Grease;
import oldtallow.core.quantity.Length;
import oldtallow.core.stock.Money;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** What lies in the demo's stores and hangs on its walls. */
@Component
@ConditionalOnProperty("oldtallow.demo")
class DemoShelf {

    private final Shelf shelf;
    private final Register register;
    private final GreaseFills greasings;
    private final Tools tools;
    private final Workshops workshops;
    private final Clock clock;

    DemoShelf(Shelf shelf, Register register, GreaseFills greasings, Tools tools, Workshops workshops, Clock clock) {
        this.shelf = shelf;
        this.register = register;
        this.greasings = greasings;
        this.tools = tools;
        this.workshops = workshops;
        this.clock = clock;
    }

    /** Puts a thing on the shelf, takes its batches in, and takes out what was fitted. */
    void stock(DemoStock demo) {
        UUID id = DemoEntries.id("stock " + demo.designation());
        shelf.enter(new StockItem(
                id,
                demo.kind(),
                demo.designation(),
                demo.words(),
                demo.supplier(),
                Money.of(demo.price()),
                demo.kind().keeps(),
                demo.want(),
                Optional.ofNullable(demo.tin()),
                1));
        demo.batches().forEach(batch -> receive(id, batch));
    }

    /** Says what is in a hub. */
    void grease(DemoGreasing demo, List<DemoStock> stock) {
        Tin tin = stock.stream()
                .filter(one -> one.designation().equals(demo.stock()))
                .flatMap(one -> Optional.ofNullable(one.tin()).stream())
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("the demo's shelf has no " + demo.stock()));
        greasings.fill(
                UUID.randomUUID(),
                DemoEntries.wheelEnd(register, demo.rig(), demo.axle(), demo.side())
                        .id(),
                null,
                new Grease(demo.stock(), tin.thickener(), tin.code()),
                demo.batch());
    }

    /** Hangs a tool on the wall. */
    void hang(DemoTool demo) {
        @Nullable Double outside = demo.outsideMillimetres();
        tools.put(new WorkshopTool(
                DemoEntries.id("tool " + demo.name()),
                demo.kind(),
                demo.name(),
                outside == null ? null : Length.ofMillimetres(outside),
                demo.strokeCubicCentimetres(),
                0));
    }

    /** Sets what time costs, as the owner. */
    void charge(DemoRates demo) {
        workshops.set(new Rates(Money.of(demo.hour()), Money.of(demo.sundries()), Money.of(demo.standingDay()), 0));
    }

    private void receive(UUID itemId, DemoBatch batch) {
        LocalDate made = LocalDate.now(clock).minusDays(batch.madeDaysAgo());
        UUID id = shelf.receive(new Shelf.Delivery(
                UUID.randomUUID(),
                itemId,
                batch.batch(),
                made,
                batch.note(),
                batch.grease() == null ? "" : batch.grease(),
                batch.history() == null ? "" : batch.history(),
                batch.pieces()));
        for (DemoWheel wheel : batch.fitted()) {
            shelf.move(new StockMove(
                    UUID.randomUUID(),
                    id,
                    -1,
                    StockMove.Reason.FITTED,
                    DemoEntries.wheelEnd(register, wheel.rig(), wheel.axle(), wheel.side())
                            .id(),
                    "",
                    "",
                    clock.instant()));
        }
    }
}
