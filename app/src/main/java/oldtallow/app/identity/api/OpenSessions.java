package oldtallow.app.identity.api;

import java.time.Instant;
import java.util.Comparator;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import oldtallow.app.platform.write.Digest;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Component;

/** The sessions people have open, on whatever device and instance. */
@Component
public class OpenSessions {

    /** What a session remembers of where it was opened. */
    public static final String DEVICE = "oldtallow.device";

    public static final String ADDRESS = "oldtallow.address";

    private static final int NAME_BYTES = 8;

    private final FindByIndexNameSessionRepository<? extends Session> sessions;
    private final ApplicationEventPublisher events;

    OpenSessions(FindByIndexNameSessionRepository<? extends Session> sessions, ApplicationEventPublisher events) {
        this.sessions = sessions;
        this.events = events;
    }

    /**
     * A device somebody has signed in on.
     *
     * @param name tells it from others; a session's own id is a key and is shown to nobody
     */
    public record Device(String name, String kind, String address, Instant since, Instant lastSeen) {}

    /** Sessions of a person are over; whoever serves one of them lets it go. {@code names}: as of {@link #nameOf}. */
    public record Ended(UUID personId, List<String> names) {}

    /** The one used last first. */
    public List<Device> of(UUID personId) {
        return find(personId).entrySet().stream()
                .map(one -> device(one.getKey(), one.getValue()))
                .sorted(Comparator.comparing(Device::lastSeen).reversed())
                .toList();
    }

    /** Signs a person out on one device; nothing happens where it is not signed in. */
    public void end(UUID personId, String name) {
        find(personId).keySet().stream()
                .filter(id -> nameOf(id).equals(name))
                .forEach(id -> end(personId, List.of(id)));
    }

    /** Signs a person out everywhere. */
    public void endAll(UUID personId) {
        end(personId, List.copyOf(find(personId).keySet()));
    }

    public static String nameOf(String sessionId) {
        return HexFormat.of().formatHex(Digest.of(sessionId), 0, NAME_BYTES);
    }

    private void end(UUID personId, List<String> ids) {
        ids.forEach(sessions::deleteById);
        events.publishEvent(
                new Ended(personId, ids.stream().map(OpenSessions::nameOf).toList()));
    }

    private Map<String, ? extends Session> find(UUID personId) {
        return sessions.findByPrincipalName(personId.toString());
    }

    private static Device device(String id, Session session) {
        return new Device(
                nameOf(id),
                Objects.requireNonNullElse(session.<String>getAttribute(DEVICE), "computer"),
                Objects.requireNonNullElse(session.<String>getAttribute(ADDRESS), ""),
                session.getCreationTime(),
                session.getLastAccessedTime());
    }
}
