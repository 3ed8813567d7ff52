package oldtallow.standin;

import java.io.BufferedReader;
import java.io.Closeable;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/**
 * One simulated instrument: listens on a loopback port and speaks the line protocol to whoever connects, each on a thread of
 * its own.
 */
public final class StandIn implements Closeable {

    private static final InetAddress LOOPBACK = InetAddress.getLoopbackAddress();
    private static final int READING_MILLIS = 100;
    private static final int DROPS_AFTER = 10;
    private static final int BATTERY_EVERY = 50;

    private final Simulated kind;
    private final String serial;
    private final ServerSocket server;
    private final Thread listening;
    private final Set<Socket> connected = ConcurrentHashMap.newKeySet();
    private volatile double value;
    /** When the hand was set going for the value it shows. */
    private volatile long since = System.nanoTime();

    private volatile Trouble trouble = Trouble.NONE;

    private StandIn(Simulated kind, String serial, ServerSocket server) {
        this.kind = kind;
        this.serial = serial;
        this.server = server;
        this.value = kind.usual();
        this.listening = Thread.ofVirtual().name("stand-in " + kind.word()).unstarted(this::listen);
    }

    /**
     * Starts one.
     *
     * @param port 0 for any that is free
     */
    public static StandIn start(Simulated kind, int port) throws IOException {
        var server = new ServerSocket(port, 8, LOOPBACK);
        var standIn =
                new StandIn(kind, "SIM-" + kind.word().charAt(0) + kind.word().length(), server);
        standIn.listening.start();
        return standIn;
    }

    public int port() {
        return server.getLocalPort();
    }

    /** What it settles at, in its unit; its hand moves there first. */
    public void settleAt(double settled) {
        value = settled;
        since = System.nanoTime();
    }

    public void suffer(Trouble suffered) {
        trouble = suffered;
    }

    /** Stops listening, so that another may take the port at once, and breaks every connection. */
    @Override
    public void close() throws IOException {
        server.close();
        try {
            listening.join(); // the port is held until the thread has left its accept
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
        for (Socket socket : connected) {
            socket.close();
        }
    }

    private void listen() {
        while (!server.isClosed()) {
            try {
                Socket socket = server.accept();
                connected.add(socket);
                Thread.ofVirtual().start(() -> talk(socket));
                Thread.ofVirtual().start(() -> hear(socket));
            } catch (IOException closed) {
                return;
            }
        }
    }

    private void talk(Socket socket) {
        try (socket;
                OutputStream out = socket.getOutputStream()) {
            send(
                    out,
                    "hello 1 " + kind.word() + " " + serial + " " + kind.word().replace('-', ' ') + " stand-in");
            send(out, "unit " + kind.unit());
            send(out, "resolution " + kind.resolution());
            send(out, "battery 82");
            for (int count = 1; ; count++) {
                double seconds = (System.nanoTime() - since) / 1e9;
                reading(out, count, seconds);
                if (count % BATTERY_EVERY == 0) {
                    send(out, "battery 82");
                }
                if (trouble == Trouble.DROPS && count >= DROPS_AFTER) {
                    return;
                }
                Thread.sleep(READING_MILLIS);
            }
        } catch (IOException gone) {
            // the bench went away
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        } finally {
            connected.remove(socket);
        }
    }

    private void reading(OutputStream out, int count, double seconds) throws IOException {
        double shown = kind.shows(value, seconds);
        String flag = kind.isSteady(seconds) ? "steady" : "moving";
        switch (trouble) {
            case JITTERS -> {
                double swing = 20 * kind.resolution() * (count % 2 == 0 ? 1 : -1);
                send(out, "reading " + count + " " + kind.display(shown + swing) + " moving");
            }
            case REPEATS -> send(out, "reading 1 " + kind.display(shown) + " steady");
            case NONSENSE -> {
                send(out, "reading " + count + " soon steady");
                out.write(new byte[] {(byte) 0xff, (byte) 0xfe, 0, 7, '\n'});
                send(out, "x".repeat(5000));
            }
            case SILENT -> {}
            case NONE, DROPS -> send(out, "reading " + count + " " + kind.display(shown) + " " + flag);
        }
    }

    /** Hears what the bench asks, and what somebody trying it out tells it by hand. */
    private void hear(Socket socket) {
        try {
            var in = new BufferedReader(new InputStreamReader(socket.getInputStream(), StandardCharsets.UTF_8));
            for (String line = in.readLine(); line != null; line = in.readLine()) {
                obey(line);
            }
        } catch (IOException | UncheckedIOException gone) {
            // the bench went away
        }
    }

    private void obey(String line) {
        String[] words = line.strip().split(" ", 3);
        if (words.length < 3 || !words[0].equals("simulate")) {
            return;
        }
        try {
            if (words[1].equals("value")) {
                settleAt(Double.parseDouble(words[2]));
            } else if (words[1].equals("trouble")) {
                suffer(Trouble.valueOf(words[2].toUpperCase(Locale.ROOT)));
            }
        } catch (IllegalArgumentException notKnown) {
            // a stand-in takes no offence
        }
    }

    private static void send(OutputStream out, String line) throws IOException {
        out.write((line + "\n").getBytes(StandardCharsets.UTF_8));
        out.flush();
    }
}
