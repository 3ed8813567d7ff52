package oldtallow.app.testing;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** The line between the application and its database, to be cut on purpose in the midst of what passes over it. */
public final class DatabaseLine implements AutoCloseable {

    private static final int LARGEST = 65_536;
    private static final Pattern PARSED_COMMIT = Pattern.compile("(S_\\d+|)\0COMMIT\0");
    /** Ends each text in a message of PostgreSQL's protocol. */
    private static final String END = "\0";

    private final ServerSocket door;
    private final int databasePort;
    private final Set<Call> calls = ConcurrentHashMap.newKeySet();
    private volatile @Nullable Cut ordered;

    /** Where in a transaction the line is cut. */
    public enum At {
        /** The marked statement never reaches the database. */
        STATEMENT,
        /** The commit after it never reaches the database. */
        COMMIT,
        /** The commit reaches the database; its answer reaches nobody. */
        ANSWER
    }

    private record Cut(UUID id, At at) {

        /** As text, or as the sixteen bytes it is. */
        boolean isIn(String passing) {
            byte[] bytes = ByteBuffer.allocate(2 * Long.BYTES)
                    .putLong(id.getMostSignificantBits())
                    .putLong(id.getLeastSignificantBits())
                    .array();
            return passing.contains(id.toString()) || passing.contains(new String(bytes, StandardCharsets.ISO_8859_1));
        }
    }

    DatabaseLine(int databasePort) {
        this.databasePort = databasePort;
        try {
            door = new ServerSocket(0, 50, InetAddress.getLoopbackAddress());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        Thread.ofVirtual().start(this::receive);
    }

    int port() {
        return door.getLocalPort();
    }

    /** Cuts the next transaction in which a statement passes with this id among its values; once. */
    public void cut(UUID id, At at) {
        ordered = new Cut(id, at);
    }

    /** The database's host vanishes for whoever talks to it now: nothing arrives, and nobody is told. New calls go through. */
    public void vanish() {
        calls.forEach(call -> call.vanished = true);
    }

    /** Whether the cut that was ordered has been made. */
    public boolean isCut() {
        return ordered == null;
    }

    @Override
    public void close() {
        try {
            door.close();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private void receive() {
        while (!door.isClosed()) {
            try {
                Socket application = door.accept();
                Socket database = new Socket(InetAddress.getLoopbackAddress(), databasePort);
                application.setTcpNoDelay(true); // a question and its answer are small, and waited for
                database.setTcpNoDelay(true);
                var call = new Call(application, database);
                calls.add(call);
                Thread.ofVirtual().start(call::asked);
                Thread.ofVirtual().start(call::answered);
            } catch (IOException e) {
                // closed, or the database is away: whoever called is told by the lost connection
            }
        }
    }

    /** One connection. */
    private final class Call {

        private final Socket application;
        private final Socket database;
        private String nameOfCommit = "";
        private boolean marked;
        private volatile boolean answerIsLost;
        private volatile boolean vanished;

        Call(Socket application, Socket database) {
            this.application = application;
            this.database = database;
        }

        void asked() {
            pass(application, database, true);
        }

        void answered() {
            pass(database, application, false);
        }

        private void pass(Socket from, Socket to, boolean asks) {
            byte[] buffer = new byte[LARGEST];
            try (from;
                    to) {
                InputStream in = from.getInputStream();
                OutputStream out = to.getOutputStream();
                for (int got = in.read(buffer); got >= 0; got = in.read(buffer)) {
                    if (asks ? isCutAt(buffer, got) : answerIsLost) {
                        return; // both ends lose the line
                    }
                    if (!vanished) {
                        out.write(buffer, 0, got);
                        out.flush();
                    }
                }
            } catch (IOException e) {
                // the other end is gone
            }
            calls.remove(this);
        }

        private boolean isCutAt(byte[] buffer, int length) {
            String passing = new String(buffer, 0, length, StandardCharsets.ISO_8859_1);
            boolean commits = commits(passing);
            @Nullable Cut cut = ordered;
            if (cut == null) {
                return false;
            }
            if (cut.isIn(passing)) {
                marked = true;
                if (cut.at() == At.STATEMENT) {
                    ordered = null;
                    return true;
                }
            }
            if (!marked || !commits) {
                return false;
            }
            ordered = null;
            answerIsLost = cut.at() == At.ANSWER;
            return !answerIsLost;
        }

        /** The driver has it parsed once, under a name, and later sends the name alone. */
        private boolean commits(String passing) {
            Matcher parsed = PARSED_COMMIT.matcher(passing);
            if (parsed.find()) {
                nameOfCommit = parsed.group(1);
                return true;
            }
            return !nameOfCommit.isEmpty() && passing.contains(END + nameOfCommit + END);
        }
    }
}
