package oldtallow.app.identity.api;

import java.util.List;
import java.util.UUID;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.identity.access.Role;
import oldtallow.app.identity.access.SignedIn;
import oldtallow.app.identity.model.PeopleStore;
import oldtallow.app.identity.model.Person;
import oldtallow.app.identity.model.SecurityEvent.Kind;
import oldtallow.app.platform.problem.NotFoundException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** On which devices the people of the workshop are signed in: each sees their own, an owner everybody's. */
@Service
public class Devices {

    private final PeopleStore people;
    private final OpenSessions sessions;
    private final SecurityLog log;

    Devices(PeopleStore people, OpenSessions sessions, SecurityLog log) {
        this.people = people;
        this.sessions = sessions;
        this.log = log;
    }

    /** A person, and a device they are signed in on. */
    public record SignedInOn(Person person, OpenSessions.Device device) {}

    /** By person, then the one used last first. */
    @Transactional(readOnly = true)
    public List<SignedInOn> signedIn() {
        SignedIn asker = CurrentPerson.now();
        return people.all(asker.workshopId()).stream()
                .filter(person -> asker.role() == Role.OWNER || person.id().equals(asker.personId()))
                .flatMap(person -> sessions.of(person.id()).stream().map(device -> new SignedInOn(person, device)))
                .toList();
    }

    /** Signs a device out. */
    @Transactional
    public void end(UUID personId, String name) {
        SignedIn asker = CurrentPerson.now();
        boolean mayEnd = asker.role() == Role.OWNER || asker.personId().equals(personId);
        Person person = people.find(asker.workshopId(), personId)
                .filter(one -> mayEnd)
                .orElseThrow(() -> new NotFoundException("person", personId));
        sessions.end(personId, name);
        log.note(Kind.DEVICE_ENDED, person.name());
    }
}
