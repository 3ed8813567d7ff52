package oldtallow.app.register.api;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.identity.access.SignedIn;
import oldtallow.app.platform.problem.FieldErrors;
import oldtallow.app.register.model.GreaseFill;
import oldtallow.app.register.model.GreaseFill.Grease;
import oldtallow.app.register.model.GreaseFillStore;
import oldtallow.core.grease.GreaseCode;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What grease is in the hubs of the workshop that asks. */
@Service
public class GreaseFills {

    private static final int MOST_NAME = 80;
    private static final int MOST_BATCH = 40;

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
        return store.of(CurrentPerson.now().workshopId(), wheelEndId);
    }

    /** What is in it; empty where nobody ever wrote it down. */
    @Transactional(readOnly = true)
    public Optional<GreaseFill> last(UUID wheelEndId) {
        return of(wheelEndId).stream().findFirst();
    }

    /** Writes down what went in; tried again under its id it is the same. */
    @Transactional
    public void fill(UUID id, UUID wheelEndId, @Nullable UUID jobId, Grease grease, String batch) {
        check(grease, batch);
        register.wheelEnd(wheelEndId);
        SignedIn person = CurrentPerson.now();
        store.add(person, new GreaseFill(id, wheelEndId, jobId, grease, batch, person.name(), clock.instant()));
    }

    /** Throws what cannot be a grease: a known thickener without a name, a code that does not exist. */
    public static void check(Grease grease, String batch) {
        var errors = new FieldErrors();
        if (grease.known() && grease.name().isBlank()) {
            errors.add("name", grease.name(), "is missing; write what stands on the tin");
        }
        if (grease.name().length() > MOST_NAME) {
            errors.add("name", grease.name().length(), "must be " + MOST_NAME + " letters at most");
        }
        if (batch.length() > MOST_BATCH) {
            errors.add("batch", batch.length(), "must be " + MOST_BATCH + " letters at most");
        }
        if (!grease.code().isEmpty()) {
            errors.at("code", () -> GreaseCode.parse(grease.code()));
        }
        errors.throwIfAny();
    }
}
