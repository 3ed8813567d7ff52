package oldtallow.app.people;

import java.util.UUID;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Component;

/** The sessions people have open, on whatever device and instance. */
@Component
public class OpenSessions {

    private final FindByIndexNameSessionRepository<? extends Session> sessions;

    OpenSessions(FindByIndexNameSessionRepository<? extends Session> sessions) {
        this.sessions = sessions;
    }

    /** Signs a person out everywhere. */
    public void endAll(UUID personId) {
        sessions.findByPrincipalName(personId.toString()).keySet().forEach(sessions::deleteById);
    }
}
