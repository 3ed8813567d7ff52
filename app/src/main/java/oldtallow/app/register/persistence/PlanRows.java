package oldtallow.app.register.persistence;

import static oldtallow.db.tables.Axle.AXLE;
import static oldtallow.db.tables.Rig.RIG;
import static oldtallow.db.tables.WheelEnd.WHEEL_END;
import static org.jooq.impl.DSL.any;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.register.model.Rig;
import oldtallow.app.register.model.RigKind;
import oldtallow.app.register.model.RigPlan;
import oldtallow.app.register.model.RigPlan.AxlePlan;
import oldtallow.app.register.model.Side;
import oldtallow.app.register.model.WheelEndName;
import org.jooq.DSLContext;

/** Rigs for lists of many: few columns of three tables. */
final class PlanRows {

    private final DSLContext db;

    PlanRows(DSLContext db) {
        this.db = db;
    }

    private record Axle(UUID id, UUID rigId, int position, int fromFront, int track) {}

    private record End(UUID id, Side side) {}

    /** In the order of the ids. */
    List<RigPlan> of(Collection<UUID> ids) {
        UUID[] asked = ids.toArray(UUID[]::new);
        Map<UUID, List<Axle>> axles = axles(asked);
        Map<UUID, List<End>> ends =
                ends(axles.values().stream().flatMap(List::stream).map(Axle::id).toArray(UUID[]::new));
        Map<UUID, RigPlan> plans = db
                .select(
                        RIG.ID,
                        RIG.YARD_NUMBER,
                        RIG.KIND,
                        RIG.NAME,
                        RIG.PLATE,
                        RIG.OWNER_NAME,
                        RIG.LENGTH_MM,
                        RIG.WIDTH_MM,
                        RIG.DRAWBAR_MM)
                .from(RIG)
                .where(RIG.WORKSHOP_ID.eq(CurrentPerson.workshopId()), RIG.ID.eq(any(asked)))
                .fetch(row -> new RigPlan(
                        row.value1(),
                        row.value2(),
                        RigKind.valueOf(row.value3()),
                        row.value4(),
                        row.value5(),
                        row.value6(),
                        new Rig.Plan(row.value7(), row.value8(), row.value9()),
                        plans(row.value1(), row.value4(), axles.getOrDefault(row.value1(), List.of()), ends)))
                .stream()
                .collect(Collectors.toMap(RigPlan::id, Function.identity()));
        return ids.stream().map(plans::get).filter(Objects::nonNull).toList();
    }

    private Map<UUID, List<Axle>> axles(UUID[] rigs) {
        return db
                .select(AXLE.ID, AXLE.RIG_ID, AXLE.POSITION, AXLE.FROM_FRONT_MM, AXLE.TRACK_MM)
                .from(AXLE)
                .where(AXLE.WORKSHOP_ID.eq(CurrentPerson.workshopId()), AXLE.RIG_ID.eq(any(rigs)))
                .orderBy(AXLE.RIG_ID, AXLE.POSITION)
                .fetch(row -> new Axle(row.value1(), row.value2(), row.value3(), row.value4(), row.value5()))
                .stream()
                .collect(Collectors.groupingBy(Axle::rigId));
    }

    /** By axle, left before right. */
    private Map<UUID, List<End>> ends(UUID[] axles) {
        return db.select(WHEEL_END.AXLE_ID, WHEEL_END.ID, WHEEL_END.SIDE)
                .from(WHEEL_END)
                .where(WHEEL_END.WORKSHOP_ID.eq(CurrentPerson.workshopId()), WHEEL_END.AXLE_ID.eq(any(axles)))
                .orderBy(WHEEL_END.SIDE)
                .fetchGroups(WHEEL_END.AXLE_ID, row -> new End(row.value2(), Side.valueOf(row.value3())));
    }

    private static List<AxlePlan> plans(UUID rigId, String rigName, List<Axle> axles, Map<UUID, List<End>> ends) {
        return axles.stream()
                .map(axle -> new AxlePlan(
                        axle.id(),
                        axle.position(),
                        axle.fromFront(),
                        axle.track(),
                        Optional.ofNullable(ends.get(axle.id())).orElse(List.of()).stream()
                                .map(end -> new WheelEndName(
                                        end.id(), rigId, rigName, axle.position(), axles.size(), end.side()))
                                .toList()))
                .toList();
    }
}
