package oldtallow.app.schedule.model;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import oldtallow.app.stock.model.StockBatch;
import oldtallow.app.stock.model.StockItem;
import oldtallow.app.stock.model.Stocked;
import oldtallow.core.procedure.step.Supply;
import oldtallow.core.procedure.step.Tool;
import oldtallow.core.stock.StockKind;

/**
 * What goes into the kit box of a trip.
 *
 * @param parts to get home with, and for what is done on the way
 * @param bags sealed ones that lie on the shelf, the one that keeps longest first
 */
public record CarryList(List<CarriedPart> parts, List<Bag> bags, Set<Tool> tools, Set<Supply> supplies) {

    public CarryList {
        parts = List.copyOf(parts);
        bags = List.copyOf(bags);
        tools = Set.copyOf(tools);
        supplies = Set.copyOf(supplies);
    }

    /**
     * A part to carry.
     *
     * @param stocked what the shelf has of it; empty where it keeps none
     * @param why what it is for
     */
    public record CarriedPart(StockKind kind, String words, int pieces, Optional<Stocked> stocked, Set<String> why) {

        public CarriedPart {
            why = Set.copyOf(why);
        }

        /** How many are not there. */
        public int missing() {
            return Math.max(0, pieces - stocked.map(Stocked::good).orElse(0));
        }
    }

    /** A sealed bag of spares. */
    public record Bag(StockItem item, StockBatch batch, boolean outdated) {}
}
