package oldtallow.app.identity.model;

import java.time.Instant;
import java.util.Optional;
import oldtallow.app.identity.access.SignedIn;

/** What sign-in may ask before anybody's workshop is known. */
public interface AccountStore {

    /** An active person's account. */
    record Account(SignedIn person, String passwordHash) {}

    Optional<Account> account(String signInName);

    /** Whether a name is of the demo's workshop. */
    boolean isOfDemo(String signInName);

    /**
     * Counts a try at a name, known or not, from an address; returns the seconds still to wait, 0 when it may be tried now.
     * Whoever tries another's name keeps that other from signing in at their own address no more than a moment.
     */
    int countTry(String signInName, String address, Instant now);

    void succeeded(String signInName, String address);
}
