package oldtallow.app.identity.access;

import java.io.Serializable;
import java.security.Principal;
import java.util.UUID;

/**
 * A person who has signed in, kept in the session. A change of role ends the person's sessions, so this never lags behind.
 *
 * @param name as others read it
 */
public record SignedIn(UUID personId, UUID workshopId, String name, Role role) implements Principal, Serializable {

    /** The person's id: what sessions are found by. */
    @Override
    public String getName() {
        return personId.toString();
    }

    /** Whether a mechanic has to answer for this person's settings and verdicts. */
    public boolean needsSignOff() {
        return role == Role.APPRENTICE;
    }
}
