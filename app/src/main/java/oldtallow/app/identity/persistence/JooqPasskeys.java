package oldtallow.app.identity.persistence;

import static oldtallow.db.tables.Passkey.PASSKEY;
import static oldtallow.db.tables.PasskeysOf.PASSKEYS_OF;

import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.UUID;
import oldtallow.app.identity.model.PasskeyStore;
import oldtallow.db.Routines;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

@Repository
class JooqPasskeys implements PasskeyStore {

    private final DSLContext db;

    JooqPasskeys(DSLContext db) {
        this.db = db;
    }

    @Override
    public List<Passkey> of(UUID personId) {
        return db.selectFrom(PASSKEYS_OF.call(personId))
                .fetch(row -> new Passkey(
                        row.getId(),
                        row.getPersonId(),
                        row.getCredentialId(),
                        row.getPublicKey(),
                        row.getAttestation(),
                        row.getSignatureCount(),
                        row.getVerified(),
                        row.getBackupEligible(),
                        row.getBackedUp(),
                        row.getLabel(),
                        row.getCreatedAt().toInstant(),
                        row.getLastUsedAt().toInstant()));
    }

    @Override
    public boolean add(UUID workshopId, Passkey passkey) {
        return db.insertInto(PASSKEY)
                        .set(PASSKEY.ID, passkey.id())
                        .set(PASSKEY.WORKSHOP_ID, workshopId)
                        .set(PASSKEY.PERSON_ID, passkey.personId())
                        .set(PASSKEY.CREDENTIAL_ID, passkey.credentialId())
                        .set(PASSKEY.PUBLIC_KEY, passkey.publicKey())
                        .set(PASSKEY.ATTESTATION, passkey.attestation())
                        .set(PASSKEY.SIGNATURE_COUNT, passkey.signatureCount())
                        .set(PASSKEY.VERIFIED, passkey.verified())
                        .set(PASSKEY.BACKUP_ELIGIBLE, passkey.backupEligible())
                        .set(PASSKEY.BACKED_UP, passkey.backedUp())
                        .set(PASSKEY.LABEL, passkey.label())
                        .set(PASSKEY.CREATED_AT, passkey.createdAt().atOffset(ZoneOffset.UTC))
                        .set(PASSKEY.LAST_USED_AT, passkey.lastUsedAt().atOffset(ZoneOffset.UTC))
                        .onConflictDoNothing()
                        .execute()
                == 1;
    }

    @Override
    public void used(byte[] credentialId, long signatureCount, boolean backedUp, Instant at) {
        Routines.passkeyUsed(db.configuration(), credentialId, signatureCount, backedUp, at.atOffset(ZoneOffset.UTC));
    }

    @Override
    public void remove(UUID workshopId, UUID personId, UUID id) {
        db.deleteFrom(PASSKEY)
                .where(PASSKEY.WORKSHOP_ID.eq(workshopId), PASSKEY.PERSON_ID.eq(personId), PASSKEY.ID.eq(id))
                .execute();
    }

    @Override
    public void removeAll(UUID workshopId, UUID personId) {
        db.deleteFrom(PASSKEY)
                .where(PASSKEY.WORKSHOP_ID.eq(workshopId), PASSKEY.PERSON_ID.eq(personId))
                .execute();
    }
}
