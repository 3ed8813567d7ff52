package oldtallow.app.workshop;

import java.util.Optional;

/** Where workshops are kept. */
public interface WorkshopStore {

    /** The oldest one. */
    Optional<Workshop> first();

    void add(Workshop workshop);
}
