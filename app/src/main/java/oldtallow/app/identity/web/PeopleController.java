package oldtallow.app.identity.web;

import java.util.List;
import java.util.UUID;
import oldtallow.app.identity.access.Role;
import oldtallow.app.identity.api.People;
import oldtallow.app.identity.model.Person;
import oldtallow.app.identity.model.PersonEntry;
import oldtallow.app.platform.write.OwnTransactions;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/v1/people")
class PeopleController {

    private final People people;

    PeopleController(People people) {
        this.people = people;
    }

    /** The people of the workshop, those who still sign in first. */
    @GetMapping
    List<PersonView> people() {
        return people.all().stream().map(PersonView::of).toList();
    }

    /** Adds somebody to the workshop. */
    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    PersonView add(@RequestBody NewPersonForm form) {
        return PersonView.of(
                people.add(form.id(), new PersonEntry(form.name(), form.signInName(), form.role(), form.password())));
    }

    /** Changes name, role and whether the person still signs in. */
    @PutMapping("/{id}")
    PersonView change(@PathVariable UUID id, @RequestBody PersonForm form) {
        return PersonView.of(
                people.change(new Person(id, form.name(), "", form.role(), form.active(), form.version())));
    }

    /** Sets a new password; the person is signed out everywhere. */
    @OwnTransactions("a try with a wrong password is counted though it is refused")
    @PutMapping("/{id}/password")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void setPassword(@PathVariable UUID id, @RequestBody PasswordForm form) {
        people.requireOwnPassword(form.current());
        people.setPassword(id, form.password());
    }

    record NewPersonForm(UUID id, String name, String signInName, Role role, String password) {

        /** A password must never reach a log. */
        @Override
        public String toString() {
            return "NewPersonForm[" + signInName + "]";
        }
    }

    /**
     * A person as changed.
     *
     * @param version as it was read
     */
    record PersonForm(String name, Role role, boolean active, int version) {}

    /** {@code current}: the password of whoever asks, as it is now. */
    record PasswordForm(String current, String password) {

        /** A password must never reach a log. */
        @Override
        public String toString() {
            return "PasswordForm";
        }
    }

    record PersonView(UUID id, String name, String signInName, Role role, boolean active, int version) {

        static PersonView of(Person person) {
            return new PersonView(
                    person.id(), person.name(), person.signInName(), person.role(), person.active(), person.version());
        }
    }
}
