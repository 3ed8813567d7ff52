package oldtallow.app.people;

import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import oldtallow.app.walls.Asker;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;

/** Lines to devices that stay open: so many for each person, and over with the session they were opened in. */
@Component
public class OpenLines {

    /** A person with three devices and some pages on each; a browser lets a page have six. */
    private static final int MOST_OF_A_PERSON = 24;

    private final Map<UUID, Set<Line>> lines = new ConcurrentHashMap<>();

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
            lines.computeIfPresent(personId, (person, open) -> {
                open.remove(this);
                return open.isEmpty() ? null : open;
            });
        }
    }

    /**
     * Counts a line of the person who asks; {@link TooManyLinesException} where they have as many as anybody may.
     *
     * @param sessionId it is opened in
     * @param end closes it, when the session is over
     */
    public Line open(String sessionId, Runnable end) {
        var line = new Line(Asker.now().personId(), OpenSessions.nameOf(sessionId), end);
        lines.compute(line.personId, (person, open) -> {
            Set<Line> all = open == null ? ConcurrentHashMap.newKeySet() : open;
            if (all.size() >= MOST_OF_A_PERSON) {
                throw new TooManyLinesException(MOST_OF_A_PERSON);
            }
            all.add(line);
            return all;
        });
        return line;
    }

    /** Whoever was signed out hears nothing more. */
    @TransactionalEventListener(fallbackExecution = true)
    public void signedOut(OpenSessions.Ended ended) {
        lines.getOrDefault(ended.personId(), Set.of()).stream()
                .filter(line -> ended.names().contains(line.session))
                .forEach(line -> line.end.run());
    }
}
