package oldtallow.app.register.persistence;

import static oldtallow.db.tables.Figure.FIGURE;
import static org.jooq.impl.DSL.any;
import static org.jooq.impl.DSL.coalesce;

import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.register.reference.FigureStore;
import oldtallow.app.register.reference.FiledFigure;
import oldtallow.app.register.reference.Place;
import oldtallow.core.schedule.figure.FigureKind;
import oldtallow.core.schedule.figure.FigureValue;
import oldtallow.core.schedule.figure.GoverningFigure;
import oldtallow.db.tables.records.FigureRecord;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.springframework.stereotype.Repository;

@Repository
class JooqFigures implements FigureStore {

    /** As the unique index has it. */
    private static final Field<UUID> PLACE =
            coalesce(FIGURE.WHEEL_END_ID, FIGURE.AXLE_ID, FIGURE.RIG_ID, FIGURE.WORKSHOP_ID);

    private final DSLContext db;
    private final FigureRow rows;

    JooqFigures(DSLContext db, FigureRow rows) {
        this.db = db;
        this.rows = rows;
    }

    @Override
    public List<FiledFigure> at(Set<FigureKind> kinds, Collection<UUID> places) {
        return db.selectFrom(FIGURE)
                .where(
                        FIGURE.WORKSHOP_ID.eq(CurrentPerson.workshopId()),
                        FIGURE.KIND.in(kinds.stream().map(FigureKind::name).toList()),
                        PLACE.eq(any(places.toArray(UUID[]::new))))
                .fetch(rows::read);
    }

    @Override
    public List<FiledFigure> all(FigureKind kind) {
        return db.selectFrom(FIGURE)
                .where(FIGURE.WORKSHOP_ID.eq(CurrentPerson.workshopId()), FIGURE.KIND.eq(kind.name()))
                .fetch(rows::read);
    }

    @Override
    public boolean put(Place place, int version, GoverningFigure<FigureValue> figure) {
        FigureRecord row = rows.record(place, figure);
        row.setVersion(version + 1);
        if (version == 0) {
            row.setId(UUID.randomUUID());
            return db.insertInto(FIGURE).set(row).onConflictDoNothing().execute() == 1;
        }
        return db.update(FIGURE)
                        .set(row)
                        .where(
                                FIGURE.WORKSHOP_ID.eq(CurrentPerson.workshopId()),
                                PLACE.eq(place.id()),
                                FIGURE.AUTHORITY.eq(figure.authority().name()),
                                FIGURE.KIND.eq(figure.value().kind().name()),
                                FIGURE.VERSION.eq(version))
                        .execute()
                == 1;
    }

    @Override
    public boolean remove(UUID figureId, int version) {
        return db.deleteFrom(FIGURE)
                        .where(
                                FIGURE.WORKSHOP_ID.eq(CurrentPerson.workshopId()),
                                FIGURE.ID.eq(figureId),
                                FIGURE.VERSION.eq(version))
                        .execute()
                == 1;
    }
}
