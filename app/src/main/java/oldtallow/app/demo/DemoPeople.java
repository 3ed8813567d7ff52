package oldtallow.app.demo;

import java.util.Optional;
import java.util.UUID;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.identity.access.SignedIn;
import oldtallow.app.identity.api.DemoAccounts;
import oldtallow.app.identity.api.DemoAccounts.Loading;
import oldtallow.app.identity.api.Founding;
import oldtallow.app.identity.api.People;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;

/** The people of the demo's workshop. */
@Component
@ConditionalOnProperty("oldtallow.demo")
class DemoPeople {

    private final Founding founding;
    private final People people;
    private final DemoAccounts accounts;

    DemoPeople(Founding founding, People people, DemoAccounts accounts) {
        this.founding = founding;
        this.people = people;
        this.accounts = accounts;
    }

    /** Founds the workshop, and gives its owner. */
    Optional<SignedIn> found(String workshop) {
        founding.foundDemo(workshop, accounts.accounts().getFirst());
        return accounts.owner();
    }

    /** The others join its owner. */
    void join() {
        accounts.accounts().stream().skip(1).forEach(person -> people.add(UUID.randomUUID(), person));
    }

    void tell(Loading loading) {
        accounts.tell(loading);
    }

    SignedIn called(String name) {
        UUID workshopId = CurrentPerson.workshopId();
        return people.all().stream()
                .filter(person -> person.name().equals(name))
                .map(person -> new SignedIn(person.id(), workshopId, person.name(), person.role()))
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("the demo has no " + name));
    }
}
