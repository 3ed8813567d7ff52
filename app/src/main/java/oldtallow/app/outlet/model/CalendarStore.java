package oldtallow.app.outlet.model;

import java.time.Instant;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.identity.access.SignedIn;
import org.jspecify.annotations.Nullable;

/** Where feeds are kept, and what calendars were told. */
public interface CalendarStore {

    /** A feed as its token opens it. */
    record Opened(UUID feedId, @Nullable UUID rigId, SignedIn person) {}

    /** Outside row security: the token alone says whose it is. */
    Optional<Opened> open(String tokenHash);

    /** A person's, those that were ended left out. */
    List<CalendarFeed> of(UUID personId);

    /** Everybody's, those that were ended left out. */
    List<CalendarFeed> all();

    /** Adds it, or gives the person's own of this id another token; false where the id is another's. */
    boolean add(CalendarFeed feed, String tokenHash);

    /** False where there is no such feed of the person. */
    boolean end(UUID personId, UUID feedId, Instant now);

    void read(UUID feedId, LocalDate on);

    /** What calendars were told of these rigs. */
    List<CalendarEntry> entries(Collection<UUID> rigIds);

    /** Rigs of which a calendar still shows something. */
    List<UUID> shown(int most);

    void put(List<CalendarEntry> entries);

    /** Forgets what was cancelled long ago. */
    void forget(Instant cancelledBefore);
}
