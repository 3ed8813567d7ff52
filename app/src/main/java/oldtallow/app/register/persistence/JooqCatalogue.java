package oldtallow.app.register.persistence;

import static oldtallow.db.tables.OwnBearingSet.OWN_BEARING_SET;

import java.util.List;
import java.util.UUID;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.register.reference.CatalogueSet;
import oldtallow.app.register.reference.CatalogueStore;
import oldtallow.core.bearing.BearingSet;
import oldtallow.core.bearing.BearingSet.Series;
import oldtallow.core.bearing.CatalogueEntry;
import oldtallow.core.bearing.CatalogueEntry.Confidence;
import oldtallow.core.bearing.SetDesignation;
import oldtallow.core.quantity.Length;
import oldtallow.db.tables.records.OwnBearingSetRecord;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

@Repository
class JooqCatalogue implements CatalogueStore {

    private final DSLContext db;

    JooqCatalogue(DSLContext db) {
        this.db = db;
    }

    @Override
    public List<CatalogueSet> own() {
        return db.selectFrom(OWN_BEARING_SET)
                .where(OWN_BEARING_SET.WORKSHOP_ID.eq(CurrentPerson.workshopId()))
                .orderBy(OWN_BEARING_SET.CONE, OWN_BEARING_SET.CUP)
                .fetch(JooqCatalogue::read);
    }

    @Override
    public boolean add(UUID id, CatalogueEntry entry) {
        BearingSet set = entry.set();
        return db.insertInto(OWN_BEARING_SET)
                        .set(OWN_BEARING_SET.ID, id)
                        .set(OWN_BEARING_SET.WORKSHOP_ID, CurrentPerson.workshopId())
                        .set(OWN_BEARING_SET.CONE, set.designation().cone())
                        .set(OWN_BEARING_SET.CUP, set.designation().cup())
                        .set(OWN_BEARING_SET.SERIES, set.series().name())
                        .set(OWN_BEARING_SET.BORE_UM, set.bore().micrometres())
                        .set(OWN_BEARING_SET.OUTSIDE_UM, set.outsideDiameter().micrometres())
                        .set(OWN_BEARING_SET.WIDTH_UM, set.width().micrometres())
                        .set(OWN_BEARING_SET.CONE_WIDTH_UM, set.coneWidth().micrometres())
                        .set(OWN_BEARING_SET.CUP_WIDTH_UM, set.cupWidth().micrometres())
                        .set(OWN_BEARING_SET.E, set.e())
                        .set(OWN_BEARING_SET.SOURCE, entry.source())
                        .onConflictDoNothing()
                        .execute()
                == 1;
    }

    @Override
    public boolean remove(UUID id) {
        return db.deleteFrom(OWN_BEARING_SET)
                        .where(OWN_BEARING_SET.WORKSHOP_ID.eq(CurrentPerson.workshopId()), OWN_BEARING_SET.ID.eq(id))
                        .execute()
                == 1;
    }

    private static CatalogueSet read(OwnBearingSetRecord row) {
        var set = new BearingSet(
                new SetDesignation(row.getCone(), row.getCup()),
                Series.valueOf(row.getSeries()),
                Length.ofMicrometres(row.getBoreUm()),
                Length.ofMicrometres(row.getOutsideUm()),
                Length.ofMicrometres(row.getWidthUm()),
                Length.ofMicrometres(row.getConeWidthUm()),
                Length.ofMicrometres(row.getCupWidthUm()),
                row.getE());
        return new CatalogueSet(new CatalogueEntry(set, Confidence.UNCERTAIN, row.getSource()), row.getId());
    }
}
