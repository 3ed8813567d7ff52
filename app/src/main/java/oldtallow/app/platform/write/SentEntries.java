package oldtallow.app.platform.write;

import java.util.UUID;

/** What devices sent under which id, so that whoever sends an entry again does not double it. */
public interface SentEntries {

    /** Waits for whoever writes under this id, and holds it until the transaction ends. */
    void hold(UUID id);

    /**
     * Holds the id of a new entry and keeps what was sent under it.
     *
     * @param digest of what was sent, and where to
     * @return whether this is the first that was sent under this id in this workshop, or the same once more
     */
    boolean keep(UUID id, byte[] digest);
}
