package oldtallow.app.register.persistence;

import static oldtallow.db.tables.OwnProcedure.OWN_PROCEDURE;

import java.util.List;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.register.reference.OwnProcedure;
import oldtallow.app.register.reference.ProcedureStore;
import oldtallow.app.units.form.ProcedureForm;
import oldtallow.core.fastening.sequence.ProcedureId;
import oldtallow.db.tables.records.OwnProcedureRecord;
import org.jooq.DSLContext;
import org.jooq.JSONB;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Repository;
import tools.jackson.databind.json.JsonMapper;

@Repository
class JooqProcedures implements ProcedureStore {

    private final DSLContext db;
    private final JsonMapper json;

    JooqProcedures(DSLContext db, JsonMapper json) {
        this.db = db;
        this.json = json;
    }

    @Override
    public List<OwnProcedure> all() {
        return db.selectFrom(OWN_PROCEDURE)
                .where(OWN_PROCEDURE.WORKSHOP_ID.eq(CurrentPerson.workshopId()))
                .orderBy(OWN_PROCEDURE.LABEL, OWN_PROCEDURE.ID)
                .fetch(this::read);
    }

    @Override
    public boolean put(OwnProcedure own) {
        var row = new OwnProcedureRecord();
        row.setLabel(own.procedure().label());
        row.setBody(JSONB.valueOf(json.writeValueAsString(ProcedureForm.of(own.procedure()))));
        row.setRetired(own.retired());
        row.setVersion(own.version() + 1);
        try {
            return db.insertInto(OWN_PROCEDURE)
                            .set(row)
                            .set(OWN_PROCEDURE.ID, own.id())
                            .set(OWN_PROCEDURE.WORKSHOP_ID, CurrentPerson.workshopId())
                            .onConflict(OWN_PROCEDURE.WORKSHOP_ID, OWN_PROCEDURE.ID)
                            .doUpdate()
                            .set(row)
                            .where(OWN_PROCEDURE.VERSION.eq(own.version()))
                            .execute()
                    == 1;
        } catch (DuplicateKeyException e) {
            return false;
        }
    }

    private OwnProcedure read(OwnProcedureRecord row) {
        ProcedureForm form = json.readValue(row.getBody().data(), ProcedureForm.class);
        return new OwnProcedure(
                form.toProcedure(new ProcedureId(row.getId().toString())), row.getRetired(), row.getVersion());
    }
}
