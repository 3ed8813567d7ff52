package oldtallow.app.platform;

import java.util.UUID;

/** Keeps devices that send the same entry at the same moment one behind the other. */
public interface EntryLock {

    /** Waits for whoever writes under this id, and holds it until the transaction ends. */
    void hold(UUID id);
}
