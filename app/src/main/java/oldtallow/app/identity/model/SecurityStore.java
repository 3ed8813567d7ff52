package oldtallow.app.identity.model;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.identity.model.SecurityEvent.Kind;
import oldtallow.app.platform.security.Caller;
import org.jspecify.annotations.Nullable;

/** Where it is kept; only ever added to. */
public interface SecurityStore {

    /** {@code name}: of the person, or the sign-in name that was tried where there is none. */
    void add(Instant at, String name, Optional<UUID> person, Kind kind, Caller from, String details);

    /** Latest first; those older than {@code before} where given. */
    List<SecurityEvent> page(UUID workshopId, @Nullable Long before, int limit);
}
