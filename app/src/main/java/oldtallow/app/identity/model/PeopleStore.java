package oldtallow.app.identity.model;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Where the people of a workshop are kept. */
public interface PeopleStore {

    /** Active ones first, then by name. */
    List<Person> all(UUID workshopId);

    Optional<Person> find(UUID workshopId, UUID personId);

    /** Adds a person; false where the sign-in name is taken, here or elsewhere. */
    boolean add(UUID workshopId, Person person, String passwordHash);

    /** Changes name, role and activity, and the password where a hash is given; false where the version has moved on. */
    boolean change(UUID workshopId, Person changed, @Nullable String passwordHash);

    /** Makes the first owner of an installation and their workshop; returns the workshop's id. */
    UUID found(String workshopName, Person owner, String passwordHash, boolean isDemo);

    /** Whether a word by this digest opens another workshop, until the moment the command gave it. */
    boolean opensAnother(String wordHash, Instant now);

    /** Makes another workshop with its owner, and uses up the word; empty where the sign-in name is taken anywhere. */
    Optional<UUID> foundAnother(String wordHash, Instant now, String workshopName, Person owner, String passwordHash);

    /** Whether nobody can sign in to this installation. */
    boolean nobodyYet();

    /** Whether it has no workshop either, not even one without people. */
    boolean noWorkshopYet();

    /** Ends the demo: its people are gone; its rigs too unless they are kept. */
    void endDemo(boolean keepRigs);
}
