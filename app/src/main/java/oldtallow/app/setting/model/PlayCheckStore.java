package oldtallow.app.setting.model;

import java.util.List;
import java.util.UUID;
import oldtallow.app.identity.access.SignedIn;

/** Where play read again is kept; it is added and read, never changed. */
public interface PlayCheckStore {

    /** Of a wheel end, latest first. */
    List<PlayCheck> ofWheelEnd(UUID wheelEndId);

    /** Adds it; does nothing where its id is taken. */
    void add(SignedIn person, NewPlayCheck check, UUID settingId);
}
