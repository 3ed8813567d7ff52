package oldtallow.app.identity.model;

import java.util.UUID;
import oldtallow.app.identity.access.Role;

/**
 * A person of the workshop.
 *
 * @param signInName lower case; one of its kind among all workshops
 * @param active who leaves stays on record but cannot sign in
 * @param version of the record; grows with every change
 */
public record Person(UUID id, String name, String signInName, Role role, boolean active, int version) {

    /** Whether nothing of what can be changed differs. */
    public boolean isSameAs(Person other) {
        return name.equals(other.name) && role == other.role && active == other.active;
    }
}
