package oldtallow.app.register.persistence;

import static oldtallow.db.tables.Axle.AXLE;
import static oldtallow.db.tables.Rig.RIG;
import static oldtallow.db.tables.WheelEnd.WHEEL_END;
import static oldtallow.db.tables.WheelEndBuild.WHEEL_END_BUILD;
import static org.jooq.impl.DSL.any;
import static org.jooq.impl.DSL.field;
import static org.jooq.impl.DSL.max;
import static org.jooq.impl.DSL.select;
import static org.jooq.impl.DSL.selectCount;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.register.model.Side;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.app.register.model.WheelEndBuild;
import oldtallow.app.register.model.WheelEndName;
import oldtallow.db.tables.records.AxleRecord;
import oldtallow.db.tables.records.WheelEndBuildRecord;
import oldtallow.db.tables.records.WheelEndRecord;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Records;
import org.springframework.stereotype.Repository;

/** Wheel ends with the build that holds today. */
@Repository
class JooqWheelEnds {

    private static final Field<Integer> AXLE_COUNT = axleCount();

    private final DSLContext db;

    JooqWheelEnds(DSLContext db) {
        this.db = db;
    }

    /**
     * Of whole rigs, left before right: three plain reads cost a third of what one with everything joined does.
     *
     * @param axles all of each rig
     * @param rigNames by rig
     */
    Map<UUID, List<WheelEnd>> byAxle(Collection<AxleRecord> axles, Map<UUID, String> rigNames) {
        Map<UUID, AxleRecord> axle = axles.stream().collect(Collectors.toMap(AxleRecord::getId, Function.identity()));
        Map<UUID, Long> count =
                axles.stream().collect(Collectors.groupingBy(AxleRecord::getRigId, Collectors.counting()));
        List<WheelEndRecord> ends = db.selectFrom(WHEEL_END)
                .where(
                        WHEEL_END.WORKSHOP_ID.eq(CurrentPerson.workshopId()),
                        WHEEL_END.AXLE_ID.eq(any(axle.keySet().toArray(UUID[]::new))))
                .orderBy(WHEEL_END.SIDE)
                .fetch();
        Map<UUID, WheelEndBuildRecord> builds =
                latestBuilds(ends.stream().map(WheelEndRecord::getId).toArray(UUID[]::new));
        Map<UUID, List<WheelEnd>> byAxle = new HashMap<>();
        for (WheelEndRecord end : ends) {
            AxleRecord of = Objects.requireNonNull(axle.get(end.getAxleId()));
            byAxle.computeIfAbsent(of.getId(), id -> new ArrayList<>())
                    .add(new WheelEnd(
                            end.getId(),
                            end.getVersion(),
                            of.getRigId(),
                            Objects.requireNonNull(rigNames.get(of.getRigId())),
                            of.getId(),
                            of.getPosition(),
                            Objects.requireNonNull(count.get(of.getRigId())).intValue(),
                            Side.valueOf(end.getSide()),
                            BuildRow.read(Objects.requireNonNull(builds.get(end.getId())))));
        }
        return byAxle;
    }

    private Map<UUID, WheelEndBuildRecord> latestBuilds(UUID[] ends) {
        return db
                .selectFrom(WHEEL_END_BUILD)
                .where(
                        WHEEL_END_BUILD.WORKSHOP_ID.eq(CurrentPerson.workshopId()),
                        WHEEL_END_BUILD.WHEEL_END_ID.eq(any(ends)))
                .orderBy(WHEEL_END_BUILD.SINCE)
                .fetch()
                .stream()
                .collect(Collectors.toMap(
                        WheelEndBuildRecord::getWheelEndId, Function.identity(), (earlier, later) -> later));
    }

    Optional<WheelEnd> find(UUID wheelEndId) {
        var other = WHEEL_END_BUILD.as("other");
        return db.select(
                        WHEEL_END.ID,
                        WHEEL_END.VERSION,
                        RIG.ID,
                        RIG.NAME,
                        AXLE.ID,
                        AXLE.POSITION,
                        AXLE_COUNT,
                        WHEEL_END.SIDE)
                // one by one: a row within a row is sent as text, which takes ten times as long to read
                .select(WHEEL_END_BUILD.fields())
                .from(WHEEL_END)
                .join(AXLE)
                .on(AXLE.WORKSHOP_ID.eq(WHEEL_END.WORKSHOP_ID), AXLE.ID.eq(WHEEL_END.AXLE_ID))
                .join(RIG)
                .on(RIG.WORKSHOP_ID.eq(AXLE.WORKSHOP_ID), RIG.ID.eq(AXLE.RIG_ID))
                .join(WHEEL_END_BUILD)
                .on(
                        WHEEL_END_BUILD.WORKSHOP_ID.eq(WHEEL_END.WORKSHOP_ID),
                        WHEEL_END_BUILD.WHEEL_END_ID.eq(WHEEL_END.ID),
                        WHEEL_END_BUILD.SINCE.eq(field(select(max(other.SINCE))
                                .from(other)
                                .where(
                                        other.WORKSHOP_ID.eq(WHEEL_END.WORKSHOP_ID),
                                        other.WHEEL_END_ID.eq(WHEEL_END.ID)))))
                .where(WHEEL_END.WORKSHOP_ID.eq(CurrentPerson.workshopId()), WHEEL_END.ID.eq(wheelEndId))
                .fetchOptional(row -> new WheelEnd(
                        row.get(WHEEL_END.ID),
                        row.get(WHEEL_END.VERSION),
                        row.get(RIG.ID),
                        row.get(RIG.NAME),
                        row.get(AXLE.ID),
                        row.get(AXLE.POSITION),
                        row.get(AXLE_COUNT),
                        Side.valueOf(row.get(WHEEL_END.SIDE)),
                        BuildRow.read(row.into(WHEEL_END_BUILD))));
    }

    void add(WheelEnd end) {
        db.insertInto(WHEEL_END)
                .set(WHEEL_END.ID, end.id())
                .set(WHEEL_END.WORKSHOP_ID, CurrentPerson.workshopId())
                .set(WHEEL_END.AXLE_ID, end.axleId())
                .set(WHEEL_END.SIDE, end.side().name())
                .execute();
        date(end.id(), end.build());
    }

    void date(UUID wheelEndId, WheelEndBuild build) {
        WheelEndBuildRecord row = BuildRow.record(wheelEndId, build);
        // the same columns in both: a second change of a day takes the first one's place and id
        db.insertInto(WHEEL_END_BUILD)
                .set(row)
                .set(WHEEL_END_BUILD.ID, UUID.randomUUID())
                .onConflict(WHEEL_END_BUILD.WORKSHOP_ID, WHEEL_END_BUILD.WHEEL_END_ID, WHEEL_END_BUILD.SINCE)
                .doUpdate()
                .set(row)
                .execute();
    }

    List<WheelEndName> names(Collection<UUID> wheelEndIds) {
        return db.select(WHEEL_END.ID, RIG.ID, RIG.NAME, AXLE.POSITION, AXLE_COUNT, WHEEL_END.SIDE)
                .from(WHEEL_END)
                .join(AXLE)
                .on(AXLE.WORKSHOP_ID.eq(WHEEL_END.WORKSHOP_ID), AXLE.ID.eq(WHEEL_END.AXLE_ID))
                .join(RIG)
                .on(RIG.WORKSHOP_ID.eq(AXLE.WORKSHOP_ID), RIG.ID.eq(AXLE.RIG_ID))
                .where(
                        WHEEL_END.WORKSHOP_ID.eq(CurrentPerson.workshopId()),
                        WHEEL_END.ID.eq(any(wheelEndIds.toArray(UUID[]::new))))
                .fetch(Records.mapping((id, rigId, rigName, position, axleCount, side) ->
                        new WheelEndName(id, rigId, rigName, position, axleCount, Side.valueOf(side))));
    }

    private static Field<Integer> axleCount() {
        var sibling = AXLE.as("sibling");
        return field(selectCount()
                .from(sibling)
                .where(sibling.WORKSHOP_ID.eq(AXLE.WORKSHOP_ID), sibling.RIG_ID.eq(AXLE.RIG_ID)));
    }
}
