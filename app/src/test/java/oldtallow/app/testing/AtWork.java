package oldtallow.app.testing;

import java.util.UUID;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.identity.access.PersonOfSession;
import oldtallow.app.identity.access.Role;
import oldtallow.app.identity.access.SignedIn;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;

/** Somebody of a workshop at work on this thread, for tests that ask what is kept without a request. */
public final class AtWork {

    private AtWork() {}

    public static void in(UUID workshopId) {
        CurrentPerson.isToldBy(new PersonOfSession());
        var person = new SignedIn(new UUID(0, 1), workshopId, "Test", Role.OWNER);
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(PersonOfSession.authentication(person));
        SecurityContextHolder.setContext(context);
    }

    public static void over() {
        SecurityContextHolder.clearContext();
    }
}
