package oldtallow.app.identity.model;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;

/** Where second factors are kept. */
public interface FactorStore {

    /**
     * A person's second factor.
     *
     * @param recoveryHashes of codes that are still good
     */
    @SuppressWarnings("ArrayRecordComponent") // a key, compared by nobody
    record Factor(byte[] secret, boolean confirmed, List<String> recoveryHashes) {}

    /** Outside row security: asked at sign-in. */
    Optional<Factor> of(UUID personId);

    /** In place of the one before. */
    void put(UUID workshopId, UUID personId, byte[] secret);

    void confirm(UUID workshopId, UUID personId, Instant at, List<String> recoveryHashes);

    void remove(UUID workshopId, UUID personId);

    /** Takes the code of a step of time; false where that or a later one was taken. */
    boolean takeStep(UUID personId, long step);

    /** Takes a recovery code; false where it is none, or was taken. */
    boolean takeRecovery(UUID personId, String hash);
}
