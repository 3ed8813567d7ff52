package oldtallow.app.register.model;

import java.util.List;
import java.util.UUID;
import oldtallow.app.identity.access.SignedIn;

/** Where fillings are kept. */
public interface GreaseFillStore {

    /** Of a wheel end, the latest first. */
    List<GreaseFill> of(UUID wheelEndId);

    /** Nothing happens where its id is on record. */
    void add(SignedIn person, GreaseFill fill);
}
