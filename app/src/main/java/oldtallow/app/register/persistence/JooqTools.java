package oldtallow.app.register.persistence;

import static oldtallow.db.tables.WorkshopTool.WORKSHOP_TOOL;

import java.util.List;
import java.util.UUID;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.register.reference.ToolStore;
import oldtallow.app.register.reference.WorkshopTool;
import oldtallow.core.quantity.Length;
import oldtallow.db.tables.records.WorkshopToolRecord;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Repository;

@Repository
class JooqTools implements ToolStore {

    private static final double CUBIC_MM_PER_CM = 1000;

    private final DSLContext db;

    JooqTools(DSLContext db) {
        this.db = db;
    }

    @Override
    public List<WorkshopTool> all() {
        return db.selectFrom(WORKSHOP_TOOL)
                .where(WORKSHOP_TOOL.WORKSHOP_ID.eq(CurrentPerson.workshopId()))
                .orderBy(WORKSHOP_TOOL.KIND, WORKSHOP_TOOL.OUTSIDE_UM, WORKSHOP_TOOL.NAME)
                .fetch(JooqTools::read);
    }

    @Override
    public boolean put(WorkshopTool tool) {
        var row = new WorkshopToolRecord();
        row.setKind(tool.kind().name());
        row.setName(tool.name());
        @Nullable Length outside = tool.outside();
        row.setOutsideUm(outside == null ? null : (int) Math.round(outside.micrometres()));
        @Nullable Double stroke = tool.strokeCubicCentimetres();
        row.setStrokeMm3(stroke == null ? null : (int) Math.round(stroke * CUBIC_MM_PER_CM));
        row.setVersion(tool.version() + 1);
        try {
            return db.insertInto(WORKSHOP_TOOL)
                            .set(row)
                            .set(WORKSHOP_TOOL.ID, tool.id())
                            .set(WORKSHOP_TOOL.WORKSHOP_ID, CurrentPerson.workshopId())
                            .onConflict(WORKSHOP_TOOL.WORKSHOP_ID, WORKSHOP_TOOL.ID)
                            .doUpdate()
                            .set(row)
                            .where(WORKSHOP_TOOL.VERSION.eq(tool.version()))
                            .execute()
                    == 1;
        } catch (DuplicateKeyException e) {
            return false;
        }
    }

    @Override
    public boolean remove(UUID id) {
        return db.deleteFrom(WORKSHOP_TOOL)
                        .where(WORKSHOP_TOOL.WORKSHOP_ID.eq(CurrentPerson.workshopId()), WORKSHOP_TOOL.ID.eq(id))
                        .execute()
                == 1;
    }

    private static WorkshopTool read(WorkshopToolRecord row) {
        @Nullable Integer outside = row.getOutsideUm();
        @Nullable Integer stroke = row.getStrokeMm3();
        return new WorkshopTool(
                row.getId(),
                WorkshopTool.Kind.valueOf(row.getKind()),
                row.getName(),
                outside == null ? null : Length.ofMicrometres(outside),
                stroke == null ? null : stroke / CUBIC_MM_PER_CM,
                row.getVersion());
    }
}
