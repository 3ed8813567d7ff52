package oldtallow.app.register.api;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import oldtallow.app.register.model.FittedPart;
import oldtallow.app.register.model.FittedPartStore;
import oldtallow.app.register.model.PartEntry;
import oldtallow.app.register.model.PartPlace;
import oldtallow.core.refusal.FieldErrors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is fitted where, in the workshop that asks. */
@Service
public class FittedParts {

    private static final int MOST_OF_A_BATCH = 1000;

    private final FittedPartStore store;
    private final Clock clock;

    FittedParts(FittedPartStore store, Clock clock) {
        this.store = store;
        this.clock = clock;
    }

    /** Everything that is or was fitted to these wheel ends, by place, the latest first. */
    @Transactional(readOnly = true)
    public List<FittedPart> of(Collection<UUID> wheelEndIds) {
        return store.of(wheelEndIds);
    }

    /** What is fitted to a wheel end now. */
    @Transactional(readOnly = true)
    public List<FittedPart> fittedTo(UUID wheelEndId) {
        return of(List.of(wheelEndId)).stream().filter(FittedPart::isFitted).toList();
    }

    /** Parts on a wheel end now whose batch begins so, however it is written. */
    @Transactional(readOnly = true)
    public List<FittedPart> ofBatch(String beginning) {
        return store.ofBatch(beginning, MOST_OF_A_BATCH);
    }

    /** Puts a part in its place; what was there is off from that day on, or from today. */
    @Transactional
    public void fit(UUID wheelEndId, PartEntry entry) {
        LocalDate today = LocalDate.now(clock);
        var errors = new FieldErrors();
        entry.check(today, errors);
        errors.throwIfAny();
        if (of(List.of(wheelEndId)).stream().noneMatch(one -> one.id().equals(entry.id()))) {
            store.takeOff(wheelEndId, entry.place(), entry.fittedOn() == null ? today : entry.fittedOn());
            store.fit(entry.on(wheelEndId));
        }
    }

    /** Writes a part anew that was written down wrongly; false where there is none of that id in that place. */
    @Transactional
    public boolean correct(UUID wheelEndId, PartEntry entry) {
        var errors = new FieldErrors();
        entry.check(LocalDate.now(clock), errors);
        errors.throwIfAny();
        return store.correct(entry.on(wheelEndId));
    }

    /** Takes a part off; its place is empty then. */
    @Transactional
    public void takeOff(UUID wheelEndId, PartPlace place) {
        store.takeOff(wheelEndId, place, LocalDate.now(clock));
    }
}
