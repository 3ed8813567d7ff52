package oldtallow.app.identity.api;

import com.webauthn4j.util.exception.WebAuthnException;
import java.net.URI;
import java.nio.ByteBuffer;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.identity.access.SignedIn;
import oldtallow.app.identity.model.PasskeyStore;
import oldtallow.app.identity.model.PasskeyStore.Passkey;
import oldtallow.app.identity.model.SecurityEvent.Kind;
import oldtallow.app.platform.security.OwnAddress;
import oldtallow.core.refusal.InvalidInputException;
import org.springframework.security.web.webauthn.api.AttestationConveyancePreference;
import org.springframework.security.web.webauthn.api.AuthenticatorAssertionResponse;
import org.springframework.security.web.webauthn.api.AuthenticatorAttestationResponse;
import org.springframework.security.web.webauthn.api.AuthenticatorSelectionCriteria;
import org.springframework.security.web.webauthn.api.Bytes;
import org.springframework.security.web.webauthn.api.CredentialRecord;
import org.springframework.security.web.webauthn.api.ImmutablePublicKeyCredentialUserEntity;
import org.springframework.security.web.webauthn.api.PublicKeyCredential;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialCreationOptions;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialDescriptor;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialParameters;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialRequestOptions;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialRpEntity;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialUserEntity;
import org.springframework.security.web.webauthn.api.ResidentKeyRequirement;
import org.springframework.security.web.webauthn.api.UserVerificationRequirement;
import org.springframework.security.web.webauthn.management.ImmutableRelyingPartyRegistrationRequest;
import org.springframework.security.web.webauthn.management.RelyingPartyAuthenticationRequest;
import org.springframework.security.web.webauthn.management.RelyingPartyPublicKey;
import org.springframework.security.web.webauthn.management.Webauthn4JRelyingPartyOperations;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * A passkey in place of the code of the moment: the device answers a challenge with a key it keeps (W3C, Web Authentication
 * Level 3). It is bound to a name, so that there are none where Old Tallow goes by a number only.
 */
@Service
public class Passkeys {

    private static final int MOST = 10;
    private static final int MOST_LABEL = 60;
    private static final Duration PATIENCE = Duration.ofMinutes(5);

    private final PasskeyStore store;
    private final SecondFactors factors;
    private final SecurityLog log;
    private final OwnAddress address;
    private final Clock clock;

    Passkeys(PasskeyStore store, SecondFactors factors, SecurityLog log, OwnAddress address, Clock clock) {
        this.store = store;
        this.factors = factors;
        this.log = log;
        this.address = address;
        this.clock = clock;
    }

    /** Whether the address has a name that a passkey can be bound to. */
    public boolean arePossible() {
        return !host().matches("[0-9.]+|\\[.*");
    }

    public List<Passkey> mine() {
        return of(CurrentPerson.now().personId());
    }

    public List<Passkey> of(UUID personId) {
        return store.of(personId);
    }

    /** What the device of whoever asks is to make a passkey for, by a challenge of the moment. */
    public PublicKeyCredentialCreationOptions creation(Bytes challenge) {
        SignedIn person = CurrentPerson.now();
        if (!arePossible() || !factors.isMine()) {
            throw new InvalidInputException(
                    "passkey",
                    "",
                    arePossible()
                            ? "needs the second factor first: its codes let you in on the day the device is lost"
                            : "needs a name for this machine instead of a number (docs/operate.md)");
        }
        return PublicKeyCredentialCreationOptions.builder()
                .rp(workshop())
                .user(user(person))
                .challenge(challenge)
                .pubKeyCredParams(
                        PublicKeyCredentialParameters.EdDSA,
                        PublicKeyCredentialParameters.ES256,
                        PublicKeyCredentialParameters.RS256)
                .timeout(PATIENCE)
                .excludeCredentials(descriptors(person.personId()))
                .authenticatorSelection(AuthenticatorSelectionCriteria.builder()
                        .residentKey(ResidentKeyRequirement.DISCOURAGED)
                        .userVerification(UserVerificationRequirement.PREFERRED)
                        .build())
                .attestation(AttestationConveyancePreference.NONE)
                .build();
    }

    /** Keeps what the device made. */
    @Transactional
    public void add(Bytes challenge, PublicKeyCredential<AuthenticatorAttestationResponse> made, String label) {
        SignedIn person = CurrentPerson.now();
        if (label.isBlank() || label.strip().length() > MOST_LABEL) {
            throw new InvalidInputException("label", label, "must be 1 to " + MOST_LABEL + " characters");
        }
        if (mine().size() >= MOST) {
            throw new InvalidInputException("passkey", "", "is one too many; take one of the " + MOST + " away first");
        }
        try {
            CredentialRecord record = operations(new PasskeysOfOne(user(person), mine()))
                    .registerCredential(new ImmutableRelyingPartyRegistrationRequest(
                            creation(challenge), new RelyingPartyPublicKey(made, label.strip())));
            if (!store.add(person.workshopId(), PasskeysOfOne.passkey(person.personId(), record))) {
                throw new InvalidInputException("passkey", "", "is known already; take another device");
            }
        } catch (WebAuthnException | IllegalArgumentException e) {
            throw new InvalidInputException("passkey", "", "was not made for this; begin again");
        }
        log.note(Kind.SECOND_FACTOR, "a passkey, " + label.strip());
    }

    @Transactional
    public void remove(UUID id) {
        SignedIn person = CurrentPerson.now();
        store.remove(person.workshopId(), person.personId(), id);
        log.note(Kind.SECOND_FACTOR, "a passkey less");
    }

    /** What the device of somebody at the door is asked. */
    public PublicKeyCredentialRequestOptions request(SignedIn person, Bytes challenge) {
        return PublicKeyCredentialRequestOptions.builder()
                .challenge(challenge)
                .rpId(host())
                .timeout(PATIENCE)
                .allowCredentials(descriptors(person.personId()))
                .userVerification(UserVerificationRequirement.PREFERRED)
                .build();
    }

    /** Whether it is the answer of a device of theirs. */
    boolean opens(SignedIn person, Bytes challenge, PublicKeyCredential<AuthenticatorAssertionResponse> answer) {
        var theirs = new PasskeysOfOne(user(person), of(person.personId()));
        try {
            operations(theirs).authenticate(new RelyingPartyAuthenticationRequest(request(person, challenge), answer));
            CredentialRecord used = theirs.saved();
            store.used(
                    used.getCredentialId().getBytes(), used.getSignatureCount(), used.isBackupState(), clock.instant());
            return true;
        } catch (WebAuthnException | IllegalArgumentException e) {
            return false;
        }
    }

    private List<PublicKeyCredentialDescriptor> descriptors(UUID personId) {
        return of(personId).stream()
                .map(one -> PublicKeyCredentialDescriptor.builder()
                        .id(new Bytes(one.credentialId()))
                        .transports(Set.of()) // browsers read no null
                        .build())
                .toList();
    }

    private Webauthn4JRelyingPartyOperations operations(PasskeysOfOne theirs) {
        return new Webauthn4JRelyingPartyOperations(theirs, theirs, workshop(), Set.of(address.base()));
    }

    private PublicKeyCredentialRpEntity workshop() {
        return PublicKeyCredentialRpEntity.builder()
                .id(host())
                .name("Old Tallow")
                .build();
    }

    private String host() {
        return URI.create(address.base()).getHost();
    }

    private static PublicKeyCredentialUserEntity user(SignedIn person) {
        return ImmutablePublicKeyCredentialUserEntity.builder()
                .id(handle(person.personId()))
                .name(person.name())
                .displayName(person.name())
                .build();
    }

    /** A person, as devices know them. */
    private static Bytes handle(UUID personId) {
        return new Bytes(ByteBuffer.allocate(2 * Long.BYTES)
                .putLong(personId.getMostSignificantBits())
                .putLong(personId.getLeastSignificantBits())
                .array());
    }
}
