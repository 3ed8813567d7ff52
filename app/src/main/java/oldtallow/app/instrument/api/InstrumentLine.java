package oldtallow.app.instrument.api;

import java.io.BufferedInputStream;
import java.io.ByteArrayOutputStream;
import java.io.Closeable;
import java.io.IOException;
import java.io.InputStream;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Optional;
import oldtallow.app.instrument.model.LiveReading;
import oldtallow.app.instrument.model.LiveReading.State;
import oldtallow.app.instrument.model.LiveReading.TakenOnIt;
import oldtallow.core.quantity.ReadingUnit;
import oldtallow.core.setting.measure.Instrument;
import org.jspecify.annotations.Nullable;

/**
 * The line to one instrument on a loopback port, on a thread of its own. It is tried again for as long as it is not closed;
 * what comes over it may be anything.
 */
final class InstrumentLine implements Closeable {

    private static final int CONNECT_MILLIS = 1_000;
    /** Without a sensible line for so long it counts as silent, and the connection is made anew. */
    private static final Duration SILENT = Duration.ofSeconds(3);

    private static final Duration SHORTEST_WAIT = Duration.ofMillis(200);
    private static final Duration LONGEST_WAIT = Duration.ofSeconds(4);
    private static final int NONSENSE_SHOWN_FROM = 3;
    /** A line of nothing but the longest characters of UTF-8. */
    private static final int MOST_BYTES = 4 * LineProtocol.MOST_CHARACTERS;

    private final int port;
    private final Object lock = new Object();
    private final LiveHand hand = new LiveHand();
    private @Nullable Socket socket;
    private boolean closed;
    private State state = State.CONNECTING;
    private Optional<Line.Hello> hello = Optional.empty();
    private ReadingUnit unit = ReadingUnit.MILLIMETRE;
    private double resolution = 0.01;
    private Optional<TakenOnIt> taken = Optional.empty();
    private Optional<Integer> battery = Optional.empty();
    private Optional<String> fault = Optional.empty();
    private String nonsense = "";
    private int nonsenseInARow;

    InstrumentLine(int port) {
        this.port = port;
        Thread.ofVirtual().name("instrument on " + port).start(this::keepUp);
    }

    LiveReading shown() {
        synchronized (lock) {
            return new LiveReading(
                    state,
                    hello.map(Line.Hello::kind),
                    hello.map(Line.Hello::serial).orElse(""),
                    hello.map(Line.Hello::name).orElse(""),
                    state == State.LIVE ? hand.shows() : Optional.empty(),
                    unit,
                    resolution,
                    state == State.LIVE && hand.isSteady(resolution),
                    taken,
                    battery,
                    trouble());
        }
    }

    /** The reading it stands still at; empty where it does not. */
    Optional<Double> steady() {
        synchronized (lock) {
            return state == State.LIVE && hand.isSteady(resolution) ? Optional.of(hand.middle()) : Optional.empty();
        }
    }

    @Override
    public void close() {
        synchronized (lock) {
            closed = true;
            shut(socket);
        }
    }

    private Optional<String> trouble() {
        if (fault.isPresent()) {
            return fault;
        }
        return switch (state) {
            case CONNECTING -> Optional.empty();
            case LOST -> Optional.of("It does not answer: is it on, and near? It is tried again by itself.");
            case SILENT -> Optional.of("It is connected but sends no reading.");
            case LIVE ->
                nonsenseInARow >= NONSENSE_SHOWN_FROM
                        ? Optional.of("It sends what no instrument sends: " + nonsense + ". Take the reading by hand.")
                        : Optional.empty();
        };
    }

    private void keepUp() {
        Duration wait = SHORTEST_WAIT;
        while (!isClosed()) {
            boolean heard = false;
            try (Socket line = new Socket()) {
                synchronized (lock) {
                    socket = line;
                }
                line.connect(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), CONNECT_MILLIS);
                line.setSoTimeout((int) SILENT.toMillis());
                line.getOutputStream().write(LineProtocol.GREETING.getBytes(StandardCharsets.UTF_8));
                heard = listen(new BufferedInputStream(line.getInputStream()));
            } catch (IOException gone) {
                // said below
            }
            synchronized (lock) {
                state = State.LOST;
                hand.forget();
            }
            wait = heard ? SHORTEST_WAIT : longer(wait);
            if (!pause(wait)) {
                return;
            }
        }
    }

    /** Until the line ends or falls silent; whether a reading came over it. */
    private boolean listen(InputStream in) throws IOException {
        boolean heard = false;
        var line = new ByteArrayOutputStream();
        boolean tooLong = false;
        long lastSense = System.nanoTime();
        for (int next = in.read(); next >= 0 && !isClosed(); next = in.read()) {
            if (next != '\n') {
                tooLong = tooLong || line.size() > MOST_BYTES;
                if (!tooLong) {
                    line.write(next);
                }
                continue;
            }
            Line read = LineProtocol.read(line.toString(StandardCharsets.UTF_8));
            line.reset();
            tooLong = false;
            boolean makesSense = take(read);
            heard = heard || (makesSense && read instanceof Line.Reading);
            if (makesSense) {
                lastSense = System.nanoTime();
            } else if (System.nanoTime() - lastSense > SILENT.toNanos()) {
                synchronized (lock) {
                    state = State.SILENT;
                    hand.forget();
                }
            }
        }
        return heard;
    }

    private boolean take(Line read) {
        synchronized (lock) {
            if (read instanceof Line.Nonsense(String why)) {
                nonsense = why;
                nonsenseInARow++;
                return false;
            }
            switch (read) {
                case Line.Hello said -> greeted(said);
                case Line.Unit(ReadingUnit said) -> unitIs(said);
                case Line.Resolution(double step) -> resolution = step;
                case Line.Reading reading -> {
                    if (hello.isEmpty() || !hand.add(reading)) {
                        return false; // nobody knows whose, or once more the same
                    }
                    state = State.LIVE;
                    fault = Optional.empty();
                }
                case Line.Taken(long count, double value) -> taken = Optional.of(new TakenOnIt(count, value));
                case Line.Battery(int percent) -> battery = Optional.of(percent);
                case Line.Fault(String code, String words) ->
                    fault = Optional.of(words.isBlank() ? "It reports error " + code + "." : words);
                case Line.Nonsense none -> throw new IllegalStateException("handled above");
            }
            nonsenseInARow = 0;
            return true;
        }
    }

    private void greeted(Line.Hello said) {
        hello = Optional.of(said);
        unit = said.kind().unit();
        hand.forget();
    }

    /** A unit of something else than the kind measures is a slip of the instrument's maker: its readings count no more. */
    private void unitIs(ReadingUnit said) {
        Optional<Instrument> kind = hello.map(Line.Hello::kind);
        if (kind.isPresent() && kind.get().unit().dimension() != said.dimension()) {
            hello = Optional.empty();
            fault = Optional.of(
                    "It shows " + said.symbol() + ", which a " + kind.get().words() + " does not.");
        } else {
            unit = said;
        }
    }

    private boolean isClosed() {
        synchronized (lock) {
            return closed;
        }
    }

    private boolean pause(Duration wait) {
        try {
            Thread.sleep(wait);
            return true;
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            return false;
        }
    }

    private static Duration longer(Duration wait) {
        Duration twice = wait.multipliedBy(2);
        return twice.compareTo(LONGEST_WAIT) > 0 ? LONGEST_WAIT : twice;
    }

    private static void shut(@Nullable Socket open) {
        if (open != null) {
            try {
                open.close();
            } catch (IOException alreadyGone) {
                // nothing to do about it
            }
        }
    }
}
