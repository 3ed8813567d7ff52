package oldtallow.app.register.persistence;

import static oldtallow.db.tables.FittedPart.FITTED_PART;
import static org.jooq.impl.DSL.any;
import static org.jooq.impl.DSL.greatest;
import static org.jooq.impl.DSL.val;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.register.model.FittedPart;
import oldtallow.app.register.model.FittedPartStore;
import oldtallow.app.register.model.PartPlace;
import oldtallow.db.tables.records.FittedPartRecord;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

@Repository
class JooqFittedParts implements FittedPartStore {

    /** Behind every letter: a range in a btree, which LIKE is not below row security. */
    private static final String AFTER_ALL = Character.toString(Character.MAX_CODE_POINT - 2);

    private final DSLContext db;

    JooqFittedParts(DSLContext db) {
        this.db = db;
    }

    @Override
    public List<FittedPart> of(Collection<UUID> wheelEndIds) {
        return db.selectFrom(FITTED_PART)
                .where(
                        FITTED_PART.WORKSHOP_ID.eq(CurrentPerson.workshopId()),
                        FITTED_PART.WHEEL_END_ID.eq(any(wheelEndIds.toArray(UUID[]::new))))
                .orderBy(
                        FITTED_PART.WHEEL_END_ID,
                        FITTED_PART.PLACE,
                        FITTED_PART.REMOVED_ON.desc().nullsFirst(),
                        FITTED_PART.ID)
                .fetch(JooqFittedParts::read);
    }

    @Override
    public List<FittedPart> ofBatch(String beginning, int most) {
        String low = beginning.toLowerCase(Locale.ROOT);
        return db.selectFrom(FITTED_PART)
                .where(
                        FITTED_PART.WORKSHOP_ID.eq(CurrentPerson.workshopId()),
                        FITTED_PART.BATCH_LOW.ne(""),
                        FITTED_PART.REMOVED_ON.isNull(),
                        FITTED_PART.BATCH_LOW.ge(low),
                        FITTED_PART.BATCH_LOW.lt(low + AFTER_ALL))
                .orderBy(FITTED_PART.BATCH_LOW, FITTED_PART.ID)
                .limit(most)
                .fetch(JooqFittedParts::read);
    }

    @Override
    public void takeOff(UUID wheelEndId, PartPlace place, LocalDate on) {
        db.update(FITTED_PART)
                // never off before it was on
                .set(FITTED_PART.REMOVED_ON, greatest(val(on), FITTED_PART.FITTED_ON))
                .where(
                        FITTED_PART.WORKSHOP_ID.eq(CurrentPerson.workshopId()),
                        FITTED_PART.WHEEL_END_ID.eq(wheelEndId),
                        FITTED_PART.PLACE.eq(place.name()),
                        FITTED_PART.REMOVED_ON.isNull())
                .execute();
    }

    @Override
    public boolean correct(FittedPart part) {
        return db.update(FITTED_PART)
                        .set(written(part))
                        .where(
                                FITTED_PART.WORKSHOP_ID.eq(CurrentPerson.workshopId()),
                                FITTED_PART.WHEEL_END_ID.eq(part.wheelEndId()),
                                FITTED_PART.PLACE.eq(part.place().name()),
                                FITTED_PART.ID.eq(part.id()))
                        .execute()
                == 1;
    }

    @Override
    public void fit(FittedPart part) {
        db.insertInto(FITTED_PART)
                .set(FITTED_PART.ID, part.id())
                .set(FITTED_PART.WORKSHOP_ID, CurrentPerson.workshopId())
                .set(FITTED_PART.WHEEL_END_ID, part.wheelEndId())
                .set(FITTED_PART.PLACE, part.place().name())
                .set(written(part))
                .onConflict(FITTED_PART.ID)
                .doNothing()
                .execute();
    }

    /** What somebody wrote down of it. */
    private static FittedPartRecord written(FittedPart part) {
        var row = new FittedPartRecord();
        row.setDesignation(part.designation());
        row.setCupDesignation(part.cupDesignation());
        row.setConePairNumber(part.pairNumber());
        row.setCupPairNumber(part.pairNumber());
        row.setGradeNote(part.gradeNote());
        row.setBatch(part.batch());
        row.setPackedOn(part.packedOn());
        row.setFittedOn(part.fittedOn());
        row.setFittedKm(part.fittedKm());
        row.setCondition(part.condition().name());
        return row;
    }

    private static FittedPart read(FittedPartRecord row) {
        return new FittedPart(
                row.getId(),
                row.getWheelEndId(),
                PartPlace.valueOf(row.getPlace()),
                row.getDesignation(),
                row.getCupDesignation(),
                row.getConePairNumber(),
                row.getGradeNote(),
                row.getBatch(),
                row.getPackedOn(),
                row.getFittedOn(),
                row.getFittedKm(),
                FittedPart.Condition.valueOf(row.getCondition()),
                row.getRemovedOn());
    }
}
