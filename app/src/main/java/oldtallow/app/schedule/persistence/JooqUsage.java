package oldtallow.app.schedule.persistence;

import static oldtallow.db.tables.MeterEntry.METER_ENTRY;
import static oldtallow.db.tables.WaterEntry.WATER_ENTRY;
import static org.jooq.impl.DSL.any;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.schedule.model.KeptEntry;
import oldtallow.app.schedule.model.Trip;
import oldtallow.app.schedule.model.UsageStore;
import oldtallow.app.schedule.model.WaterNote;
import oldtallow.core.schedule.almanac.WaterEntry;
import oldtallow.core.schedule.distance.MeterEntry;
import oldtallow.db.tables.records.MeterEntryRecord;
import oldtallow.db.tables.records.WaterEntryRecord;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Repository;

@Repository
class JooqUsage implements UsageStore {

    private final DSLContext db;
    private final TripRows trips;

    JooqUsage(DSLContext db) {
        this.db = db;
        this.trips = new TripRows(db);
    }

    @Override
    public List<KeptEntry> meters(Collection<UUID> rigIds) {
        return meters(
                METER_ENTRY.WORKSHOP_ID.eq(CurrentPerson.workshopId()).and(METER_ENTRY.RIG_ID.eq(any(ids(rigIds)))));
    }

    @Override
    public Optional<KeptEntry> meterEntry(UUID id) {
        return meters(METER_ENTRY.WORKSHOP_ID.eq(CurrentPerson.workshopId()).and(METER_ENTRY.ID.eq(id))).stream()
                .findFirst();
    }

    @Override
    public boolean put(KeptEntry kept) {
        var row = new MeterEntryRecord();
        row.setReadOn(kept.entry().on());
        row.setShowsKm(kept.entry().shows());
        row.setKind(kept.entry().kind().name());
        row.setBeforeKm(kept.entry().before().orElse(null));
        row.setNote(kept.note());
        row.setVersion(kept.version() + 1);
        try {
            return db.insertInto(METER_ENTRY)
                            .set(row)
                            .set(METER_ENTRY.ID, kept.id())
                            .set(METER_ENTRY.WORKSHOP_ID, CurrentPerson.workshopId())
                            .set(METER_ENTRY.RIG_ID, kept.rigId())
                            .onConflict(METER_ENTRY.WORKSHOP_ID, METER_ENTRY.ID)
                            .doUpdate()
                            .set(row)
                            .where(METER_ENTRY.VERSION.eq(kept.version()), METER_ENTRY.RIG_ID.eq(kept.rigId()))
                            .execute()
                    == 1;
        } catch (DuplicateKeyException e) {
            return false;
        }
    }

    @Override
    public boolean removeMeterEntry(UUID id, int version) {
        return db.deleteFrom(METER_ENTRY)
                        .where(
                                METER_ENTRY.WORKSHOP_ID.eq(CurrentPerson.workshopId()),
                                METER_ENTRY.ID.eq(id),
                                METER_ENTRY.VERSION.eq(version))
                        .execute()
                == 1;
    }

    @Override
    public List<Trip> trips(Collection<UUID> rigIds) {
        return trips.ofRigs(ids(rigIds));
    }

    @Override
    public List<Trip> coming(LocalDate from, LocalDate to, int most) {
        return trips.coming(from, to, most);
    }

    @Override
    public Optional<Trip> trip(UUID id) {
        return trips.one(id);
    }

    @Override
    public boolean put(Trip trip) {
        return trips.put(trip);
    }

    @Override
    public List<WaterNote> water(Collection<UUID> rigIds) {
        return db.selectFrom(WATER_ENTRY)
                .where(WATER_ENTRY.WORKSHOP_ID.eq(CurrentPerson.workshopId()), WATER_ENTRY.RIG_ID.eq(any(ids(rigIds))))
                .orderBy(WATER_ENTRY.ON_DAY, WATER_ENTRY.ID)
                .fetch(row -> new WaterNote(
                        row.getId(),
                        row.getRigId(),
                        new WaterEntry(row.getOnDay(), WaterEntry.Kind.valueOf(row.getKind())),
                        row.getSalt(),
                        row.getHot(),
                        row.getNote()));
    }

    @Override
    public boolean add(WaterNote note) {
        var row = new WaterEntryRecord();
        row.setId(note.id());
        row.setWorkshopId(CurrentPerson.workshopId());
        row.setRigId(note.rigId());
        row.setOnDay(note.entry().on());
        row.setKind(note.entry().kind().name());
        row.setSalt(note.salt());
        row.setHot(note.hot());
        row.setNote(note.note());
        return db.insertInto(WATER_ENTRY).set(row).onConflictDoNothing().execute() == 1;
    }

    @Override
    public Optional<UUID> removeWater(UUID id) {
        return db.deleteFrom(WATER_ENTRY)
                .where(WATER_ENTRY.WORKSHOP_ID.eq(CurrentPerson.workshopId()), WATER_ENTRY.ID.eq(id))
                .returning(WATER_ENTRY.RIG_ID)
                .fetchOptional(WATER_ENTRY.RIG_ID);
    }

    private List<KeptEntry> meters(Condition which) {
        return db.selectFrom(METER_ENTRY)
                .where(which)
                .orderBy(METER_ENTRY.READ_ON, METER_ENTRY.ID)
                .fetch(row -> new KeptEntry(
                        row.getId(),
                        row.getVersion(),
                        row.getRigId(),
                        new MeterEntry(
                                row.getReadOn(),
                                row.getShowsKm(),
                                MeterEntry.Kind.valueOf(row.getKind()),
                                Optional.ofNullable(row.getBeforeKm())),
                        row.getNote()));
    }

    private static UUID[] ids(Collection<UUID> rigIds) {
        return rigIds.toArray(UUID[]::new);
    }
}
