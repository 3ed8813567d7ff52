package oldtallow.app.identity.access;

import java.util.Optional;
import java.util.concurrent.Callable;

/** Knows for whom something is done. */
public interface PersonSource {

    /** Empty before anybody has signed in. */
    Optional<SignedIn> ifAny();

    /** Does a task in the name of a person; a checked exception of it comes as an {@link IllegalStateException}. */
    <T> T as(SignedIn person, Callable<T> task);
}
