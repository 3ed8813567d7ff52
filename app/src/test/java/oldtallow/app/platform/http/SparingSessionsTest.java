package oldtallow.app.platform.http;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.doThrow;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import jakarta.servlet.ServletRequest;
import jakarta.servlet.ServletResponse;
import java.time.Duration;
import java.time.Instant;
import java.util.Objects;
import oldtallow.app.platform.http.SparingSessions.Kept;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.MapSession;

class SparingSessionsTest {

    private static final Instant BEFORE = Instant.parse("2026-05-14T10:00:00Z");

    @SuppressWarnings("unchecked")
    private final FindByIndexNameSessionRepository<MapSession> kept = mock(FindByIndexNameSessionRepository.class);

    private final SparingSessions<MapSession> sessions = new SparingSessions<>(kept);
    private final MapSession session = new MapSession("one");

    @BeforeEach
    void isKept() {
        session.setLastAccessedTime(BEFORE);
        when(kept.findById("one")).thenReturn(session);
    }

    @Test
    void writesDownItsUseOnceAMinute() {
        use(BEFORE.plusSeconds(59));
        verify(kept, never()).save(any());
        use(BEFORE.plusSeconds(61));
        verify(kept).save(session);
        use(BEFORE.plusSeconds(70));
        verify(kept, times(1)).save(session);
    }

    @Test
    void failsNoRequestBecauseItsUseCannotBeWrittenDown() {
        doThrow(new DataAccessResourceFailureException("read-only")).when(kept).save(any());
        assertThatCode(() -> use(BEFORE.plus(Duration.ofHours(1)))).doesNotThrowAnyException();
    }

    @Test
    void failsWhereSomebodySignsInAndCannot() {
        doThrow(new DataAccessResourceFailureException("read-only")).when(kept).save(any());
        Kept<MapSession> found = Objects.requireNonNull(sessions.findById("one"));
        found.setAttribute("who", "tobe");
        assertThatThrownBy(() -> sessions.save(found)).isInstanceOf(DataAccessResourceFailureException.class);
    }

    @Test
    void isReadOnceARequest() throws Exception {
        SparingSessions.readingOnce(
                (request, response) -> {
                    assertThat(sessions.findById("one")).isSameAs(sessions.findById("one"));
                    sessions.deleteById("one");
                    when(kept.findById("one")).thenReturn(null);
                    assertThat(sessions.findById("one")).isNull();
                },
                mock(ServletRequest.class),
                mock(ServletResponse.class));
        verify(kept, times(2)).findById("one");
    }

    private void use(Instant at) {
        Kept<MapSession> found = Objects.requireNonNull(sessions.findById("one"));
        found.setLastAccessedTime(at);
        sessions.save(found);
    }
}
