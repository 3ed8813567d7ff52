package oldtallow.app.people;

import java.time.Clock;
import java.util.Locale;
import java.util.Optional;
import oldtallow.app.walls.SignedIn;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;

/** Checks a name and a password. */
@Service
public class SignIn {

    private static final int LONGEST_NAME = 100;
    private static final int LONGEST_PASSWORD = 128;

    private final AccountStore accounts;
    private final PasswordEncoder passwords;
    private final Clock clock;
    /** Hashed for a name nobody has, so that an unknown name takes as long as a known one. */
    private final String nobodysHash;

    SignIn(AccountStore accounts, PasswordEncoder passwords, Clock clock) {
        this.accounts = accounts;
        this.passwords = passwords;
        this.clock = clock;
        this.nobodysHash = java.util.Objects.requireNonNull(passwords.encode("nobody's"));
    }

    /** The person; throws {@link WrongPasswordException} or, after some of them, {@link TooManyTriesException}. */
    public SignedIn check(String signInName, String password) {
        String name = signInName.strip().toLowerCase(Locale.ROOT);
        if (name.length() > LONGEST_NAME || password.length() > LONGEST_PASSWORD || name.indexOf('\0') >= 0) {
            throw new WrongPasswordException();
        }
        // counted before the password is looked at: many tries at the same moment count too
        int wait = accounts.countTry(name, clock.instant());
        if (wait > 0) {
            throw new TooManyTriesException(wait);
        }
        Optional<AccountStore.Account> account = accounts.account(name);
        boolean right = passwords.matches(
                password, account.map(AccountStore.Account::passwordHash).orElse(nobodysHash));
        if (!right || account.isEmpty()) {
            throw new WrongPasswordException();
        }
        accounts.succeeded(name);
        return account.get().person();
    }
}
