package oldtallow.app.instrument.persistence;

import static oldtallow.db.tables.Instrument.INSTRUMENT;

import java.util.List;
import java.util.UUID;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.instrument.model.InstrumentStore;
import oldtallow.app.instrument.model.PairedInstrument;
import oldtallow.core.setting.measure.Instrument;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

@Repository
class JooqInstruments implements InstrumentStore {

    private final DSLContext db;

    JooqInstruments(DSLContext db) {
        this.db = db;
    }

    @Override
    public List<PairedInstrument> all() {
        return db.selectFrom(INSTRUMENT)
                .where(INSTRUMENT.WORKSHOP_ID.eq(CurrentPerson.workshopId()))
                .orderBy(INSTRUMENT.KIND, INSTRUMENT.NAME, INSTRUMENT.ID)
                .fetch(row -> new PairedInstrument(
                        row.getId(), Instrument.valueOf(row.getKind()), row.getName(), row.getSerial(), row.getPort()));
    }

    @Override
    public boolean add(PairedInstrument instrument) {
        return db.insertInto(INSTRUMENT)
                        .set(INSTRUMENT.ID, instrument.id())
                        .set(INSTRUMENT.WORKSHOP_ID, CurrentPerson.workshopId())
                        .set(INSTRUMENT.KIND, instrument.kind().name())
                        .set(INSTRUMENT.NAME, instrument.name())
                        .set(INSTRUMENT.SERIAL, instrument.serial())
                        .set(INSTRUMENT.PORT, instrument.port())
                        .onConflictDoNothing()
                        .execute()
                == 1;
    }

    @Override
    public boolean remove(UUID id) {
        return db.deleteFrom(INSTRUMENT)
                        .where(INSTRUMENT.WORKSHOP_ID.eq(CurrentPerson.workshopId()), INSTRUMENT.ID.eq(id))
                        .execute()
                == 1;
    }
}
