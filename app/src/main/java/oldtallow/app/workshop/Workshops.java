package oldtallow.app.workshop;

import java.util.UUID;
import oldtallow.app.walls.Asker;
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
        return Asker.now().workshopId();
    }
}
