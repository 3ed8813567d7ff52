package oldtallow.app.identity.access;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.Callable;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;

/** The person the running request or task works for. */
public final class CurrentPerson {

    private CurrentPerson() {}

    /** Empty before anybody has signed in. */
    public static Optional<SignedIn> ifAny() {
        Authentication who = SecurityContextHolder.getContext().getAuthentication();
        return who != null && who.getPrincipal() instanceof SignedIn person ? Optional.of(person) : Optional.empty();
    }

    /** Throws {@link IllegalStateException} where nobody has signed in: a way in that was left unguarded. */
    public static SignedIn now() {
        return ifAny().orElseThrow(() -> new IllegalStateException("nobody has signed in"));
    }

    /** The workshop everything is asked and kept for; row-level security has been told the same one. */
    public static UUID workshopId() {
        return now().workshopId();
    }

    /** Does a task of the product's own in the name of a person. */
    public static <T> T as(SignedIn person, Callable<T> task) {
        SecurityContext before = SecurityContextHolder.getContext();
        SecurityContext during = SecurityContextHolder.createEmptyContext();
        during.setAuthentication(authentication(person));
        SecurityContextHolder.setContext(during);
        try {
            return task.call();
        } catch (RuntimeException e) {
            throw e;
        } catch (Exception e) {
            throw new IllegalStateException(e);
        } finally {
            SecurityContextHolder.setContext(before);
        }
    }

    /** What a session remembers of a person who signed in. */
    public static Authentication authentication(SignedIn person) {
        return UsernamePasswordAuthenticationToken.authenticated(
                person, null, List.of(new SimpleGrantedAuthority("ROLE_" + person.role())));
    }
}
