package oldtallow.app.schedule.persistence;

import static oldtallow.db.tables.ServiceEvent.SERVICE_EVENT;
import static org.jooq.impl.DSL.any;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.schedule.model.ServiceEvent;
import oldtallow.app.schedule.model.ServiceStore;
import oldtallow.db.tables.records.ServiceEventRecord;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

@Repository
class JooqServices implements ServiceStore {

    private final DSLContext db;

    JooqServices(DSLContext db) {
        this.db = db;
    }

    @Override
    public List<ServiceEvent> of(Collection<UUID> wheelEndIds) {
        return db.selectFrom(SERVICE_EVENT)
                .where(
                        SERVICE_EVENT.WORKSHOP_ID.eq(CurrentPerson.workshopId()),
                        SERVICE_EVENT.WHEEL_END_ID.eq(any(wheelEndIds.toArray(UUID[]::new))))
                .orderBy(SERVICE_EVENT.DONE_ON, SERVICE_EVENT.RECORDED_AT, SERVICE_EVENT.ID)
                .fetch(row -> new ServiceEvent(
                        row.getId(),
                        row.getWheelEndId(),
                        ServiceEvent.Kind.valueOf(row.getAction()),
                        row.getDoneOn(),
                        ServiceEvent.Source.valueOf(row.getSource()),
                        row.getJobId(),
                        row.getPersonName(),
                        row.getNote()));
    }

    @Override
    public void add(ServiceEvent event) {
        var row = new ServiceEventRecord();
        row.setId(event.id());
        row.setWorkshopId(CurrentPerson.workshopId());
        row.setWheelEndId(event.wheelEndId());
        row.setAction(event.kind().name());
        row.setDoneOn(event.on());
        row.setSource(event.source().name());
        row.setJobId(event.jobId());
        row.setPersonName(event.person());
        row.setNote(event.note());
        db.insertInto(SERVICE_EVENT).set(row).onConflictDoNothing().execute();
    }
}
