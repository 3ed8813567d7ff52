package oldtallow.app.identity.api;

import java.time.Clock;
import java.util.HexFormat;
import java.util.Locale;
import java.util.Objects;
import java.util.UUID;
import oldtallow.app.identity.access.Role;
import oldtallow.app.identity.access.SignedIn;
import oldtallow.app.identity.model.PeopleStore;
import oldtallow.app.identity.model.Person;
import oldtallow.app.identity.model.PersonEntry;
import oldtallow.app.platform.problem.ConflictException;
import oldtallow.app.platform.write.Digest;
import oldtallow.core.refusal.FieldErrors;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How a workshop comes to be: by a word that whoever has the machine was told. */
@Service
public class Founding {

    private static final int MOST_NAME = 80;

    private final PeopleStore store;
    private final PasswordEncoder passwords;
    private final FirstOwnerWord word;
    private final Clock clock;

    Founding(PeopleStore store, PasswordEncoder passwords, FirstOwnerWord word, Clock clock) {
        this.store = store;
        this.passwords = passwords;
        this.word = word;
        this.clock = clock;
    }

    /** Whether this installation still waits for its first owner. */
    public boolean nobodyYet() {
        return store.nobodyYet();
    }

    /**
     * Opens the workshop of a new installation with its owner, or another one beside those that are there.
     *
     * @param said the word that was printed where the application was started, or by the command for another workshop
     */
    @Transactional
    public SignedIn found(String workshopName, String said, PersonEntry owner) {
        var errors = new FieldErrors();
        boolean isFirst = word.is(said);
        if (!isFirst && !store.opensAnother(hashOf(said), clock.instant())) {
            errors.add("word", "", "is not the one that was printed where Old Tallow runs; look there");
        }
        if (workshopName.isBlank() || workshopName.strip().length() > MOST_NAME) {
            errors.add("workshop", workshopName, "must be 1 to " + MOST_NAME + " characters");
        }
        owner.check(errors);
        errors.throwIfAny();
        if (!isFirst) {
            return foundAnother(workshopName.strip(), said, owner);
        }
        if (!store.nobodyYet()) {
            throw new ConflictException(
                    "The first owner has already signed up. Sign in, or ask the owner for an account.");
        }
        return found(workshopName.strip(), owner, false);
    }

    /** Opens the workshop of the demo, where there is none yet: a demo that was ended does not come back by itself. */
    @Transactional
    public void foundDemo(String workshopName, PersonEntry owner) {
        if (store.noWorkshopYet()) {
            found(workshopName, owner, true);
        }
    }

    private SignedIn found(String workshopName, PersonEntry owner, boolean isDemo) {
        Person person = People.person(UUID.randomUUID(), owner, Role.OWNER);
        return signedIn(person, store.found(workshopName, person, hash(owner), isDemo));
    }

    private SignedIn foundAnother(String workshopName, String said, PersonEntry owner) {
        Person person = People.person(UUID.randomUUID(), owner, Role.OWNER);
        return store.foundAnother(hashOf(said), clock.instant(), workshopName, person, hash(owner))
                .map(workshopId -> signedIn(person, workshopId))
                .orElseThrow(() -> PersonEntry.taken(owner.signInName()));
    }

    private static SignedIn signedIn(Person person, UUID workshopId) {
        return new SignedIn(person.id(), workshopId, person.name(), Role.OWNER);
    }

    private String hash(PersonEntry owner) {
        return Objects.requireNonNull(passwords.encode(owner.password()));
    }

    /** As the command writes it down. */
    private static String hashOf(String said) {
        return HexFormat.of().formatHex(Digest.of(said.strip().toLowerCase(Locale.ROOT)));
    }
}
