package oldtallow.app.identity.persistence;

import static oldtallow.db.tables.SecondFactor.SECOND_FACTOR;
import static oldtallow.db.tables.SecondFactorOf.SECOND_FACTOR_OF;

import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.identity.model.FactorStore;
import oldtallow.db.Routines;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

@Repository
class JooqFactors implements FactorStore {

    private final DSLContext db;

    JooqFactors(DSLContext db) {
        this.db = db;
    }

    @Override
    public Optional<Factor> of(UUID personId) {
        return db.selectFrom(SECOND_FACTOR_OF.call(personId))
                .fetchOptional(
                        row -> new Factor(row.getSecret(), row.getConfirmed(), List.of(row.getRecoveryHashes())));
    }

    @Override
    public void put(UUID workshopId, UUID personId, byte[] secret) {
        remove(workshopId, personId);
        db.insertInto(SECOND_FACTOR)
                .set(SECOND_FACTOR.ID, personId)
                .set(SECOND_FACTOR.WORKSHOP_ID, workshopId)
                .set(SECOND_FACTOR.SECRET, secret)
                .execute();
    }

    @Override
    public void confirm(UUID workshopId, UUID personId, Instant at, List<String> recoveryHashes) {
        db.update(SECOND_FACTOR)
                .set(SECOND_FACTOR.CONFIRMED_AT, at.atOffset(ZoneOffset.UTC))
                .set(SECOND_FACTOR.RECOVERY_HASHES, recoveryHashes.toArray(String[]::new))
                .where(SECOND_FACTOR.WORKSHOP_ID.eq(workshopId), SECOND_FACTOR.ID.eq(personId))
                .execute();
    }

    @Override
    public void remove(UUID workshopId, UUID personId) {
        db.deleteFrom(SECOND_FACTOR)
                .where(SECOND_FACTOR.WORKSHOP_ID.eq(workshopId), SECOND_FACTOR.ID.eq(personId))
                .execute();
    }

    @Override
    public boolean takeStep(UUID personId, long step) {
        return Boolean.TRUE.equals(Routines.takeSecondFactorStep(db.configuration(), personId, step));
    }

    @Override
    public boolean takeRecovery(UUID personId, String hash) {
        return Boolean.TRUE.equals(Routines.takeRecoveryCode(db.configuration(), personId, hash));
    }
}
