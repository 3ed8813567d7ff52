package oldtallow.app.identity.web;

import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.UUID;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.identity.access.Role;
import oldtallow.app.identity.access.SignedIn;
import oldtallow.app.identity.api.DemoAccounts;
import oldtallow.app.identity.api.Founding;
import oldtallow.app.identity.api.Passkeys;
import oldtallow.app.identity.model.PersonEntry;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

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
        DemoAccounts.@Nullable Loading loading) {

    /** Asks for each device how it stands. */
    @Component
    static class Of {

        private final DemoAccounts demo;
        private final Founding founding;
        private final Passkeys passkeys;
        private final SessionDoor door;

        Of(DemoAccounts demo, Founding founding, Passkeys passkeys, SessionDoor door) {
            this.demo = demo;
            this.founding = founding;
            this.passkeys = passkeys;
            this.door = door;
        }

        SessionView of(HttpServletRequest request) {
            return CurrentPerson.ifAny()
                    .map(person -> new SessionView(
                            SignedInView.of(person), false, false, demo.isThere(), false, List.of(), null))
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
    }

    record SignedInView(UUID id, String name, Role role) {

        static SignedInView of(SignedIn person) {
            return new SignedInView(person.personId(), person.name(), person.role());
        }
    }

    record DemoAccountView(String name, Role role, String signInName, String password) {}
}
