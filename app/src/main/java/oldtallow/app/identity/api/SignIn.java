package oldtallow.app.identity.api;

import java.time.Clock;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import oldtallow.app.identity.access.SignedIn;
import oldtallow.app.identity.model.AccountStore;
import oldtallow.app.identity.model.Person;
import oldtallow.app.identity.model.SecurityEvent.Kind;
import oldtallow.app.identity.model.TooManyTriesException;
import oldtallow.app.identity.model.WrongPasswordException;
import oldtallow.app.platform.security.Caller;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.webauthn.api.AuthenticatorAssertionResponse;
import org.springframework.security.web.webauthn.api.Bytes;
import org.springframework.security.web.webauthn.api.PublicKeyCredential;
import org.springframework.stereotype.Service;

/** Checks a name and a password. */
@Service
public class SignIn {

    private static final int LONGEST_NAME = 100;
    private static final int LONGEST_PASSWORD = 128;

    private final AccountStore accounts;
    private final PasswordEncoder passwords;
    private final SecondFactors factors;
    private final Passkeys passkeys;
    private final SecurityLog log;
    private final Clock clock;
    /** Hashed for a name nobody has, so that an unknown name takes as long as a known one. */
    private final String nobodysHash;

    SignIn(
            AccountStore accounts,
            PasswordEncoder passwords,
            SecondFactors factors,
            Passkeys passkeys,
            SecurityLog log,
            Clock clock) {
        this.factors = factors;
        this.passkeys = passkeys;
        this.accounts = accounts;
        this.passwords = passwords;
        this.log = log;
        this.clock = clock;
        this.nobodysHash = Objects.requireNonNull(passwords.encode("nobody's"));
    }

    /** The person; throws {@link WrongPasswordException} or, after some of them, {@link TooManyTriesException}. */
    public SignedIn check(String signInName, String password) {
        String name = signInName.strip().toLowerCase(Locale.ROOT);
        if (name.length() > LONGEST_NAME || password.length() > LONGEST_PASSWORD || name.indexOf('\0') >= 0) {
            throw new WrongPasswordException();
        }
        return tried(name, password).orElseThrow(WrongPasswordException::new);
    }

    /** Whether a person whose password was right has the device as well; throws {@link TooManyTriesException} in the end. */
    public boolean hasDevice(SignedIn person, String code) {
        return proves(person, () -> factors.opens(person.personId(), code));
    }

    /** The same by a passkey, for a challenge of the moment. */
    public boolean hasPasskey(
            SignedIn person, Bytes challenge, PublicKeyCredential<AuthenticatorAssertionResponse> answer) {
        return proves(person, () -> passkeys.opens(person, challenge, answer));
    }

    private boolean proves(SignedIn person, BooleanSupplier proof) {
        String name = "code " + person.personId();
        String address = Caller.now().address();
        requireTry(name, address);
        if (!proof.getAsBoolean()) {
            log.noteOf(person, Kind.WRONG_CODE);
            return false;
        }
        accounts.succeeded(name, address);
        return true;
    }

    private void requireTry(String name, String address) {
        // counted before anything is looked at: many tries at the same moment count too
        int wait = accounts.countTry(name, address, clock.instant());
        if (wait > 0) {
            log.noteTried(name, Kind.TRIED_TOO_OFTEN);
            throw new TooManyTriesException(wait);
        }
    }

    /** Whether a person who is signed in knows their own password; tries are counted as at the door. */
    boolean knows(Person person, String password) {
        return password.length() <= LONGEST_PASSWORD
                && tried(person.signInName(), password).isPresent();
    }

    /** Whether it is the person's password; for one who may know it anyway, so that no try is counted. */
    boolean has(Person person, String password) {
        return accounts.account(person.signInName())
                .filter(account -> passwords.matches(password, account.passwordHash()))
                .isPresent();
    }

    private Optional<SignedIn> tried(String name, String password) {
        String address = Caller.now().address();
        requireTry(name, address);
        Optional<AccountStore.Account> account = accounts.account(name);
        boolean right = passwords.matches(
                password, account.map(AccountStore.Account::passwordHash).orElse(nobodysHash));
        if (!right || account.isEmpty()) {
            log.noteTried(name, Kind.WRONG_PASSWORD);
            return Optional.empty();
        }
        accounts.succeeded(name, address);
        return account.map(AccountStore.Account::person);
    }
}
