package oldtallow.app.identity.api;

import jakarta.servlet.http.HttpServletRequest;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.identity.access.SignedIn;
import oldtallow.app.identity.model.SecurityEvent;
import oldtallow.app.identity.model.SecurityEvent.Kind;
import oldtallow.app.identity.model.SecurityNotes;
import oldtallow.app.identity.model.SecurityStore;
import oldtallow.app.platform.security.Caller;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.EventListener;
import org.springframework.security.authorization.event.AuthorizationDeniedEvent;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Writes down who signed in, was refused, or changed who may do what; the owner reads it. */
@Service
public class SecurityLog implements SecurityNotes {

    private static final int PAGE = 50;
    private static final int MOST_DETAILS = 400;
    private static final int MOST_NAME = 100;

    private final SecurityStore store;
    private final Clock clock;

    SecurityLog(SecurityStore store, Clock clock) {
        this.store = store;
        this.clock = clock;
    }

    /** Of the person who asks. */
    @Override
    public void note(Kind kind, String details) {
        SignedIn person = CurrentPerson.now();
        write(person.name(), Optional.of(person.personId()), kind, details);
    }

    /** Of a person who is not signed in yet. */
    public void noteOf(SignedIn person, Kind kind) {
        write(person.name(), Optional.of(person.personId()), kind, "");
    }

    /** Of whoever tries a name, which somebody may have or nobody. */
    public void noteTried(String signInName, Kind kind) {
        write(signInName, Optional.empty(), kind, "");
    }

    /** A person asked for what their role does not cover; who has not signed in is nobody to write down. */
    @EventListener
    void refused(AuthorizationDeniedEvent<?> event) {
        if (CurrentPerson.ifAny().isPresent() && event.getObject() instanceof HttpServletRequest request) {
            note(Kind.REFUSED, request.getMethod() + " " + request.getRequestURI());
        }
    }

    /** A page of the workshop's, latest first; {@code before}: the last one of the page before, where given. */
    @Transactional(readOnly = true)
    public List<SecurityEvent> page(@Nullable Long before) {
        return store.page(CurrentPerson.now().workshopId(), before, PAGE);
    }

    private void write(String name, Optional<UUID> person, Kind kind, String details) {
        if (Caller.now().isItself()) {
            return; // nobody came to the door, as while the demo is loaded
        }
        store.add(clock.instant(), cut(name, MOST_NAME), person, kind, Caller.now(), cut(details, MOST_DETAILS));
    }

    private static String cut(String text, int most) {
        return text.length() <= most ? text : text.substring(0, most);
    }
}
