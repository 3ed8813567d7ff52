package oldtallow.app.job.persistence;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.time.Instant;
import java.util.Objects;
import java.util.Properties;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicBoolean;
import oldtallow.app.job.api.JobWatch;
import org.jspecify.annotations.Nullable;
import org.postgresql.PGConnection;
import org.postgresql.PGNotification;
import org.postgresql.PGProperty;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.jdbc.autoconfigure.JdbcConnectionDetails;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;

/**
 * Listens for entries that any instance writes, on a connection of its own, and passes them to whoever watches here. Job ids
 * only go over it; what changed is read by each watcher through row security.
 */
@Component
class JobNotices implements SmartLifecycle {

    static final String CHANNEL = "job";

    private static final Logger LOG = LoggerFactory.getLogger(JobNotices.class);
    private static final int LISTEN_MILLISECONDS = 1000;
    private static final int WAIT_BEFORE_NEXT_TRY = 1000;
    /** A host that vanished says nothing, as one with nothing to tell does: it is asked after so long. */
    private static final Duration SILENCE = Duration.ofSeconds(10);

    private static final int ANSWER_SECONDS = 3;

    private final JdbcConnectionDetails database;
    private final JobWatch watch;
    private final AtomicBoolean running = new AtomicBoolean();

    JobNotices(JdbcConnectionDetails database, JobWatch watch) {
        this.database = database;
        this.watch = watch;
    }

    @Override
    public void start() {
        if (running.compareAndSet(false, true)) {
            Thread.ofVirtual().name("job notices").start(this::listenForEver);
        }
    }

    @Override
    public void stop() {
        running.set(false);
        watch.over(); // open lines would hold the web server's own stop up
    }

    @Override
    public boolean isRunning() {
        return running.get();
    }

    private void listenForEver() {
        while (running.get()) {
            try (Connection connection = DriverManager.getConnection(database.getJdbcUrl(), properties())) {
                try (Statement listen = connection.createStatement()) {
                    listen.execute("listen " + CHANNEL);
                }
                watch.lookAgain(); // what was told while nobody listened
                listen(connection, connection.unwrap(PGConnection.class));
            } catch (SQLException e) {
                if (running.get()) {
                    LOG.debug("not listening for jobs: {}", e.getMessage());
                    pause();
                }
            }
        }
    }

    private Properties properties() {
        var properties = new Properties();
        properties.setProperty(PGProperty.USER.getName(), String.valueOf(database.getUsername()));
        properties.setProperty(PGProperty.PASSWORD.getName(), Objects.toString(database.getPassword(), ""));
        properties.setProperty(PGProperty.CONNECT_TIMEOUT.getName(), "2");
        properties.setProperty(PGProperty.LOGIN_TIMEOUT.getName(), "5");
        properties.setProperty(PGProperty.TCP_KEEP_ALIVE.getName(), "true");
        return properties;
    }

    private void listen(Connection line, PGConnection connection) throws SQLException {
        Instant heard = Instant.now();
        while (running.get()) {
            PGNotification @Nullable [] notices = connection.getNotifications(LISTEN_MILLISECONDS);
            if (Duration.between(heard, Instant.now()).compareTo(SILENCE) > 0) {
                if (!line.isValid(ANSWER_SECONDS)) {
                    throw new SQLException("the database no longer answers");
                }
                heard = Instant.now();
            }
            if (notices != null) {
                for (PGNotification notice : notices) {
                    tell(notice.getParameter());
                }
            }
        }
    }

    /** What is told of an entry: its job, and its number there. */
    static String notice(UUID jobId, int number) {
        return jobId + " " + number;
    }

    /** What is told of something else at a hub's side: that there is something new to see. */
    static String notice(UUID jobId) {
        return jobId.toString();
    }

    private void tell(String notice) {
        String[] parts = notice.split(" ", 2);
        UUID jobId = UUID.fromString(parts[0]);
        if (parts.length == 1) {
            watch.beside(jobId);
        } else {
            watch.changed(jobId, Integer.parseInt(parts[1]));
        }
    }

    private static void pause() {
        try {
            Thread.sleep(WAIT_BEFORE_NEXT_TRY);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
