package oldtallow.app.schedule.api;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import oldtallow.app.job.api.Forecasts;
import oldtallow.app.register.model.Rig;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.app.schedule.model.CarryList;
import oldtallow.app.schedule.model.CarryList.Bag;
import oldtallow.app.schedule.model.CarryList.CarriedPart;
import oldtallow.app.schedule.model.TripPlan;
import oldtallow.app.stock.api.Kits;
import oldtallow.app.stock.api.Kits.KitLine;
import oldtallow.app.stock.api.Shelf;
import oldtallow.app.stock.model.Stocked;
import oldtallow.core.procedure.brief.Scope;
import oldtallow.core.procedure.job.Plan;
import oldtallow.core.procedure.step.Supply;
import oldtallow.core.procedure.step.Tool;
import oldtallow.core.schedule.interval.DueAction;
import oldtallow.core.stock.StockKind;
import oldtallow.core.stock.TravelBox;
import oldtallow.core.travel.trip.TripAdvice;
import org.springframework.stereotype.Component;

/** Puts together what to carry: one set to get home for each kind of hub, and what is done on the way. */
@Component
class CarryLists {

    private static final String TO_GET_HOME = "to get home with";

    private final Forecasts forecasts;
    private final Kits kits;
    private final Shelf shelf;

    CarryLists(Forecasts forecasts, Kits kits, Shelf shelf) {
        this.forecasts = forecasts;
        this.kits = kits;
        this.shelf = shelf;
    }

    /** Of the same thing for the same kind of hub. */
    private record Thing(StockKind kind, String words) {}

    /** How many of a thing, and what for. */
    private record Need(int pieces, Optional<Stocked> stocked, Set<String> why) {

        Need with(Need more) {
            Set<String> all = new LinkedHashSet<>(why);
            all.addAll(more.why);
            return new Need(pieces + more.pieces, stocked, all);
        }
    }

    CarryList of(Rig rig, List<TripPlan.Advised> advice, LocalDate today) {
        List<Stocked> stock = shelf.all();
        Map<Thing, Need> needs = new LinkedHashMap<>();
        Set<Tool> tools = EnumSet.noneOf(Tool.class);
        Set<Supply> supplies = EnumSet.noneOf(Supply.class);
        Set<List<Thing>> hubs = new LinkedHashSet<>();
        rig.wheelEnds().forEach(end -> {
            Plan plan = plan(end, Scope.ROADSIDE);
            tools.addAll(TravelBox.of(plan));
            plan.supplies().values().forEach(supplies::addAll);
            List<KitLine> lines = kits.kit(plan, end.id(), stock).lines();
            if (hubs.add(lines.stream().map(CarryLists::thing).toList())) {
                lines.forEach(line -> add(needs, line, TO_GET_HOME));
            }
        });
        advice.stream()
                .filter(one -> one.advice().when() == TripAdvice.When.ON_THE_WAY)
                .forEach(one -> scope(one.advice().due().action())
                        .ifPresent(scope -> one.ends()
                                .forEach(end -> kits.kit(plan(end, scope), end.id(), stock)
                                        .lines()
                                        .forEach(line -> add(
                                                needs,
                                                line,
                                                "to "
                                                        + one.advice()
                                                                .due()
                                                                .action()
                                                                .words() + " on the way")))));
        List<CarriedPart> parts = new ArrayList<>();
        needs.forEach((thing, need) ->
                parts.add(new CarriedPart(thing.kind(), thing.words(), need.pieces(), need.stocked(), need.why())));
        return new CarryList(parts, bags(stock, today), tools, supplies);
    }

    private static void add(Map<Thing, Need> needs, KitLine line, String why) {
        needs.merge(thing(line), new Need(1, line.stocked(), Set.of(why)), Need::with);
    }

    private static Thing thing(KitLine line) {
        return new Thing(line.kind(), line.words());
    }

    /** A rig that has no roadside rescue is opened as for a repack. */
    private Plan plan(WheelEnd end, Scope scope) {
        Scope possible = scope.isPossibleOn(end.construction()) ? scope : Scope.REPACK;
        return forecasts.forecast(end.id(), possible, forecasts.usual()).plan();
    }

    private static Optional<Scope> scope(DueAction action) {
        return switch (action) {
            case REPACK -> Optional.of(Scope.REPACK);
            case RENEW -> Optional.of(Scope.RENEW);
            case ADJUST, INSPECT, RETORQUE, TOP_UP -> Optional.empty();
        };
    }

    private static List<Bag> bags(List<Stocked> stock, LocalDate today) {
        return stock.stream()
                .filter(one -> one.item().kind() == StockKind.SPARE_BAG)
                .flatMap(one -> one.batches().stream()
                        .filter(batch -> batch.onHand() > 0)
                        .flatMap(batch -> Stream.of(new Bag(one.item(), batch, batch.isOutdated(today)))))
                .sorted(Comparator.comparing((Bag bag) -> bag.batch().keepsUntil())
                        .reversed())
                .toList();
    }
}
