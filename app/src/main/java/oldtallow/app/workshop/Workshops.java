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

    /** The workshop of whoever asks; created on the first call of all. */
    @Transactional
    public Workshop current() {
        return store.first().orElseGet(() -> {
            var workshop = new Workshop(UUID.randomUUID(), FIRST_NAME);
            store.add(workshop);
            return workshop;
        });
    }
}
