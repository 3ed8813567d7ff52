package oldtallow.phone;

import java.util.Optional;
import java.util.concurrent.Callable;
import oldtallow.app.identity.access.PersonSource;
import oldtallow.app.identity.access.SignedIn;

/** A phone works for whoever took the rigs along on it. */
record OneOwner(SignedIn person) implements PersonSource {

    @Override
    public Optional<SignedIn> ifAny() {
        return Optional.of(person);
    }

    @Override
    public <T> T as(SignedIn other, Callable<T> task) {
        throw new IllegalStateException("a phone works for one person");
    }
}
