package oldtallow.app.identity.web;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.UUID;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.identity.access.Role;
import oldtallow.app.identity.access.SignedIn;
import oldtallow.app.identity.api.DemoAccounts;
import oldtallow.app.identity.api.Founding;
import oldtallow.app.identity.api.OpenSessions;
import oldtallow.app.identity.api.Passkeys;
import oldtallow.app.identity.api.SecondFactors;
import oldtallow.app.identity.api.SecurityLog;
import oldtallow.app.identity.api.SignIn;
import oldtallow.app.identity.model.PersonEntry;
import oldtallow.app.identity.model.SecurityEvent.Kind;
import oldtallow.app.platform.write.OwnTransactions;
import oldtallow.core.refusal.InvalidInputException;
import org.jspecify.annotations.Nullable;
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
    private final Passkeys passkeys;
    private final Founding founding;
    private final OpenSessions sessions;
    private final DemoAccounts demo;
    private final SecurityLog log;
    private final SessionDoor door;

    SessionController(
            SignIn signIn,
            SecondFactors factors,
            Passkeys passkeys,
            Founding founding,
            OpenSessions sessions,
            DemoAccounts demo,
            SecurityLog log,
            SessionDoor door) {
        this.signIn = signIn;
        this.factors = factors;
        this.passkeys = passkeys;
        this.founding = founding;
        this.sessions = sessions;
        this.demo = demo;
        this.log = log;
        this.door = door;
    }

    /** Who is signed in on this device, and what the sign-in page offers when nobody is. */
    @GetMapping("/api/v1/session")
    SessionView session(HttpServletRequest request) {
        return view(request);
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
            return view(request);
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
        return view(request);
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

    /** Opens the workshop of a new installation, or another one beside it, with the word that was printed for it. */
    @PostMapping("/api/v1/first-owner")
    SessionView foundWorkshop(
            @RequestBody FirstOwnerForm form, HttpServletRequest request, HttpServletResponse response) {
        var owner = new PersonEntry(form.name(), form.signInName(), Role.OWNER, form.password());
        door.open(founding.found(form.workshop(), form.word(), owner), request, response);
        return view(request);
    }

    private SessionView view(HttpServletRequest request) {
        return CurrentPerson.ifAny()
                .map(person ->
                        new SessionView(SignedInView.of(person), false, false, demo.isThere(), false, List.of(), null))
                .orElseGet(() -> new SessionView(
                        null,
                        door.waiting(request).isPresent(),
                        door.waiting(request)
                                .filter(person ->
                                        !passkeys.of(person.personId()).isEmpty())
                                .isPresent(),
                        demo.isThere(),
                        demo.loading().isEmpty() && founding.nobodyYet(),
                        (DemoAccounts.isAtHome(request.getRemoteAddr()) ? demo.offered() : List.<PersonEntry>of())
                                .stream()
                                        .map(account -> new DemoAccountView(
                                                account.name(),
                                                account.role(),
                                                account.signInName(),
                                                account.password()))
                                        .toList(),
                        demo.loading().orElse(null)));
    }

    record SignInForm(String signInName, String password) {

        /** A password must never reach a log. */
        @Override
        public String toString() {
            return "SignInForm[" + signInName + "]";
        }
    }

    /** {@code word}: as it was printed where the application was started. */
    record FirstOwnerForm(String workshop, String word, String name, String signInName, String password) {

        /** A password must never reach a log. */
        @Override
        public String toString() {
            return "FirstOwnerForm[" + signInName + "]";
        }
    }

    /**
     * The session of this device.
     *
     * @param codeWanted whether the password was right, and the second factor is waited for
     * @param passkeyKnown whether a passkey would do for it too
     * @param demo whether people and rigs are made up
     * @param firstOwnerWanted whether this installation has no people yet
     * @param demoAccounts what the demo lets anybody use; empty outside it
     * @param loading how far the demo's data is loaded; left out once it is, and outside the demo
     */
    record SessionView(
            @Nullable SignedInView person,
            boolean codeWanted,
            boolean passkeyKnown,
            boolean demo,
            boolean firstOwnerWanted,
            List<DemoAccountView> demoAccounts,
            DemoAccounts.@Nullable Loading loading) {}

    record SignedInView(UUID id, String name, Role role) {

        static SignedInView of(SignedIn person) {
            return new SignedInView(person.personId(), person.name(), person.role());
        }
    }

    record DemoAccountView(String name, Role role, String signInName, String password) {}
}
