package oldtallow.app.schedule.persistence;

import static oldtallow.db.tables.Trip.TRIP;
import static oldtallow.db.tables.TripLeg.TRIP_LEG;
import static org.jooq.impl.DSL.any;
import static org.jooq.impl.DSL.select;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.schedule.model.Trip;
import oldtallow.db.tables.records.TripLegRecord;
import oldtallow.db.tables.records.TripRecord;
import org.jooq.Condition;
import org.jooq.DSLContext;

/** Trips and their legs to and from their two tables. */
final class TripRows {

    private final DSLContext db;

    TripRows(DSLContext db) {
        this.db = db;
    }

    List<Trip> ofRigs(UUID[] rigIds) {
        return read(TRIP.RIG_ID.eq(any(rigIds)));
    }

    List<Trip> coming(LocalDate from, LocalDate to, int most) {
        return read(TRIP.ID.in(select(TRIP.ID)
                .from(TRIP)
                .where(
                        TRIP.WORKSHOP_ID.eq(CurrentPerson.workshopId()),
                        TRIP.STATE.eq(Trip.State.PLANNED.name()),
                        TRIP.TO_ON.ge(from),
                        TRIP.FROM_ON.le(to))
                .orderBy(TRIP.FROM_ON, TRIP.ID)
                .limit(most)));
    }

    Optional<Trip> one(UUID id) {
        return read(TRIP.ID.eq(id)).stream().findFirst();
    }

    /** False where the trip there is no longer of this version, or another rig's. */
    boolean put(Trip trip) {
        var row = new TripRecord();
        row.setName(trip.name());
        row.setState(trip.state().name());
        row.setFromOn(trip.from());
        row.setToOn(trip.to());
        row.setKm(trip.km());
        row.setTrack(trip.track());
        row.setNote(trip.note());
        row.setVersion(trip.version() + 1);
        boolean kept = db.insertInto(TRIP)
                        .set(row)
                        .set(TRIP.ID, trip.id())
                        .set(TRIP.WORKSHOP_ID, CurrentPerson.workshopId())
                        .set(TRIP.RIG_ID, trip.rigId())
                        .onConflict(TRIP.WORKSHOP_ID, TRIP.ID)
                        .doUpdate()
                        .set(row)
                        .where(TRIP.VERSION.eq(trip.version()), TRIP.RIG_ID.eq(trip.rigId()))
                        .execute()
                == 1;
        if (kept) {
            db.deleteFrom(TRIP_LEG)
                    .where(TRIP_LEG.WORKSHOP_ID.eq(CurrentPerson.workshopId()), TRIP_LEG.TRIP_ID.eq(trip.id()))
                    .execute();
            db.insertInto(TRIP_LEG)
                    .set(IntStream.range(0, trip.legs().size())
                            .mapToObj(i -> leg(trip.id(), i + 1, trip.legs().get(i)))
                            .toList())
                    .execute();
        }
        return kept;
    }

    private List<Trip> read(Condition which) {
        List<TripRecord> rows = db.selectFrom(TRIP)
                .where(TRIP.WORKSHOP_ID.eq(CurrentPerson.workshopId()), which)
                .orderBy(TRIP.FROM_ON, TRIP.ID)
                .fetch();
        if (rows.isEmpty()) {
            return List.of();
        }
        Map<UUID, List<Trip.Leg>> legs = db.selectFrom(TRIP_LEG)
                .where(
                        TRIP_LEG.WORKSHOP_ID.eq(CurrentPerson.workshopId()),
                        TRIP_LEG.TRIP_ID.eq(
                                any(rows.stream().map(TripRecord::getId).toArray(UUID[]::new))))
                .orderBy(TRIP_LEG.TRIP_ID, TRIP_LEG.NUMBER)
                .fetchGroups(TripLegRecord::getTripId, TripRows::leg);
        return rows.stream()
                .map(row -> new Trip(
                        row.getId(),
                        row.getVersion(),
                        row.getRigId(),
                        row.getName(),
                        Trip.State.valueOf(row.getState()),
                        row.getFromOn(),
                        row.getToOn(),
                        row.getKm(),
                        row.getTrack(),
                        row.getNote(),
                        legs.getOrDefault(row.getId(), List.of())))
                .toList();
    }

    private static TripLegRecord leg(UUID tripId, int number, Trip.Leg leg) {
        return new TripLegRecord(
                UUID.randomUUID(),
                CurrentPerson.workshopId(),
                tripId,
                (short) number,
                leg.to(),
                leg.on(),
                leg.km(),
                (short) leg.crossings(),
                (short) leg.dunkings(),
                leg.noHelp());
    }

    private static Trip.Leg leg(TripLegRecord row) {
        return new Trip.Leg(
                row.getGoesTo(), row.getOnDay(), row.getKm(), row.getCrossings(), row.getDunkings(), row.getNoHelp());
    }
}
