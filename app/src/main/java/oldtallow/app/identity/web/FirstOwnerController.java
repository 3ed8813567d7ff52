package oldtallow.app.identity.web;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import oldtallow.app.identity.access.Role;
import oldtallow.app.identity.api.Founding;
import oldtallow.app.identity.model.PersonEntry;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

@RestController
class FirstOwnerController {

    private final Founding founding;
    private final SessionDoor door;
    private final SessionView.Of views;

    FirstOwnerController(Founding founding, SessionDoor door, SessionView.Of views) {
        this.founding = founding;
        this.door = door;
        this.views = views;
    }

    /** Opens the workshop of a new installation, or another one beside it, with the word that was printed for it. */
    @PostMapping("/api/v1/first-owner")
    SessionView foundWorkshop(
            @RequestBody FirstOwnerForm form, HttpServletRequest request, HttpServletResponse response) {
        var owner = new PersonEntry(form.name(), form.signInName(), Role.OWNER, form.password());
        door.open(founding.found(form.workshop(), form.word(), owner), request, response);
        return views.of(request);
    }

    /** {@code word}: as it was printed where the application was started. */
    record FirstOwnerForm(String workshop, String word, String name, String signInName, String password) {

        /** A password must never reach a log. */
        @Override
        public String toString() {
            return "FirstOwnerForm[" + signInName + "]";
        }
    }
}
