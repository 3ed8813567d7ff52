package oldtallow.benchmark;

import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.LongAdder;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** What was sent, what was answered, and what the database holds of it. */
final class EntryBook {

    private static final Pattern ID = Pattern.compile("\"id\":\"([0-9a-f-]{36})\"");
    private static final Pattern JOB = Pattern.compile("/api/v1/jobs/([0-9a-f-]{36})/");
    private static final int REST_MILLISECONDS = 150;
    private static final int PORT_LINE = 3;

    /** One row each where an entry is only half there. */
    private static final List<String> HALVES = List.of(
            "select count(*) from rig r where not exists (select from axle a where a.rig_id = r.id)",
            "select count(*) from axle a where not exists (select from wheel_end w where w.axle_id = a.id)",
            "select count(*) from wheel_end w where not exists (select from wheel_end_build b where b.wheel_end_id = w.id)",
            "select count(*) from job j where not exists (select from job_entry e where e.job_id = j.id)",
            "select count(*) from job j where (j.state in ('CLOSED', 'ABANDONED')) <> exists (select from job_entry e"
                    + " where e.job_id = j.id and e.kind in ('Closed', 'SignedOff', 'Abandoned'))",
            "select count(*) from job j where (j.state in ('CLOSED', 'ABANDONED')) <> (j.closed_at is not null)",
            "select count(*) from (select job_id, count(*) n, max(number) m from job_entry group by job_id) e where n <> m",
            "select count(*) from rig r where not exists (select from due_basis d where d.rig_id = r.id)");

    private final Path postmaster;
    private final Map<UUID, String> acknowledged = new ConcurrentHashMap<>();
    private final Map<String, Integer> entriesOfJobs = new ConcurrentHashMap<>();
    private final LongAdder notSaved = new LongAdder();
    private final LongAdder notKnown = new LongAdder();
    private final LongAdder noAnswer = new LongAdder();
    private final LongAdder falselyNotSaved = new LongAdder();
    private volatile boolean closed;
    private long lost;
    private long doubled;
    private long halves;

    EntryBook(Path postmaster) {
        this.postmaster = postmaster;
    }

    boolean isClosed() {
        return closed;
    }

    /** Nothing new is begun. */
    void close() {
        closed = true;
    }

    /** Sends an entry, under the same id each time, until it is known to be saved. */
    HttpResponse<String> untilKnown(Device device, String path, String body) throws IOException, InterruptedException {
        UUID id = id(body);
        while (true) {
            try {
                HttpResponse<String> answer = device.send(device.post(path, body));
                if (answer.statusCode() / 100 == 2) {
                    acknowledge(id, path);
                    return answer;
                }
                if (answer.statusCode() == 504) {
                    notKnown.increment();
                } else if (answer.statusCode() == 503) {
                    notSaved.increment();
                    if (isSaved(path, id)) {
                        falselyNotSaved.increment();
                    }
                } else {
                    return answer;
                }
            } catch (IOException e) {
                noAnswer.increment();
            }
            Thread.sleep(REST_MILLISECONDS);
        }
    }

    private void acknowledge(UUID id, String path) {
        acknowledged.put(id, table(path));
        Matcher job = JOB.matcher(path);
        if (job.find()) {
            entriesOfJobs.merge(job.group(1), 1, Integer::sum);
        }
    }

    /** Counts what became of it all, and says so in the columns of the table. */
    String row() throws SQLException, IOException {
        try (Connection database = connect()) {
            for (Map.Entry<UUID, String> entry : acknowledged.entrySet()) {
                long rows =
                        count(database, "select count(*) from " + entry.getValue() + " where id = ?", entry.getKey());
                lost += rows == 0 ? 1 : 0;
                doubled += Math.max(0, rows - 1);
            }
            for (Map.Entry<String, Integer> job : entriesOfJobs.entrySet()) {
                // one more: what it was opened for
                long rows = count(
                        database, "select count(*) from job_entry where job_id = ?", UUID.fromString(job.getKey()));
                doubled += Math.max(0, rows - 1 - job.getValue());
            }
            for (String half : HALVES) {
                halves += count(database, half, null);
            }
        }
        return String.format(
                Locale.ROOT,
                "%d | %d | %d | %d | %d | %d | %d | %d",
                acknowledged.size(),
                lost,
                doubled,
                halves,
                falselyNotSaved.sum(),
                notSaved.sum(),
                notKnown.sum(),
                noAnswer.sum());
    }

    boolean isSound() {
        return lost + doubled + halves + falselyNotSaved.sum() == 0;
    }

    private boolean isSaved(String path, UUID id) throws InterruptedException {
        while (true) { // the database may be away still
            try (Connection database = connect()) {
                return count(database, "select count(*) from " + table(path) + " where id = ?", id) > 0;
            } catch (SQLException | IOException e) {
                Thread.sleep(REST_MILLISECONDS);
            }
        }
    }

    private Connection connect() throws SQLException, IOException {
        String port = Files.readAllLines(postmaster).get(PORT_LINE).strip();
        return DriverManager.getConnection(
                "jdbc:postgresql://127.0.0.1:" + port + "/oldtallow", "oldtallow", System.getenv("PGPASSWORD"));
    }

    private static long count(Connection database, String query, @Nullable Object id) throws SQLException {
        try (PreparedStatement statement = database.prepareStatement(query)) {
            if (id != null) {
                statement.setObject(1, id);
            }
            try (ResultSet rows = statement.executeQuery()) {
                rows.next();
                return rows.getLong(1);
            }
        }
    }

    private static String table(String path) {
        if (path.equals("/api/v1/rigs")) {
            return "rig";
        }
        if (path.startsWith("/api/v1/jobs/")) {
            return "job_entry";
        }
        return path.endsWith("/jobs") ? "job" : "nut_setting";
    }

    private static UUID id(String body) {
        Matcher id = ID.matcher(body);
        if (!id.find()) {
            throw new IllegalArgumentException("no id in " + body);
        }
        return UUID.fromString(id.group(1));
    }
}
