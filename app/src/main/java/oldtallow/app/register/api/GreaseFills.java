package oldtallow.app.register.api;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.identity.access.SignedIn;
import oldtallow.app.register.model.GreaseFill;
import oldtallow.app.register.model.GreaseFillStore;
import oldtallow.core.grease.Grease;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What grease is in the hubs of the workshop that asks. */
@Service
public class GreaseFills {

    private final GreaseFillStore store;
    private final Register register;
    private final Clock clock;

    GreaseFills(GreaseFillStore store, Register register, Clock clock) {
        this.store = store;
        this.register = register;
        this.clock = clock;
    }

    /** Everything that went in, the latest first. */
    @Transactional(readOnly = true)
    public List<GreaseFill> of(UUID wheelEndId) {
        register.wheelEnd(wheelEndId);
        return store.of(wheelEndId);
    }

    /** What is in it; empty where nobody ever wrote it down. */
    @Transactional(readOnly = true)
    public Optional<GreaseFill> last(UUID wheelEndId) {
        return of(wheelEndId).stream().findFirst();
    }

    /** Writes down what went in; tried again under its id it is the same. */
    @Transactional
    public void fill(UUID id, UUID wheelEndId, @Nullable UUID jobId, Grease grease, String batch) {
        grease.check(batch);
        register.wheelEnd(wheelEndId);
        SignedIn person = CurrentPerson.now();
        store.add(person, new GreaseFill(id, wheelEndId, jobId, grease, batch, person.name(), clock.instant()));
    }
}
