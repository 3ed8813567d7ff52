package oldtallow.app.demo;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.demo.DemoYard.DemoBatch;
import oldtallow.app.demo.DemoYard.DemoStock;
import oldtallow.app.demo.DemoYard.DemoWheel;
import oldtallow.app.register.Register;
import oldtallow.app.shelf.Shelf;
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
                Optional.ofNullable(demo.tin()),
                1));
        demo.batches().forEach(batch -> receive(id, batch));
    }

    private void receive(UUID itemId, DemoBatch batch) {
        LocalDate made = LocalDate.now(clock).minusDays(batch.madeDaysAgo());
        UUID id = shelf.receive(
                new Shelf.Delivery(UUID.randomUUID(), itemId, batch.batch(), made, batch.note(), batch.pieces()));
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
