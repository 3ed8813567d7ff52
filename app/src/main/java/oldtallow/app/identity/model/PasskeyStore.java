package oldtallow.app.identity.model;

import java.time.Instant;
import java.util.List;
import java.util.UUID;

/** Where passkeys are kept: public keys of people's devices. */
public interface PasskeyStore {

    /**
     * A passkey.
     *
     * @param attestation what the device said when it made the key
     * @param signatureCount as the device told last
     * @param verified whether the device knew its owner when it was made
     */
    @SuppressWarnings("ArrayRecordComponent") // keys, compared by nobody
    record Passkey(
            UUID id,
            UUID personId,
            byte[] credentialId,
            byte[] publicKey,
            byte[] attestation,
            long signatureCount,
            boolean verified,
            boolean backupEligible,
            boolean backedUp,
            String label,
            Instant createdAt,
            Instant lastUsedAt) {}

    /** Outside row security: asked at sign-in. The oldest first. */
    List<Passkey> of(UUID personId);

    /** False where the device's key is known already, to whomever. */
    boolean add(UUID workshopId, Passkey passkey);

    /** One was used at the door. */
    void used(byte[] credentialId, long signatureCount, boolean backedUp, Instant at);

    void remove(UUID workshopId, UUID personId, UUID id);

    void removeAll(UUID workshopId, UUID personId);
}
