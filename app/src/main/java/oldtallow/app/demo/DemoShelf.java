package oldtallow.app.demo;

import java.time.Clock;
import java.time.LocalDate;
import java.util.UUID;
import oldtallow.app.demo.DemoYard.DemoBatch;
import oldtallow.app.demo.DemoYard.DemoStock;
import oldtallow.app.demo.DemoYard.DemoWheel;
import oldtallow.app.register.Register;
import oldtallow.app.register.WheelEnd;
import oldtallow.app.shelf.Shelf;
import oldtallow.app.shelf.StockBatch;
import oldtallow.app.shelf.StockItem;
import oldtallow.app.shelf.StockMove;
import oldtallow.core.store.Money;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** What lies in the demo's stores. */
@Component
@ConditionalOnProperty("oldtallow.demo")
class DemoShelf {

    private final Shelf shelf;
    private final Register register;
    private final Clock clock;

    DemoShelf(Shelf shelf, Register register, Clock clock) {
        this.shelf = shelf;
        this.register = register;
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
                1));
        demo.batches().forEach(batch -> receive(id, demo, batch));
    }

    private void receive(UUID itemId, DemoStock demo, DemoBatch batch) {
        LocalDate made = LocalDate.now(clock).minusDays(batch.madeDaysAgo());
        UUID id = DemoEntries.id("batch " + demo.designation() + batch.batch());
        shelf.receive(
                UUID.randomUUID(),
                new StockBatch(
                        id, itemId, batch.batch(), made, demo.kind().keeps().until(made), batch.note(), 0),
                batch.pieces());
        for (DemoWheel wheel : batch.fitted()) {
            shelf.move(new StockMove(
                    UUID.randomUUID(),
                    id,
                    -1,
                    StockMove.Reason.FITTED,
                    wheelEnd(wheel).id(),
                    "",
                    "",
                    clock.instant()));
        }
    }

    private WheelEnd wheelEnd(DemoWheel wheel) {
        return register.rig(DemoEntries.id(wheel.rig())).axles().get(wheel.axle() - 1).wheelEnds().stream()
                .filter(one -> one.side() == wheel.side())
                .findFirst()
                .orElseThrow();
    }
}
