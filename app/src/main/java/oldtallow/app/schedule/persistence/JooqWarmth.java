package oldtallow.app.schedule.persistence;

import static oldtallow.db.tables.WarmthHub.WARMTH_HUB;
import static oldtallow.db.tables.WarmthStop.WARMTH_STOP;
import static org.jooq.impl.DSL.any;

import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.schedule.model.WarmthStop;
import oldtallow.app.schedule.model.WarmthStore;
import oldtallow.core.travel.warmth.Felt;
import oldtallow.core.travel.warmth.Touch;
import oldtallow.db.tables.records.WarmthHubRecord;
import oldtallow.db.tables.records.WarmthStopRecord;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

@Repository
class JooqWarmth implements WarmthStore {

    private final DSLContext db;

    JooqWarmth(DSLContext db) {
        this.db = db;
    }

    @Override
    public List<WarmthStop> last(UUID rigId, int most) {
        return read(db.selectFrom(WARMTH_STOP)
                .where(WARMTH_STOP.WORKSHOP_ID.eq(CurrentPerson.workshopId()), WARMTH_STOP.RIG_ID.eq(rigId))
                .orderBy(WARMTH_STOP.AT.desc(), WARMTH_STOP.ID)
                .limit(most)
                .fetch()
                .reversed());
    }

    @Override
    public List<WarmthStop> ofTrip(UUID tripId) {
        return read(db.selectFrom(WARMTH_STOP)
                .where(WARMTH_STOP.WORKSHOP_ID.eq(CurrentPerson.workshopId()), WARMTH_STOP.TRIP_ID.eq(tripId))
                .orderBy(WARMTH_STOP.AT, WARMTH_STOP.ID)
                .fetch());
    }

    @Override
    public boolean add(WarmthStop stop) {
        var row = new WarmthStopRecord();
        row.setId(stop.id());
        row.setWorkshopId(CurrentPerson.workshopId());
        row.setRigId(stop.rigId());
        row.setAt(stop.at().atOffset(ZoneOffset.UTC));
        row.setTripId(stop.tripId());
        row.setTripKm(stop.tripKm());
        row.setJobId(stop.jobId());
        row.setDayCelsius(stop.dayCelsius());
        row.setPersonName(stop.person());
        row.setNote(stop.note());
        boolean added =
                db.insertInto(WARMTH_STOP).set(row).onConflictDoNothing().execute() == 1;
        if (added) {
            db.insertInto(WARMTH_HUB)
                    .set(stop.hubs().stream()
                            .map(hub -> new WarmthHubRecord(
                                    UUID.randomUUID(),
                                    CurrentPerson.workshopId(),
                                    stop.id(),
                                    hub.wheelEndId(),
                                    hub.felt().touch().name(),
                                    hub.felt().celsius().orElse(null)))
                            .toList())
                    .execute();
        }
        return added;
    }

    @Override
    public Optional<UUID> remove(UUID id) {
        return db.deleteFrom(WARMTH_STOP)
                .where(WARMTH_STOP.WORKSHOP_ID.eq(CurrentPerson.workshopId()), WARMTH_STOP.ID.eq(id))
                .returning(WARMTH_STOP.RIG_ID)
                .fetchOptional(WARMTH_STOP.RIG_ID);
    }

    private List<WarmthStop> read(List<WarmthStopRecord> stops) {
        UUID[] ids = stops.stream().map(WarmthStopRecord::getId).toArray(UUID[]::new);
        Map<UUID, List<WarmthStop.Hub>> hubs = db.selectFrom(WARMTH_HUB)
                .where(WARMTH_HUB.WORKSHOP_ID.eq(CurrentPerson.workshopId()), WARMTH_HUB.STOP_ID.eq(any(ids)))
                .fetchGroups(
                        WarmthHubRecord::getStopId,
                        row -> new WarmthStop.Hub(
                                row.getWheelEndId(),
                                new Felt(Touch.valueOf(row.getTouch()), Optional.ofNullable(row.getCelsius()))));
        return stops.stream()
                .map(row -> new WarmthStop(
                        row.getId(),
                        row.getRigId(),
                        row.getAt().toInstant(),
                        row.getTripId(),
                        row.getTripKm(),
                        row.getJobId(),
                        row.getDayCelsius(),
                        hubs.getOrDefault(row.getId(), List.of()),
                        row.getPersonName(),
                        row.getNote()))
                .toList();
    }
}
