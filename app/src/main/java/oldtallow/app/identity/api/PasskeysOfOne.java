package oldtallow.app.identity.api;

import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import oldtallow.app.identity.model.PasskeyStore.Passkey;
import org.jspecify.annotations.Nullable;
import org.springframework.security.web.webauthn.api.Bytes;
import org.springframework.security.web.webauthn.api.CredentialRecord;
import org.springframework.security.web.webauthn.api.ImmutableCredentialRecord;
import org.springframework.security.web.webauthn.api.ImmutablePublicKeyCose;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialType;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialUserEntity;
import org.springframework.security.web.webauthn.management.PublicKeyCredentialUserEntityRepository;
import org.springframework.security.web.webauthn.management.UserCredentialRepository;

/**
 * The passkeys of one person, as Spring Security asks for them: who it is was told by the password, and no other's key is looked
 * at. What it wants saved is handed on by {@link #saved}.
 */
final class PasskeysOfOne implements UserCredentialRepository, PublicKeyCredentialUserEntityRepository {

    private final PublicKeyCredentialUserEntity person;
    private final List<Passkey> all;
    private @Nullable CredentialRecord saved;

    PasskeysOfOne(PublicKeyCredentialUserEntity person, List<Passkey> all) {
        this.person = person;
        this.all = List.copyOf(all);
    }

    CredentialRecord saved() {
        return Objects.requireNonNull(saved, "nothing was made or used");
    }

    @Override
    public void save(CredentialRecord record) {
        saved = record;
    }

    @Override
    public @Nullable CredentialRecord findByCredentialId(Bytes credentialId) {
        return all.stream()
                .filter(one -> new Bytes(one.credentialId()).equals(credentialId))
                .map(this::record)
                .findFirst()
                .orElse(null);
    }

    @Override
    public List<CredentialRecord> findByUserId(Bytes userId) {
        return all.stream().map(this::record).toList();
    }

    @Override
    public @Nullable PublicKeyCredentialUserEntity findById(Bytes id) {
        return id.equals(person.getId()) ? person : null;
    }

    @Override
    public PublicKeyCredentialUserEntity findByUsername(String name) {
        return person;
    }

    @Override
    public void save(PublicKeyCredentialUserEntity entity) {
        throw new UnsupportedOperationException("people are kept by " + People.class);
    }

    @Override
    public void delete(Bytes id) {
        throw new UnsupportedOperationException("passkeys are taken away by " + Passkeys.class);
    }

    private CredentialRecord record(Passkey one) {
        return ImmutableCredentialRecord.builder()
                .credentialType(PublicKeyCredentialType.PUBLIC_KEY)
                .credentialId(new Bytes(one.credentialId()))
                .userEntityUserId(person.getId())
                .publicKey(new ImmutablePublicKeyCose(one.publicKey()))
                .attestationObject(new Bytes(one.attestation()))
                .signatureCount(one.signatureCount())
                .uvInitialized(one.verified())
                .transports(Set.of())
                .backupEligible(one.backupEligible())
                .backupState(one.backedUp())
                .label(one.label())
                .created(one.createdAt())
                .lastUsed(one.lastUsedAt())
                .build();
    }

    static Passkey passkey(UUID personId, CredentialRecord made) {
        return new Passkey(
                UUID.randomUUID(),
                personId,
                made.getCredentialId().getBytes(),
                made.getPublicKey().getBytes(),
                Objects.requireNonNull(made.getAttestationObject()).getBytes(),
                made.getSignatureCount(),
                made.isUvInitialized(),
                made.isBackupEligible(),
                made.isBackupState(),
                made.getLabel(),
                made.getCreated(),
                made.getCreated()); // made is not used yet
    }
}
