package oldtallow.app.identity.persistence;

import static oldtallow.db.tables.Workshop.WORKSHOP;
import static oldtallow.db.tables.WorkshopOwners.WORKSHOP_OWNERS;
import static oldtallow.db.tables.WorkshopRates.WORKSHOP_RATES;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.identity.access.Role;
import oldtallow.app.identity.access.SignedIn;
import oldtallow.app.identity.model.Rates;
import oldtallow.app.identity.model.Workshop;
import oldtallow.app.identity.model.WorkshopStore;
import oldtallow.core.stock.Money;
import oldtallow.db.tables.records.WorkshopRatesRecord;
import org.jooq.DSLContext;
import org.jooq.Records;
import org.springframework.stereotype.Repository;

@Repository
class JooqWorkshops implements WorkshopStore {

    private final DSLContext db;

    JooqWorkshops(DSLContext db) {
        this.db = db;
    }

    @Override
    public Optional<Workshop> find(UUID workshopId) {
        return db.select(WORKSHOP.ID, WORKSHOP.NAME)
                .from(WORKSHOP)
                .where(WORKSHOP.ID.eq(workshopId))
                .fetchOptional(Records.mapping(Workshop::new));
    }

    @Override
    public List<SignedIn> owners() {
        return db.selectFrom(WORKSHOP_OWNERS.call())
                .fetch(row -> new SignedIn(row.getPersonId(), row.getWorkshopId(), row.getName(), Role.OWNER));
    }

    @Override
    public Optional<Rates> rates(UUID workshopId) {
        return db.selectFrom(WORKSHOP_RATES)
                .where(WORKSHOP_RATES.WORKSHOP_ID.eq(workshopId))
                .fetchOptional(row -> new Rates(
                        new Money(row.getHourCents()),
                        new Money(row.getSundriesCents()),
                        new Money(row.getStandingDayCents()),
                        row.getVersion()));
    }

    @Override
    public boolean set(UUID workshopId, Rates rates) {
        var row = new WorkshopRatesRecord();
        row.setHourCents(rates.hour().cents());
        row.setSundriesCents(rates.sundries().cents());
        row.setStandingDayCents(rates.standingDay().cents());
        row.setVersion(rates.version() + 1);
        return db.insertInto(WORKSHOP_RATES)
                        .set(row)
                        .set(WORKSHOP_RATES.ID, UUID.randomUUID())
                        .set(WORKSHOP_RATES.WORKSHOP_ID, workshopId)
                        .onConflict(WORKSHOP_RATES.WORKSHOP_ID)
                        .doUpdate()
                        .set(row)
                        .where(WORKSHOP_RATES.VERSION.eq(rates.version()))
                        .execute()
                == 1;
    }
}
