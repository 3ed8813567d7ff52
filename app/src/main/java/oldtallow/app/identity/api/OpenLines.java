package oldtallow.app.identity.api;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.identity.access.CurrentPerson;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;

/**
 * Lines to devices that stay open: so many for each person, and over with the session they were opened in. That a device went
 * away is seen only when something is said to it, so the oldest line makes room for a new one: mostly nobody listens there.
 */
@Component
public class OpenLines {

    /** A person with three devices and some pages on each; a browser lets a page have six. */
    private static final int MOST_OF_A_PERSON = 24;

    /** The oldest first. */
    private final Map<UUID, Deque<Line>> lines = new HashMap<>();

    /** A line somebody has open. */
    public final class Line {

        private final UUID personId;
        private final String session;
        private final Runnable end;

        private Line(UUID personId, String session, Runnable end) {
            this.personId = personId;
            this.session = session;
            this.end = end;
        }

        /** It is open no more. */
        public void left() {
            synchronized (lines) {
                lines.computeIfPresent(personId, (person, open) -> {
                    open.remove(this);
                    return open.isEmpty() ? null : open;
                });
            }
        }
    }

    /**
     * Counts a line of the person who asks; where they have as many as anybody may, their oldest ends.
     *
     * @param sessionId it is opened in
     * @param end closes it
     */
    public Line open(String sessionId, Runnable end) {
        var line = new Line(CurrentPerson.now().personId(), OpenSessions.nameOf(sessionId), end);
        Optional<Line> oldest = Optional.empty();
        synchronized (lines) {
            Deque<Line> open = lines.computeIfAbsent(line.personId, person -> new ArrayDeque<>());
            if (open.size() >= MOST_OF_A_PERSON) {
                oldest = Optional.of(open.removeFirst());
            }
            open.addLast(line);
        }
        oldest.ifPresent(one -> one.end.run());
        return line;
    }

    /** Whoever was signed out hears nothing more. */
    @TransactionalEventListener(fallbackExecution = true)
    public void signedOut(OpenSessions.Ended ended) {
        List<Line> over;
        synchronized (lines) {
            over = lines.getOrDefault(ended.personId(), new ArrayDeque<>()).stream()
                    .filter(line -> ended.names().contains(line.session))
                    .toList();
        }
        over.forEach(line -> line.end.run()); // leaves by itself
    }
}
