package oldtallow.app.register.persistence;

import static oldtallow.db.tables.Axle.AXLE;
import static oldtallow.db.tables.EndPlayFigure.END_PLAY_FIGURE;
import static oldtallow.db.tables.Rig.RIG;
import static oldtallow.db.tables.WheelEnd.WHEEL_END;
import static org.jooq.impl.DSL.field;
import static org.jooq.impl.DSL.multiset;
import static org.jooq.impl.DSL.noCondition;
import static org.jooq.impl.DSL.select;
import static org.jooq.impl.DSL.selectCount;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import oldtallow.app.register.RegisterStore;
import oldtallow.app.register.Rig;
import oldtallow.app.register.RigKind;
import oldtallow.app.register.WheelEnd;
import oldtallow.core.endplay.Authority;
import oldtallow.core.endplay.EndPlayWindow;
import oldtallow.core.endplay.GoverningFigure;
import oldtallow.core.quantity.Length;
import oldtallow.db.tables.records.EndPlayFigureRecord;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Records;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;

@Repository
class JooqRegister implements RegisterStore {

    private static final Field<Integer> AXLE_COUNT = axleCount();

    private final DSLContext db;

    JooqRegister(DSLContext db) {
        this.db = db;
    }

    @Override
    public List<Rig> rigs(UUID workshopId) {
        Map<UUID, List<WheelEnd>> endsByAxle = rows(workshopId, noCondition()).stream()
                .collect(Collectors.groupingBy(
                        WheelEndRow::axleId, Collectors.mapping(WheelEndRow::wheelEnd, Collectors.toList())));
        Field<List<Rig.Axle>> axles = multiset(select(AXLE.ID, AXLE.POSITION, AXLE.FROM_FRONT_MM, AXLE.TRACK_MM)
                        .from(AXLE)
                        .where(AXLE.WORKSHOP_ID.eq(RIG.WORKSHOP_ID), AXLE.RIG_ID.eq(RIG.ID))
                        .orderBy(AXLE.POSITION))
                .convertFrom(rows -> rows.map(Records.mapping((id, position, fromFront, track) ->
                        new Rig.Axle(id, position, fromFront, track, endsByAxle.getOrDefault(id, List.of())))));
        return db.select(
                        RIG.ID,
                        RIG.YARD_NUMBER,
                        RIG.KIND.convertFrom(RigKind::valueOf),
                        RIG.NAME,
                        RIG.PLATE,
                        RIG.LENGTH_MM,
                        RIG.WIDTH_MM,
                        RIG.DRAWBAR_MM,
                        axles)
                .from(RIG)
                .where(RIG.WORKSHOP_ID.eq(workshopId))
                .orderBy(RIG.YARD_NUMBER)
                .fetch(Records.mapping(Rig::new));
    }

    @Override
    public Optional<WheelEnd> wheelEnd(UUID workshopId, UUID wheelEndId) {
        return rows(workshopId, WHEEL_END.ID.eq(wheelEndId)).stream()
                .map(WheelEndRow::wheelEnd)
                .findFirst();
    }

    @Override
    public void add(UUID workshopId, Rig rig) {
        db.insertInto(RIG)
                .set(RIG.ID, rig.id())
                .set(RIG.WORKSHOP_ID, workshopId)
                .set(RIG.YARD_NUMBER, rig.yardNumber())
                .set(RIG.KIND, rig.kind().name())
                .set(RIG.NAME, rig.name())
                .set(RIG.PLATE, rig.plate())
                .set(RIG.LENGTH_MM, rig.lengthMillimetres())
                .set(RIG.WIDTH_MM, rig.widthMillimetres())
                .set(RIG.DRAWBAR_MM, rig.drawbarMillimetres())
                .execute();
        for (Rig.Axle axle : rig.axles()) {
            db.insertInto(AXLE)
                    .set(AXLE.ID, axle.id())
                    .set(AXLE.WORKSHOP_ID, workshopId)
                    .set(AXLE.RIG_ID, rig.id())
                    .set(AXLE.POSITION, (short) axle.position())
                    .set(AXLE.FROM_FRONT_MM, axle.fromFrontMillimetres())
                    .set(AXLE.TRACK_MM, axle.trackMillimetres())
                    .execute();
            axle.wheelEnds()
                    .forEach(end -> db.insertInto(WHEEL_END)
                            .set(WheelEndRow.record(workshopId, axle.id(), end))
                            .execute());
        }
    }

    @Override
    public void addWindow(UUID workshopId, @Nullable UUID wheelEndId, GoverningFigure<EndPlayWindow> figure) {
        db.insertInto(END_PLAY_FIGURE)
                .set(END_PLAY_FIGURE.ID, UUID.randomUUID())
                .set(END_PLAY_FIGURE.WORKSHOP_ID, workshopId)
                .set(END_PLAY_FIGURE.WHEEL_END_ID, wheelEndId)
                .set(END_PLAY_FIGURE.AUTHORITY, figure.authority().name())
                .set(END_PLAY_FIGURE.LEAST_UM, figure.value().least().micrometres())
                .set(END_PLAY_FIGURE.MOST_UM, figure.value().most().micrometres())
                .set(END_PLAY_FIGURE.SOURCE, figure.source())
                .execute();
    }

    /** Wheel ends with what stands around them, left before right. */
    private List<WheelEndRow> rows(UUID workshopId, Condition which) {
        List<EndPlayFigureRecord> figures = db.selectFrom(END_PLAY_FIGURE)
                .where(END_PLAY_FIGURE.WORKSHOP_ID.eq(workshopId))
                .fetch();
        return db.select(WHEEL_END, RIG.ID, RIG.NAME, AXLE.POSITION, AXLE_COUNT)
                .from(WHEEL_END)
                .join(AXLE)
                .on(AXLE.WORKSHOP_ID.eq(WHEEL_END.WORKSHOP_ID), AXLE.ID.eq(WHEEL_END.AXLE_ID))
                .join(RIG)
                .on(RIG.WORKSHOP_ID.eq(AXLE.WORKSHOP_ID), RIG.ID.eq(AXLE.RIG_ID))
                .where(WHEEL_END.WORKSHOP_ID.eq(workshopId), which)
                .orderBy(WHEEL_END.SIDE)
                .fetch(Records.mapping((row, rigId, rigName, position, axleCount) ->
                        new WheelEndRow(row, rigId, rigName, position, axleCount, windows(row.getId(), figures))));
    }

    /** Figures for this wheel end, and rules for all where it has no rule of its own. */
    private static List<GoverningFigure<EndPlayWindow>> windows(UUID wheelEndId, List<EndPlayFigureRecord> figures) {
        Map<Authority, EndPlayFigureRecord> byAuthority = figures.stream()
                .filter(figure ->
                        figure.getWheelEndId() == null || figure.getWheelEndId().equals(wheelEndId))
                .collect(Collectors.toMap(
                        figure -> Authority.valueOf(figure.getAuthority()),
                        figure -> figure,
                        (a, b) -> a.getWheelEndId() == null ? b : a));
        return byAuthority.entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .map(entry -> new GoverningFigure<>(
                        new EndPlayWindow(
                                Length.ofMicrometres(entry.getValue().getLeastUm()),
                                Length.ofMicrometres(entry.getValue().getMostUm())),
                        entry.getKey(),
                        entry.getValue().getSource()))
                .toList();
    }

    private static Field<Integer> axleCount() {
        var sibling = AXLE.as("sibling");
        return field(selectCount()
                .from(sibling)
                .where(sibling.WORKSHOP_ID.eq(AXLE.WORKSHOP_ID), sibling.RIG_ID.eq(AXLE.RIG_ID)));
    }
}
