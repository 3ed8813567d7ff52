package oldtallow.app.identity.access;

import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.Callable;

/** The person the running request or task works for. */
public final class CurrentPerson {

    /** Nobody, until it is said where to look. */
    private static volatile PersonSource source = new Nobody();

    private CurrentPerson() {}

    /** Says who knows who asks: on the server the request's session, in a phone whoever it belongs to. */
    public static void isToldBy(PersonSource other) {
        source = other;
    }

    /** Empty before anybody has signed in. */
    public static Optional<SignedIn> ifAny() {
        return source.ifAny();
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
        return source.as(person, task);
    }

    private static final class Nobody implements PersonSource {

        @Override
        public Optional<SignedIn> ifAny() {
            return Optional.empty();
        }

        @Override
        public <T> T as(SignedIn person, Callable<T> task) {
            throw new IllegalStateException("nobody says where to keep who works");
        }
    }
}
