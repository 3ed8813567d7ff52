package oldtallow.app.identity.api;

import com.eatthepath.otp.TimeBasedOneTimePasswordGenerator;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.security.InvalidKeyException;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.stream.IntStream;
import javax.crypto.spec.SecretKeySpec;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.identity.access.SignedIn;
import oldtallow.app.identity.model.FactorStore;
import oldtallow.app.identity.model.FactorStore.Factor;
import oldtallow.app.identity.model.PasskeyStore;
import oldtallow.app.identity.model.SecurityEvent.Kind;
import oldtallow.app.platform.write.Digest;
import oldtallow.core.refusal.InvalidInputException;
import org.apache.commons.codec.binary.Base32;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Codes of the moment beside the password (RFC 6238, as authenticator programs have it: SHA-1, six digits, thirty seconds), and
 * codes for the day the telephone is lost.
 */
@Service
public class SecondFactors {

    private static final int SECRET_BYTES = 20; // as RFC 4226, section 4, recommends
    private static final int RECOVERY_CODES = 10;
    private static final int RECOVERY_BYTES = 5;
    private static final Duration STEP = Duration.ofSeconds(30);

    private final FactorStore store;
    private final PasskeyStore passkeys;
    private final SecurityLog log;
    private final Clock clock;
    private final SecureRandom random = new SecureRandom();
    private final TimeBasedOneTimePasswordGenerator codes;

    SecondFactors(FactorStore store, PasskeyStore passkeys, SecurityLog log, Clock clock) {
        this.store = store;
        this.passkeys = passkeys;
        this.log = log;
        this.clock = clock;
        this.codes = new TimeBasedOneTimePasswordGenerator(STEP);
    }

    /**
     * A key for an authenticator program, shown once.
     *
     * @param address that such programs read from a QR code
     * @param key the same to be typed, base 32
     */
    public record NewKey(String address, String key) {}

    /** Whether whoever asks has one that is asked for at sign-in. */
    public boolean isMine() {
        return isOf(CurrentPerson.now().personId());
    }

    /** Whether a person has one that is asked for. */
    public boolean isOf(UUID personId) {
        return store.of(personId).filter(Factor::confirmed).isPresent();
    }

    /** A new key; it is asked for once a code of it was typed. */
    @Transactional
    public NewKey begin() {
        SignedIn person = CurrentPerson.now();
        if (isOf(person.personId())) {
            throw new InvalidInputException("code", "", "is asked for already; take the second factor away first");
        }
        byte[] secret = new byte[SECRET_BYTES];
        random.nextBytes(secret);
        store.put(person.workshopId(), person.personId(), secret);
        String key = new Base32().encodeToString(secret).replace("=", "");
        String label = URLEncoder.encode("Old Tallow:" + person.name(), StandardCharsets.UTF_8)
                .replace("+", "%20");
        return new NewKey("otpauth://totp/" + label + "?secret=" + key + "&issuer=Old%20Tallow", key);
    }

    /** From now on it is asked for; the codes for the day the device is lost, shown once. */
    @Transactional
    public List<String> confirm(String code) {
        SignedIn person = CurrentPerson.now();
        Factor factor = store.of(person.personId())
                .filter(one -> !one.confirmed())
                .orElseThrow(() -> new InvalidInputException("code", "", "belongs to no key; begin again"));
        if (!isOfTheMoment(person.personId(), factor, code)) {
            throw new InvalidInputException("code", "", "is not the one the device shows now; is its clock right?");
        }
        List<String> recovery = IntStream.range(0, RECOVERY_CODES)
                .mapToObj(i -> {
                    byte[] bytes = new byte[RECOVERY_BYTES];
                    random.nextBytes(bytes);
                    return new Base32().encodeToString(bytes).toLowerCase(Locale.ROOT);
                })
                .toList();
        store.confirm(
                person.workshopId(),
                person.personId(),
                clock.instant(),
                recovery.stream().map(one -> hash(person.personId(), one)).toList());
        log.note(Kind.SECOND_FACTOR, "asked for from now on");
        return recovery;
    }

    /** It is asked for no more. */
    @Transactional
    public void remove() {
        store.remove(CurrentPerson.now().workshopId(), CurrentPerson.now().personId());
        passkeys.removeAll(CurrentPerson.now().workshopId(), CurrentPerson.now().personId());
        log.note(Kind.SECOND_FACTOR, "asked for no more");
    }

    /** Whether somebody at the door has the device, or a code for the day it is lost; each code is good once. */
    boolean opens(UUID personId, String code) {
        return store.of(personId)
                .filter(Factor::confirmed)
                .filter(factor -> isOfTheMoment(personId, factor, code)
                        || store.takeRecovery(
                                personId, hash(personId, code.strip().toLowerCase(Locale.ROOT))))
                .isPresent();
    }

    /** The step before and the one after are taken too: clocks differ, and fingers take their time (RFC 6238, section 5.2). */
    private boolean isOfTheMoment(UUID personId, Factor factor, String code) {
        var key = new SecretKeySpec(factor.secret(), codes.getAlgorithm());
        Instant now = clock.instant();
        try {
            for (int steps : new int[] {0, -1, 1}) {
                Instant at = now.plus(STEP.multipliedBy(steps));
                if (codes.generateOneTimePasswordString(key, at).equals(code.strip())) {
                    return store.takeStep(personId, at.getEpochSecond() / STEP.toSeconds());
                }
            }
        } catch (InvalidKeyException e) {
            throw new IllegalStateException(e); // any twenty bytes are a key
        }
        return false;
    }

    private static String hash(UUID personId, String code) {
        return HexFormat.of().formatHex(Digest.of(personId + " " + code));
    }
}
