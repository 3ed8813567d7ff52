package oldtallow.app.register.persistence;

import static oldtallow.db.tables.Axle.AXLE;
import static oldtallow.db.tables.Rig.RIG;
import static oldtallow.db.tables.WheelEnd.WHEEL_END;
import static oldtallow.db.tables.WheelEndBuild.WHEEL_END_BUILD;
import static org.jooq.impl.DSL.any;
import static org.jooq.impl.DSL.coalesce;
import static org.jooq.impl.DSL.function;
import static org.jooq.impl.DSL.inline;
import static org.jooq.impl.DSL.max;
import static org.jooq.impl.DSL.noCondition;
import static org.jooq.impl.DSL.val;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.register.model.RegisterStore;
import oldtallow.app.register.model.Rig;
import oldtallow.app.register.model.RigEntry;
import oldtallow.app.register.model.RigPlan;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.app.register.model.WheelEndBuild;
import oldtallow.app.register.model.WheelEndName;
import oldtallow.db.Routines;
import oldtallow.db.tables.records.AxleRecord;
import oldtallow.db.tables.records.RigRecord;
import org.jooq.DSLContext;
import org.jooq.impl.SQLDataType;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;

@Repository
class JooqRegister implements RegisterStore {

    private static final UUID NOBODY = new UUID(0, 0);

    private final DSLContext db;
    private final JooqWheelEnds wheelEnds;
    private final PlanRows plans;

    JooqRegister(DSLContext db, JooqWheelEnds wheelEnds) {
        this.db = db;
        this.wheelEnds = wheelEnds;
        this.plans = new PlanRows(db);
    }

    @Override
    public List<Rig> rigs(Collection<UUID> ids) {
        UUID[] asked = ids.toArray(UUID[]::new);
        List<RigRecord> rows = db.selectFrom(RIG)
                .where(RIG.WORKSHOP_ID.eq(CurrentPerson.workshopId()), RIG.ID.eq(any(asked)))
                .fetch();
        List<AxleRecord> axles = db.selectFrom(AXLE)
                .where(AXLE.WORKSHOP_ID.eq(CurrentPerson.workshopId()), AXLE.RIG_ID.eq(any(asked)))
                .orderBy(AXLE.RIG_ID, AXLE.POSITION)
                .fetch();
        Map<UUID, List<WheelEnd>> ends =
                wheelEnds.byAxle(axles, rows.stream().collect(Collectors.toMap(RigRecord::getId, RigRecord::getName)));
        Map<UUID, List<Rig.Axle>> byRig = axles.stream()
                .collect(Collectors.groupingBy(
                        AxleRecord::getRigId,
                        Collectors.mapping(
                                axle -> axle(axle, ends.getOrDefault(axle.getId(), List.of())), Collectors.toList())));
        Map<UUID, Rig> rigs = rows.stream()
                .map(row -> RigRow.read(row, byRig.getOrDefault(row.getId(), List.of())))
                .collect(Collectors.toMap(Rig::id, Function.identity()));
        return ids.stream().map(rigs::get).filter(Objects::nonNull).toList();
    }

    @Override
    public List<RigPlan> plans(Collection<UUID> ids) {
        return plans.of(ids);
    }

    @Override
    public List<UUID> idsOfOwner(String owner) {
        return db.select(RIG.ID)
                .from(RIG)
                .where(
                        RIG.WORKSHOP_ID.eq(CurrentPerson.workshopId()),
                        RIG.OWNER_NAME.eq(owner),
                        RIG.OWNER_NAME.ne(inline("")))
                .fetch(RIG.ID);
    }

    @Override
    public List<UUID> idsAfter(@Nullable UUID after, int most) {
        return db.select(RIG.ID)
                .from(RIG)
                .where(RIG.WORKSHOP_ID.eq(CurrentPerson.workshopId()), after == null ? noCondition() : RIG.ID.gt(after))
                .orderBy(RIG.ID)
                .limit(most)
                .fetch(RIG.ID);
    }

    @Override
    public Optional<WheelEnd> wheelEnd(UUID wheelEndId) {
        return wheelEnds.find(wheelEndId);
    }

    @Override
    public List<WheelEndName> names(Collection<UUID> wheelEndIds) {
        return wheelEnds.names(wheelEndIds);
    }

    @Override
    public Optional<UUID> rigOfAxle(UUID axleId) {
        return db.select(AXLE.RIG_ID)
                .from(AXLE)
                .where(AXLE.WORKSHOP_ID.eq(CurrentPerson.workshopId()), AXLE.ID.eq(axleId))
                .fetchOptional(AXLE.RIG_ID);
    }

    @Override
    public Optional<String> rigWithPlate(String plate, UUID exceptRigId) {
        return db.select(RIG.NAME)
                .from(RIG)
                .where(
                        RIG.WORKSHOP_ID.eq(CurrentPerson.workshopId()),
                        RIG.PLATE_KEY.eq(Routines.plainPlate(val(plate))),
                        RIG.PLATE_KEY.ne(""),
                        RIG.ID.ne(exceptRigId))
                .fetchOptional(RIG.NAME);
    }

    @Override
    public int nextYardNumber() {
        hold(CurrentPerson.workshopId());
        return Objects.requireNonNull(
                db.select(coalesce(max(RIG.YARD_NUMBER), inline(0)).plus(1))
                        .from(RIG)
                        .where(RIG.WORKSHOP_ID.eq(CurrentPerson.workshopId()))
                        .fetchSingle()
                        .value1());
    }

    @Override
    public void hold(UUID id) {
        db.select(function("pg_advisory_xact_lock", SQLDataType.VARCHAR, val(id.getMostSignificantBits())))
                .fetch();
    }

    @Override
    public void add(Rig rig) {
        var row = new RigRecord();
        row.setId(rig.id());
        row.setWorkshopId(CurrentPerson.workshopId());
        row.setYardNumber(rig.yardNumber());
        RigRow.write(
                new RigEntry(
                        rig.kind(),
                        rig.name(),
                        rig.plate(),
                        rig.owner(),
                        rig.builtIn(),
                        rig.uses(),
                        rig.distance(),
                        rig.plan()),
                row);
        db.insertInto(RIG).set(row).execute();
        for (Rig.Axle axle : rig.axles()) {
            db.insertInto(AXLE)
                    .set(AXLE.ID, axle.id())
                    .set(AXLE.WORKSHOP_ID, CurrentPerson.workshopId())
                    .set(AXLE.RIG_ID, rig.id())
                    .set(AXLE.POSITION, (short) axle.position())
                    .set(AXLE.FROM_FRONT_MM, axle.fromFrontMillimetres())
                    .set(AXLE.TRACK_MM, axle.trackMillimetres())
                    .execute();
            axle.wheelEnds().forEach(end -> wheelEnds.add(end));
        }
    }

    @Override
    public boolean change(UUID rigId, int version, RigEntry entry) {
        var row = new RigRecord();
        RigRow.write(entry, row);
        return db.update(RIG)
                        .set(row)
                        .set(RIG.VERSION, version + 1)
                        .where(
                                RIG.WORKSHOP_ID.eq(CurrentPerson.workshopId()),
                                RIG.ID.eq(rigId),
                                RIG.VERSION.eq(version))
                        .execute()
                == 1;
    }

    @Override
    public List<WheelEndBuild> builds(UUID wheelEndId) {
        return new ArrayList<>(db.selectFrom(WHEEL_END_BUILD)
                .where(
                        WHEEL_END_BUILD.WORKSHOP_ID.eq(CurrentPerson.workshopId()),
                        WHEEL_END_BUILD.WHEEL_END_ID.eq(wheelEndId))
                .orderBy(WHEEL_END_BUILD.SINCE.desc())
                .fetch(BuildRow::read));
    }

    @Override
    public WheelEndBuild asKept(WheelEndBuild build) {
        return BuildRow.read(BuildRow.record(NOBODY, build));
    }

    @Override
    public boolean changeBuild(UUID wheelEndId, int version, WheelEndBuild build) {
        int changed = db.update(WHEEL_END)
                .set(WHEEL_END.VERSION, version + 1)
                .where(
                        WHEEL_END.WORKSHOP_ID.eq(CurrentPerson.workshopId()),
                        WHEEL_END.ID.eq(wheelEndId),
                        WHEEL_END.VERSION.eq(version))
                .execute();
        if (changed == 1) {
            wheelEnds.date(wheelEndId, build);
        }
        return changed == 1;
    }

    private static Rig.Axle axle(AxleRecord row, List<WheelEnd> ends) {
        return new Rig.Axle(row.getId(), row.getPosition(), row.getFromFrontMm(), row.getTrackMm(), ends);
    }
}
