package oldtallow.app.people.web;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import oldtallow.app.walls.Asker;
import oldtallow.app.walls.SignedIn;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.authentication.logout.SecurityContextLogoutHandler;
import org.springframework.security.web.authentication.session.ChangeSessionIdAuthenticationStrategy;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.stereotype.Component;

/** Opens and closes the session of a device. */
@Component
class SessionDoor {

    private final SecurityContextRepository contexts;
    private final ChangeSessionIdAuthenticationStrategy newId = new ChangeSessionIdAuthenticationStrategy();

    SessionDoor(SecurityContextRepository contexts) {
        this.contexts = contexts;
    }

    /** Under a new session id, so that an id planted beforehand is worth nothing. */
    void open(SignedIn person, HttpServletRequest request, HttpServletResponse response) {
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        Authentication who = Asker.authentication(person);
        context.setAuthentication(who);
        newId.onAuthentication(who, request, response);
        SecurityContextHolder.setContext(context);
        contexts.saveContext(context, request, response);
    }

    void close(HttpServletRequest request, HttpServletResponse response) {
        new SecurityContextLogoutHandler().logout(request, response, null);
    }
}
