package oldtallow.app.people;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.platform.ConflictException;
import oldtallow.app.platform.FieldErrors;
import oldtallow.app.platform.NotFoundException;
import oldtallow.app.walls.Asker;
import oldtallow.app.walls.Role;
import oldtallow.app.walls.SignedIn;
import org.jspecify.annotations.Nullable;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The people of the workshop that asks. */
@Service
public class People {

    private final PeopleStore store;
    private final PasswordEncoder passwords;
    private final OpenSessions sessions;

    People(PeopleStore store, PasswordEncoder passwords, OpenSessions sessions) {
        this.store = store;
        this.passwords = passwords;
        this.sessions = sessions;
    }

    @Transactional(readOnly = true)
    public List<Person> all() {
        return store.all(Asker.now().workshopId());
    }

    @PreAuthorize("hasRole('OWNER')")
    @Transactional
    public Person add(UUID id, PersonEntry entry) {
        var errors = new FieldErrors();
        entry.check(errors);
        errors.throwIfAny();
        Person person = person(id, entry, entry.role());
        Optional<Person> earlier = store.find(Asker.now().workshopId(), id);
        if (earlier.filter(person::equals).isPresent()) {
            return person; // sent twice
        }
        if (!store.add(Asker.now().workshopId(), person, hash(entry.password()))) {
            errors.add("signInName", entry.signInName(), "is taken; choose another");
            errors.throwIfAny();
        }
        return person;
    }

    /** Changes name, role and activity; the person's sessions end where the role or the activity changed. */
    @PreAuthorize("hasRole('OWNER')")
    @Transactional
    public Person change(Person changed) {
        UUID workshopId = Asker.now().workshopId();
        Person before = find(workshopId, changed.id());
        var errors = new FieldErrors();
        PersonEntry.checkName(changed.name(), errors);
        boolean leavesOwners = before.role() == Role.OWNER && before.active();
        boolean staysOwner = changed.role() == Role.OWNER && changed.active();
        if (leavesOwners && !staysOwner && activeOwners(workshopId) == 1) {
            errors.add("role", changed.role().name(), "must stay owner: nobody else could manage the people");
        }
        errors.throwIfAny();
        save(workshopId, changed, null);
        if (before.role() != changed.role() || before.active() != changed.active()) {
            sessions.endAll(changed.id());
        }
        return find(workshopId, changed.id());
    }

    /** Gives a person a new password and ends their sessions. An owner may do so for anybody, each for themselves. */
    @Transactional
    public void setPassword(UUID personId, String password) {
        SignedIn asker = Asker.now();
        if (asker.role() != Role.OWNER && !asker.personId().equals(personId)) {
            throw new org.springframework.security.access.AccessDeniedException("another's password");
        }
        var errors = new FieldErrors();
        PersonEntry.checkPassword(password, errors);
        errors.throwIfAny();
        save(asker.workshopId(), find(asker.workshopId(), personId), hash(password));
        sessions.endAll(personId);
    }

    /** Whether this installation still waits for its first owner. */
    public boolean nobodyYet() {
        return store.nobodyYet();
    }

    /** Opens the workshop of a new installation with its owner; refused once there is anybody. */
    @Transactional
    public SignedIn found(String workshopName, PersonEntry owner) {
        var errors = new FieldErrors();
        if (workshopName.isBlank() || workshopName.strip().length() > 80) {
            errors.add("workshop", workshopName, "must be 1 to 80 characters");
        }
        owner.check(errors);
        errors.throwIfAny();
        if (!store.nobodyYet()) {
            throw new ConflictException(
                    "The first owner has already signed up. Sign in, or ask the owner for an account.");
        }
        Person person = person(UUID.randomUUID(), owner, Role.OWNER);
        UUID workshopId = store.found(workshopName.strip(), person, hash(owner.password()));
        return new SignedIn(person.id(), workshopId, person.name(), Role.OWNER);
    }

    private static Person person(UUID id, PersonEntry entry, Role role) {
        return new Person(id, entry.name().strip(), entry.signInName(), role, true, 1);
    }

    private Person find(UUID workshopId, UUID personId) {
        return store.find(workshopId, personId).orElseThrow(() -> new NotFoundException("person", personId));
    }

    private long activeOwners(UUID workshopId) {
        return store.all(workshopId).stream()
                .filter(person -> person.active() && person.role() == Role.OWNER)
                .count();
    }

    private void save(UUID workshopId, Person changed, @Nullable String hash) {
        Person now = find(workshopId, changed.id());
        if (hash == null && now.isSameAs(changed)) {
            return; // sent twice
        }
        if (!store.change(workshopId, changed, hash)) {
            throw ConflictException.staleEdit("this person");
        }
    }

    private String hash(String password) {
        return Objects.requireNonNull(passwords.encode(password));
    }
}
