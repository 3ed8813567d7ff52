package oldtallow.app.identity.access;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;

/** Whoever has signed in to the session of the running request. */
public final class PersonOfSession implements PersonSource {

    @Override
    public Optional<SignedIn> ifAny() {
        Authentication who = SecurityContextHolder.getContext().getAuthentication();
        return who != null && who.getPrincipal() instanceof SignedIn person ? Optional.of(person) : Optional.empty();
    }

    @Override
    public <T> T as(SignedIn person, Callable<T> task) {
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
