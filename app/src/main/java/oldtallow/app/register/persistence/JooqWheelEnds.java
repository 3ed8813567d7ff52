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

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.register.Side;
import oldtallow.app.register.WheelEnd;
import oldtallow.app.register.WheelEndBuild;
import oldtallow.app.register.WheelEndName;
import oldtallow.db.tables.records.WheelEndBuildRecord;
import org.jooq.Condition;
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

    List<WheelEnd> ofRigs(UUID workshopId, Collection<UUID> rigIds) {
        return wheelEnds(workshopId, AXLE.RIG_ID.eq(any(rigIds.toArray(UUID[]::new))));
    }

    Optional<WheelEnd> find(UUID workshopId, UUID wheelEndId) {
        return wheelEnds(workshopId, WHEEL_END.ID.eq(wheelEndId)).stream().findFirst();
    }

    void add(UUID workshopId, WheelEnd end) {
        db.insertInto(WHEEL_END)
                .set(WHEEL_END.ID, end.id())
                .set(WHEEL_END.WORKSHOP_ID, workshopId)
                .set(WHEEL_END.AXLE_ID, end.axleId())
                .set(WHEEL_END.SIDE, end.side().name())
                .execute();
        date(workshopId, end.id(), end.build());
    }

    void date(UUID workshopId, UUID wheelEndId, WheelEndBuild build) {
        WheelEndBuildRecord row = BuildRow.record(workshopId, wheelEndId, build);
        // the same columns in both: a second change of a day takes the first one's place and id
        db.insertInto(WHEEL_END_BUILD)
                .set(row)
                .set(WHEEL_END_BUILD.ID, UUID.randomUUID())
                .onConflict(WHEEL_END_BUILD.WORKSHOP_ID, WHEEL_END_BUILD.WHEEL_END_ID, WHEEL_END_BUILD.SINCE)
                .doUpdate()
                .set(row)
                .execute();
    }

    List<WheelEndName> names(UUID workshopId, Collection<UUID> wheelEndIds) {
        return db.select(WHEEL_END.ID, RIG.ID, RIG.NAME, AXLE.POSITION, AXLE_COUNT, WHEEL_END.SIDE)
                .from(WHEEL_END)
                .join(AXLE)
                .on(AXLE.WORKSHOP_ID.eq(WHEEL_END.WORKSHOP_ID), AXLE.ID.eq(WHEEL_END.AXLE_ID))
                .join(RIG)
                .on(RIG.WORKSHOP_ID.eq(AXLE.WORKSHOP_ID), RIG.ID.eq(AXLE.RIG_ID))
                .where(WHEEL_END.WORKSHOP_ID.eq(workshopId), WHEEL_END.ID.eq(any(wheelEndIds.toArray(UUID[]::new))))
                .fetch(Records.mapping((id, rigId, rigName, position, axleCount, side) ->
                        new WheelEndName(id, rigId, rigName, position, axleCount, Side.valueOf(side))));
    }

    private List<WheelEnd> wheelEnds(UUID workshopId, Condition which) {
        var other = WHEEL_END_BUILD.as("other");
        return db.select(
                        WHEEL_END.ID,
                        WHEEL_END.VERSION,
                        RIG.ID,
                        RIG.NAME,
                        AXLE.ID,
                        AXLE.POSITION,
                        AXLE_COUNT,
                        WHEEL_END.SIDE,
                        WHEEL_END_BUILD)
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
                .where(WHEEL_END.WORKSHOP_ID.eq(workshopId), which)
                .orderBy(WHEEL_END.SIDE)
                .fetch(Records.mapping(
                        (id, version, rigId, rigName, axleId, position, axleCount, side, build) -> new WheelEnd(
                                id,
                                version,
                                rigId,
                                rigName,
                                axleId,
                                position,
                                axleCount,
                                Side.valueOf(side),
                                BuildRow.read(build))));
    }

    private static Field<Integer> axleCount() {
        var sibling = AXLE.as("sibling");
        return field(selectCount()
                .from(sibling)
                .where(sibling.WORKSHOP_ID.eq(AXLE.WORKSHOP_ID), sibling.RIG_ID.eq(AXLE.RIG_ID)));
    }
}
