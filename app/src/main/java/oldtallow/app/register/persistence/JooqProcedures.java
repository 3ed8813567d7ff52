package oldtallow.app.register.persistence;

import static oldtallow.db.tables.OwnSchool.OWN_SCHOOL;

import java.util.List;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.register.reference.OwnProcedure;
import oldtallow.app.register.reference.ProcedureStore;
import oldtallow.app.units.form.ProcedureForm;
import oldtallow.core.fastening.sequence.ProcedureId;
import oldtallow.db.tables.records.OwnSchoolRecord;
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
        return db.selectFrom(OWN_SCHOOL)
                .where(OWN_SCHOOL.WORKSHOP_ID.eq(CurrentPerson.workshopId()))
                .orderBy(OWN_SCHOOL.LABEL, OWN_SCHOOL.ID)
                .fetch(this::read);
    }

    @Override
    public boolean put(OwnProcedure own) {
        var row = new OwnSchoolRecord();
        row.setLabel(own.school().label());
        row.setBody(JSONB.valueOf(json.writeValueAsString(ProcedureForm.of(own.school()))));
        row.setRetired(own.retired());
        row.setVersion(own.version() + 1);
        try {
            return db.insertInto(OWN_SCHOOL)
                            .set(row)
                            .set(OWN_SCHOOL.ID, own.id())
                            .set(OWN_SCHOOL.WORKSHOP_ID, CurrentPerson.workshopId())
                            .onConflict(OWN_SCHOOL.WORKSHOP_ID, OWN_SCHOOL.ID)
                            .doUpdate()
                            .set(row)
                            .where(OWN_SCHOOL.VERSION.eq(own.version()))
                            .execute()
                    == 1;
        } catch (DuplicateKeyException e) {
            return false;
        }
    }

    private OwnProcedure read(OwnSchoolRecord row) {
        ProcedureForm form = json.readValue(row.getBody().data(), ProcedureForm.class);
        return new OwnProcedure(
                form.toSchool(new ProcedureId(row.getId().toString())), row.getRetired(), row.getVersion());
    }
}
