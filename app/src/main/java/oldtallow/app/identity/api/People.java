package oldtallow.app.identity.api;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.identity.access.Role;
import oldtallow.app.identity.access.SignedIn;
import oldtallow.app.identity.model.PeopleStore;
import oldtallow.app.identity.model.Person;
import oldtallow.app.identity.model.PersonEntry;
import oldtallow.app.identity.model.SecurityEvent.Kind;
import oldtallow.app.platform.problem.ConflictException;
import oldtallow.app.platform.problem.NotFoundException;
import oldtallow.core.refusal.FieldErrors;
import oldtallow.core.refusal.InvalidInputException;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The people of the workshop that asks. */
@Service
public class People {

    private final PeopleStore store;
    private final PasswordEncoder passwords;
    private final SignIn signIn;
    private final OpenSessions sessions;
    private final SecurityLog log;
    private final ApplicationEventPublisher events;

    People(
            PeopleStore store,
            PasswordEncoder passwords,
            SignIn signIn,
            OpenSessions sessions,
            SecurityLog log,
            ApplicationEventPublisher events) {
        this.store = store;
        this.passwords = passwords;
        this.signIn = signIn;
        this.sessions = sessions;
        this.log = log;
        this.events = events;
    }

    /** Whatever lets a person in without signing in is void: they left, or their password is a new one. */
    public record LetNoLongerIn(UUID personId) {}

    @Transactional(readOnly = true)
    public List<Person> all() {
        return store.all(CurrentPerson.now().workshopId());
    }

    @Transactional
    public Person add(UUID id, PersonEntry entry) {
        var errors = new FieldErrors();
        entry.check(errors);
        errors.throwIfAny();
        Person person = person(id, entry, entry.role());
        Optional<Person> earlier = store.find(CurrentPerson.now().workshopId(), id);
        if (earlier.filter(person::equals).isPresent()) {
            return person; // sent twice
        }
        if (!store.add(CurrentPerson.now().workshopId(), person, hash(entry.password()))) {
            throw PersonEntry.taken(entry.signInName());
        }
        log.note(Kind.PERSON_ADDED, person.name() + ", " + person.role().words());
        return person;
    }

    /** Changes name, role and activity; the person's sessions end where the role or the activity changed. */
    @Transactional
    public Person change(Person changed) {
        UUID workshopId = CurrentPerson.now().workshopId();
        Person before = find(workshopId, changed.id());
        var errors = new FieldErrors();
        PersonEntry.checkName(changed.name(), errors);
        boolean leavesOwners = before.role() == Role.OWNER && before.active();
        boolean staysOwner = changed.role() == Role.OWNER && changed.active();
        if (leavesOwners && !staysOwner && activeOwners(workshopId) == 1) {
            errors.add("role", changed.role().name(), "must stay owner: nobody else could manage the people");
        }
        errors.throwIfAny();
        save(workshopId, changed);
        if (before.role() != changed.role() || before.active() != changed.active()) {
            log.note(
                    Kind.PERSON_CHANGED,
                    changed.name() + ", " + changed.role().words()
                            + (changed.active() ? "" : ", can no longer sign in"));
            sessions.endAll(changed.id());
        }
        if (!changed.active()) {
            events.publishEvent(new LetNoLongerIn(changed.id()));
        }
        return find(workshopId, changed.id());
    }

    /** Refuses a wrong one: a session left open is not enough for what this stands before. The try is counted. */
    public void requireOwnPassword(String password) {
        SignedIn asker = CurrentPerson.now();
        if (!signIn.knows(find(asker.workshopId(), asker.personId()), password)) {
            throw new InvalidInputException("current", "", "is not your password as it is now");
        }
    }

    /** Gives a person a new password and ends their sessions. An owner may do so for anybody, each for themselves. */
    @Transactional
    public void setPassword(UUID personId, String password) {
        SignedIn asker = CurrentPerson.now();
        if (asker.role() != Role.OWNER && !asker.personId().equals(personId)) {
            throw new org.springframework.security.access.AccessDeniedException("another's password");
        }
        Person person = find(asker.workshopId(), personId);
        var errors = new FieldErrors();
        PersonEntry.checkPassword(password, List.of(person.name(), person.signInName()), errors);
        errors.throwIfAny();
        boolean saved = store.change(asker.workshopId(), person, hash(password));
        if (!saved && !signIn.has(person, password)) { // sent twice at once, it is theirs already
            throw ConflictException.staleEdit("this person");
        }
        log.note(Kind.PASSWORD_CHANGED, person.name());
        sessions.endAll(personId);
        events.publishEvent(new LetNoLongerIn(personId));
    }

    /**
     * Ends the demo and signs its people out: they are nobody any more, and the workshop waits for its first owner. Its rigs are
     * made up; they go, unless they are kept to go on with.
     */
    @Transactional
    public void endDemo(boolean keepRigs) {
        List<Person> all = store.all(CurrentPerson.now().workshopId());
        store.endDemo(keepRigs);
        all.forEach(person -> sessions.endAll(person.id()));
    }

    static Person person(UUID id, PersonEntry entry, Role role) {
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

    private void save(UUID workshopId, Person changed) {
        if (find(workshopId, changed.id()).isSameAs(changed)) {
            return; // sent twice
        }
        if (!store.change(workshopId, changed, null)) {
            throw ConflictException.staleEdit("this person");
        }
    }

    private String hash(String password) {
        return Objects.requireNonNull(passwords.encode(password));
    }
}
