package oldtallow.app.workshop;

import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Tells whose rows are asked for. Until people sign in there is one workshop, and it is everybody's. */
@Service
public class Workshops {

    private static final String FIRST_NAME = "Reed-gate workshop";

    private final WorkshopStore store;

    Workshops(WorkshopStore store) {
        this.store = store;
    }

    /** The workshop of whoever asks. */
    @Transactional(readOnly = true)
    public Workshop current() {
        return store.first().orElseThrow(() -> new IllegalStateException("no workshop was opened at the start"));
    }

    /** Opens the first workshop of a new database. */
    @Transactional
    void openFirst() {
        if (store.first().isEmpty()) {
            store.add(new Workshop(UUID.randomUUID(), FIRST_NAME));
        }
    }
}
