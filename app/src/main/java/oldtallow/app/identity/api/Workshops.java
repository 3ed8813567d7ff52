package oldtallow.app.identity.api;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.identity.access.SignedIn;
import oldtallow.app.identity.model.Rates;
import oldtallow.app.identity.model.Workshop;
import oldtallow.app.identity.model.WorkshopStore;
import oldtallow.app.platform.problem.ConflictException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Tells whose rows are asked for. */
@Service
public class Workshops {

    private final WorkshopStore store;

    Workshops(WorkshopStore store) {
        this.store = store;
    }

    /** The workshop of whoever asks. */
    @Transactional(readOnly = true)
    public Workshop current() {
        return store.find(currentId()).orElseThrow(() -> new IllegalStateException("a person without a workshop"));
    }

    /** Its id, without asking the database. */
    public UUID currentId() {
        return CurrentPerson.now().workshopId();
    }

    /** One owner of each workshop, in whose name what is the product's own to do is done. */
    public List<SignedIn> owners() {
        return store.owners();
    }

    /** What its time costs; empty where nobody has said. */
    @Transactional(readOnly = true)
    public Optional<Rates> rates() {
        return store.rates(currentId());
    }

    /** Sets what its time costs. */
    @Transactional
    public void set(Rates rates) {
        if (!store.set(currentId(), rates) && !rates().filter(rates::isSameAs).isPresent()) {
            throw new ConflictException("Somebody changed the rates meanwhile. Load them again.");
        }
    }
}
