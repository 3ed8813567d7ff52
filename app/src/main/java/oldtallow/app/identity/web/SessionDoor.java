package oldtallow.app.identity.web;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.Duration;
import java.util.Optional;
import oldtallow.app.identity.access.PersonOfSession;
import oldtallow.app.identity.access.SignedIn;
import oldtallow.app.identity.api.OpenSessions;
import oldtallow.app.platform.security.Caller;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.authentication.logout.SecurityContextLogoutHandler;
import org.springframework.security.web.authentication.session.ChangeSessionIdAuthenticationStrategy;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.webauthn.api.Bytes;
import org.springframework.stereotype.Component;

/** Opens and closes the session of a device. */
@Component
class SessionDoor {

    private static final String WAITING = "oldtallow.waiting";
    private static final String WAITING_SINCE = "oldtallow.waitingSince";
    private static final String CHALLENGE = "oldtallow.challenge";
    private static final String CHALLENGE_SINCE = "oldtallow.challengeSince";
    private static final Duration PATIENCE = Duration.ofMinutes(5);

    private final SecurityContextRepository contexts;
    private final Clock clock;
    private final ChangeSessionIdAuthenticationStrategy newId = new ChangeSessionIdAuthenticationStrategy();

    SessionDoor(SecurityContextRepository contexts, Clock clock) {
        this.clock = clock;
        this.contexts = contexts;
    }

    /** Under a new session id, so that an id planted beforehand is worth nothing. */
    void open(SignedIn person, HttpServletRequest request, HttpServletResponse response) {
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        Authentication who = PersonOfSession.authentication(person);
        context.setAuthentication(who);
        newId.onAuthentication(who, request, response);
        request.getSession().removeAttribute(WAITING);
        request.getSession().removeAttribute(WAITING_SINCE);
        Caller from = Caller.of(request);
        request.getSession().setAttribute(OpenSessions.DEVICE, from.device());
        request.getSession().setAttribute(OpenSessions.ADDRESS, from.address());
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
    }

    /** The password was right; the second factor is waited for, and nobody is in yet. */
    void half(SignedIn person, HttpServletRequest request) {
        request.getSession().setAttribute(WAITING, person);
        request.getSession().setAttribute(WAITING_SINCE, clock.millis());
    }

    /** Who is at the door with half of what it takes; for a few minutes. */
    Optional<SignedIn> waiting(HttpServletRequest request) {
        return Optional.ofNullable(request.getSession(false))
                .filter(session -> session.getAttribute(WAITING_SINCE) instanceof Long since
                        && clock.millis() - since < PATIENCE.toMillis())
                .map(session -> (SignedIn) session.getAttribute(WAITING));
    }

    /** A challenge for a device, answered in this session, once, and within minutes. */
    Bytes challenge(HttpServletRequest request) {
        Bytes challenge = Bytes.random();
        request.getSession().setAttribute(CHALLENGE, challenge.toBase64UrlString());
        request.getSession().setAttribute(CHALLENGE_SINCE, clock.millis());
        return challenge;
    }

    /** The challenge that waits for its answer; no more from now on. */
    Optional<Bytes> takeChallenge(HttpServletRequest request) {
        Optional<Bytes> taken = Optional.ofNullable(request.getSession(false))
                .filter(session -> session.getAttribute(CHALLENGE_SINCE) instanceof Long since
                        && clock.millis() - since < PATIENCE.toMillis())
                .map(session -> Bytes.fromBase64((String) session.getAttribute(CHALLENGE)));
        Optional.ofNullable(request.getSession(false)).ifPresent(session -> {
            session.removeAttribute(CHALLENGE);
            session.removeAttribute(CHALLENGE_SINCE);
        });
        return taken;
    }

    void close(HttpServletRequest request, HttpServletResponse response) {
        new SecurityContextLogoutHandler().logout(request, response, null);
    }
}
