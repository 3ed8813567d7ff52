package oldtallow.standin;

import java.net.InetAddress;
import java.nio.charset.StandardCharsets;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import org.subethamail.smtp.server.SMTPServer;

/** A mail server of this machine that takes every mail and passes none on: the last fifty stay readable. */
public final class MailBox implements AutoCloseable {

    private static final int KEPT = 50;

    private final SMTPServer server;
    private final Deque<Letter> letters = new ArrayDeque<>();

    private MailBox(int port) {
        server = SMTPServer.port(port)
                .bindAddress(InetAddress.getLoopbackAddress())
                .messageHandler((context, from, to, data) ->
                        keep(new Letter(from, to, new String(data, StandardCharsets.UTF_8))))
                .build();
    }

    /**
     * A mail as it came.
     *
     * @param text headers and body, RFC 5322
     */
    public record Letter(String from, String to, String text) {}

    /** Starts one; throws {@link IllegalStateException} where the port is taken. */
    public static MailBox start(int port) {
        var box = new MailBox(port);
        try {
            box.server.start();
        } catch (RuntimeException e) {
            throw new IllegalStateException("port " + port + " is taken", e);
        }
        return box;
    }

    /** What came, latest first. */
    public List<Letter> letters() {
        synchronized (letters) {
            return List.copyOf(letters);
        }
    }

    private void keep(Letter letter) {
        synchronized (letters) {
            letters.addFirst(letter);
            if (letters.size() > KEPT) {
                letters.removeLast();
            }
        }
    }

    @Override
    public void close() {
        server.stop();
    }
}
