package oldtallow.app.trackside.api;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.register.model.FittedPartStore;
import oldtallow.app.register.model.GreaseFillStore;
import oldtallow.app.register.model.RegisterStore;
import oldtallow.app.register.model.Rig;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.app.schedule.model.DueStore;
import oldtallow.app.schedule.model.WarmthStop;
import oldtallow.app.stock.model.ShelfStore;
import oldtallow.app.stock.model.StockBatch;
import oldtallow.app.stock.model.StockItem;
import oldtallow.app.trackside.model.TakenAlong;
import oldtallow.core.schedule.figure.FigureKind;
import org.springframework.stereotype.Component;

/** The rigs, how they ran, and what is on the shelf for them. */
@Component
class RigsTaken {

    private static final int STOPS = 50;
    private static final int TOLD = 50;

    private final RegisterStore register;
    private final FittedPartStore parts;
    private final GreaseFillStore greasings;
    private final ReferenceTaken reference;
    private final ScheduleTaken schedule;
    private final ShelfStore shelf;

    RigsTaken(
            RegisterStore register,
            FittedPartStore parts,
            GreaseFillStore greasings,
            ReferenceTaken reference,
            ScheduleTaken schedule,
            ShelfStore shelf) {
        this.register = register;
        this.parts = parts;
        this.greasings = greasings;
        this.reference = reference;
        this.schedule = schedule;
        this.shelf = shelf;
    }

    TakenAlong.Register register(List<Rig> rigs, List<WheelEnd> ends) {
        List<UUID> places = new ArrayList<>(List.of(CurrentPerson.workshopId()));
        for (Rig rig : rigs) {
            places.add(rig.id());
            rig.axles().forEach(axle -> places.add(axle.id()));
        }
        List<UUID> ids = ids(ends);
        places.addAll(ids);
        return new TakenAlong.Register(
                rigs,
                ids.stream().collect(Collectors.toMap(Function.identity(), register::builds)),
                parts.of(ids),
                ids.stream().flatMap(id -> greasings.of(id).stream()).toList(),
                reference.figures().at(EnumSet.allOf(FigureKind.class), places),
                reference.procedures().all(),
                reference.sets().own(),
                reference.tools().all());
    }

    TakenAlong.Schedule schedule(List<Rig> rigs, List<WheelEnd> ends) {
        List<UUID> ids = rigs.stream().map(Rig::id).toList();
        List<WarmthStop> stops = new ArrayList<>();
        Map<UUID, List<DueStore.Told>> told = new HashMap<>();
        for (UUID id : ids) {
            stops.addAll(schedule.warmth().last(id, STOPS));
            told.put(id, schedule.dues().told(id, TOLD));
        }
        return new TakenAlong.Schedule(
                schedule.usage().meters(ids),
                schedule.usage().trips(ids),
                schedule.usage().water(ids),
                schedule.services().of(ids(ends)),
                stops,
                told);
    }

    TakenAlong.Shelf shelf(List<WheelEnd> ends) {
        List<UUID> ids = ids(ends);
        List<StockItem> items = shelf.items();
        List<StockBatch> batches =
                shelf.batches(items.stream().map(StockItem::id).toList());
        return new TakenAlong.Shelf(
                items,
                batches,
                shelf.carried(batches.stream().map(StockBatch::id).toList()).stream()
                        .filter(one -> ids.contains(one.wheelEndId()))
                        .toList());
    }

    private static List<UUID> ids(List<WheelEnd> ends) {
        return ends.stream().map(WheelEnd::id).toList();
    }
}
