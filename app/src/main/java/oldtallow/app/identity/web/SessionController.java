package oldtallow.app.identity.web;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.identity.access.SignedIn;
import oldtallow.app.identity.api.DemoAccounts;
import oldtallow.app.identity.api.OpenSessions;
import oldtallow.app.identity.api.SecondFactors;
import oldtallow.app.identity.api.SecurityLog;
import oldtallow.app.identity.api.SignIn;
import oldtallow.app.identity.model.SecurityEvent.Kind;
import oldtallow.app.platform.write.OwnTransactions;
import oldtallow.core.refusal.InvalidInputException;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

@RestController
class SessionController {

    private final SignIn signIn;
    private final SecondFactors factors;
    private final OpenSessions sessions;
    private final DemoAccounts demo;
    private final SecurityLog log;
    private final SessionDoor door;
    private final SessionView.Of views;

    SessionController(
            SignIn signIn,
            SecondFactors factors,
            OpenSessions sessions,
            DemoAccounts demo,
            SecurityLog log,
            SessionDoor door,
            SessionView.Of views) {
        this.signIn = signIn;
        this.factors = factors;
        this.sessions = sessions;
        this.demo = demo;
        this.log = log;
        this.door = door;
        this.views = views;
    }

    /** Who is signed in on this device, and what the sign-in page offers when nobody is. */
    @GetMapping("/api/v1/session")
    SessionView session(HttpServletRequest request) {
        return views.of(request);
    }

    /** Signs in; the session's id is a new one. */
    @OwnTransactions("a try with a wrong password is counted though it is refused")
    @PostMapping("/api/v1/session")
    SessionView signIn(@RequestBody SignInForm form, HttpServletRequest request, HttpServletResponse response) {
        demo.requireReady(form.signInName());
        demo.requireAtHome(form.signInName(), request.getRemoteAddr());
        SignedIn person = signIn.check(form.signInName(), form.password());
        if (factors.isOf(person.personId())) {
            door.half(person, request);
            return views.of(request);
        }
        return enter(person, request, response);
    }

    /** The code of the moment, of somebody whose password was right just now. */
    @OwnTransactions("a try with a wrong code is counted though it is refused")
    @PostMapping("/api/v1/session/code")
    SessionView code(@RequestBody SignInCodeForm form, HttpServletRequest request, HttpServletResponse response) {
        SignedIn person = door.waiting(request)
                .orElseThrow(
                        () -> new InvalidInputException("code", "", "came too late; begin with the password again"));
        if (!signIn.hasDevice(person, form.code())) {
            throw new InvalidInputException(
                    "code", "", "is not the one the device shows now, nor one of those for its loss");
        }
        return enter(person, request, response);
    }

    /** Lets somebody in who has shown what it takes. */
    SessionView enter(SignedIn person, HttpServletRequest request, HttpServletResponse response) {
        door.open(person, request, response);
        log.noteOf(person, Kind.SIGNED_IN);
        return views.of(request);
    }

    record SignInCodeForm(String code) {}

    /** Signs out here, or on every device. */
    @OwnTransactions("a session is ended by the session library")
    @DeleteMapping("/api/v1/session")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signOut(
            @RequestParam(defaultValue = "false") boolean everywhere,
            HttpServletRequest request,
            HttpServletResponse response) {
        CurrentPerson.ifAny().ifPresent(person -> {
            log.note(everywhere ? Kind.SIGNED_OUT_EVERYWHERE : Kind.SIGNED_OUT, "");
            if (everywhere) {
                sessions.endAll(person.personId());
            }
        });
        door.close(request, response);
    }

    record SignInForm(String signInName, String password) {

        /** A password must never reach a log. */
        @Override
        public String toString() {
            return "SignInForm[" + signInName + "]";
        }
    }
}
