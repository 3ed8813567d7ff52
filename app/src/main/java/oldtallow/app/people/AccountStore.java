package oldtallow.app.people;

import java.time.Instant;
import java.util.Optional;
import oldtallow.app.walls.SignedIn;

/** What sign-in may ask before anybody's workshop is known. */
public interface AccountStore {

    /** An active person's account. */
    record Account(SignedIn person, String passwordHash) {}

    Optional<Account> account(String signInName);

    /** Counts a try at a name, known or not; returns the seconds still to wait, 0 when it may be tried now. */
    int countTry(String signInName, Instant now);

    void succeeded(String signInName);
}
