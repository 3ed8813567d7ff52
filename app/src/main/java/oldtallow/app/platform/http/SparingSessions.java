package oldtallow.app.platform.http;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletRequest;
import jakarta.servlet.ServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.convert.ConversionException;
import org.springframework.core.serializer.support.SerializationFailedException;
import org.springframework.dao.DataAccessException;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.transaction.TransactionException;

/**
 * Sessions whose last use is written down once a minute instead of at every request, and whose being in use is no reason to
 * fail one: what was done is done, whether the session could be touched or not.
 */
final class SparingSessions<S extends Session> implements FindByIndexNameSessionRepository<SparingSessions.Kept<S>> {

    /** Found in the request that is under way: the session filter looks once more when it writes the cookie. */
    private static final ScopedValue<Map<String, Kept<?>>> FOUND = ScopedValue.newInstance();

    private static final Logger LOG = LoggerFactory.getLogger(SparingSessions.class);
    private static final Duration TOUCH_AFTER = Duration.ofMinutes(1);

    private final FindByIndexNameSessionRepository<S> sessions;

    SparingSessions(FindByIndexNameSessionRepository<S> sessions) {
        this.sessions = sessions;
    }

    @Override
    public Kept<S> createSession() {
        return new Kept<>(sessions.createSession(), true);
    }

    @Override
    public void save(Kept<S> session) {
        if (!session.changed && !session.touched) {
            return;
        }
        try {
            sessions.save(session.inner);
        } catch (DataAccessException | TransactionException e) {
            if (session.changed) {
                throw e;
            }
            LOG.warn("a session in use could not be touched: {}", e.toString());
        }
        session.changed = false;
        session.touched = false;
    }

    /** Goes on with a request in which each session is read once. */
    static void readingOnce(FilterChain chain, ServletRequest request, ServletResponse response)
            throws IOException, ServletException {
        try {
            ScopedValue.where(FOUND, new HashMap<>()).call(() -> {
                chain.doFilter(request, response);
                return chain;
            });
        } catch (IOException | ServletException | RuntimeException e) {
            throw e;
        } catch (Exception e) {
            throw new ServletException(e);
        }
    }

    @Override
    @SuppressWarnings("unchecked") // put there below
    public @Nullable Kept<S> findById(String id) {
        return FOUND.isBound() ? (Kept<S>) FOUND.get().computeIfAbsent(id, this::read) : read(id);
    }

    private @Nullable Kept<S> read(String id) {
        @Nullable S found = sessions.findById(id);
        return found == null ? null : new Kept<>(found, false);
    }

    @Override
    public void deleteById(String id) {
        if (FOUND.isBound()) {
            FOUND.get().remove(id);
        }
        sessions.deleteById(id);
    }

    @Override
    public Map<String, Kept<S>> findByIndexNameAndIndexValue(String indexName, String indexValue) {
        return sessions.findByIndexNameAndIndexValue(indexName, indexValue).entrySet().stream()
                .collect(Collectors.toMap(Map.Entry::getKey, found -> new Kept<>(found.getValue(), false)));
    }

    /** A session that knows whether anything but its last use is new. */
    static final class Kept<S extends Session> implements Session {

        private final S inner;
        private boolean changed;
        private boolean touched;

        private Kept(S inner, boolean isNew) {
            this.inner = inner;
            this.changed = isNew;
        }

        @Override
        public String getId() {
            return inner.getId();
        }

        @Override
        public String changeSessionId() {
            changed = true;
            return inner.changeSessionId();
        }

        @Override
        @SuppressWarnings("TypeParameterUnusedInFormals") // as the session library has it
        public <T> @Nullable T getAttribute(String name) {
            try {
                return inner.getAttribute(name);
            } catch (ConversionException | SerializationFailedException e) {
                // as another version wrote it: nobody is signed in by it, and signs in again
                LOG.warn("what a session holds cannot be read: {}", e.toString());
                return null;
            }
        }

        @Override
        public Set<String> getAttributeNames() {
            return inner.getAttributeNames();
        }

        @Override
        public void setAttribute(String name, @Nullable Object value) {
            if (value == null) {
                removeAttribute(name);
            } else {
                changed = true;
                inner.setAttribute(name, value);
            }
        }

        @Override
        public void removeAttribute(String name) {
            changed = true;
            inner.removeAttribute(name);
        }

        @Override
        public Instant getCreationTime() {
            return inner.getCreationTime();
        }

        @Override
        public void setLastAccessedTime(Instant time) {
            if (inner.getLastAccessedTime().plus(TOUCH_AFTER).isBefore(time)) {
                touched = true;
                inner.setLastAccessedTime(time);
            }
        }

        @Override
        public Instant getLastAccessedTime() {
            return inner.getLastAccessedTime();
        }

        @Override
        public void setMaxInactiveInterval(Duration interval) {
            changed = true;
            inner.setMaxInactiveInterval(interval);
        }

        @Override
        public Duration getMaxInactiveInterval() {
            return inner.getMaxInactiveInterval();
        }

        @Override
        public boolean isExpired() {
            return inner.isExpired();
        }
    }
}
