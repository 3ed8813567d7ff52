package oldtallow.app.instrument.api;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.BooleanSupplier;
import java.util.stream.IntStream;
import oldtallow.app.instrument.model.InstrumentStore;
import oldtallow.app.instrument.model.LiveReading;
import oldtallow.app.instrument.model.PairedInstrument;
import oldtallow.app.platform.problem.NotFoundException;
import oldtallow.core.quantity.ReadingUnit;
import oldtallow.core.refusal.InvalidInputException;
import oldtallow.core.setting.measure.Instrument;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Service;

/** Instruments of the workshop that asks: found, paired, looked at, taken from. Lines are opened when somebody looks. */
@Service
public class Instruments implements SmartLifecycle {

    private static final Duration GREETING_TAKES = Duration.ofMillis(1_500);
    private static final Duration LOOK_EVERY = Duration.ofMillis(50);
    private static final Duration LET_GO_AFTER = Duration.ofMinutes(2);

    private final InstrumentStore store;
    private final int firstPort;
    private final int lastPort;
    private final Map<Integer, Watched> lines = new ConcurrentHashMap<>();
    private final AtomicBoolean running = new AtomicBoolean();

    /** {@code ports} as first-last: no other port of this machine is ever connected to. */
    Instruments(InstrumentStore store, @Value("${oldtallow.instrument-ports}") String ports) {
        this.store = store;
        String[] ends = ports.split("-", 2);
        this.firstPort = Integer.parseInt(ends[0]);
        this.lastPort = Integer.parseInt(ends[1]);
    }

    private record Watched(InstrumentLine line, long lastLooked) {}

    /** A reading taken. */
    public record Taken(double value, ReadingUnit unit, double resolution) {}

    /** An instrument that answers and is not paired yet. */
    public record Nearby(int port, Instrument kind, String name, String serial) {}

    public List<PairedInstrument> paired() {
        return store.all();
    }

    /** What answers on the instruments' ports; takes up to two seconds. */
    public List<Nearby> nearby() {
        List<Integer> known = paired().stream().map(PairedInstrument::port).toList();
        List<Integer> ports = IntStream.rangeClosed(firstPort, lastPort)
                .filter(port -> !known.contains(port))
                .boxed()
                .toList();
        ports.forEach(this::line);
        waitFor(() -> false); // all of them at once have the time one greeting takes
        List<Nearby> answering = new ArrayList<>();
        for (int port : ports) {
            LiveReading shown = line(port).shown();
            if (shown.kind().isPresent()) {
                answering.add(new Nearby(port, shown.kind().get(), shown.name(), shown.serial()));
            } else {
                letGo(port);
            }
        }
        return answering;
    }

    /** Pairs what answers on a port. */
    public PairedInstrument pair(UUID id, int port) {
        if (port < firstPort || port > lastPort) {
            throw new InvalidInputException(
                    "port", port, "must be " + firstPort + " to " + lastPort + ", where instruments listen");
        }
        waitFor(() -> line(port).shown().kind().isPresent());
        LiveReading shown = line(port).shown();
        Instrument kind = shown.kind().orElseThrow(() -> {
            letGo(port);
            return new InvalidInputException(
                    "port",
                    port,
                    shown.trouble()
                            .orElse("answers, but says nothing an instrument says; docs/instruments.md tells how"));
        });
        var instrument = new PairedInstrument(id, kind, shown.name(), shown.serial(), port);
        if (!store.add(instrument) && store.all().stream().noneMatch(instrument::equals)) {
            throw new InvalidInputException("port", port, "is paired already; look it up among your instruments");
        }
        return instrument;
    }

    public void forget(UUID id) {
        Optional<PairedInstrument> instrument =
                paired().stream().filter(one -> one.id().equals(id)).findFirst();
        store.remove(id);
        instrument.ifPresent(one -> letGo(one.port()));
    }

    /** What it shows now. */
    public LiveReading shown(PairedInstrument instrument) {
        LiveReading shown = line(instrument.port()).shown();
        boolean isAnother = shown.kind().isPresent() && shown.kind().get() != instrument.kind();
        return isAnother ? another(shown, instrument) : shown;
    }

    public PairedInstrument instrument(UUID id) {
        return paired().stream()
                .filter(one -> one.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new NotFoundException("instrument", id));
    }

    /** Takes the reading it stands still at; refuses while it moves, or is not there. */
    public Taken take(UUID id) {
        PairedInstrument instrument = instrument(id);
        LiveReading shown = shown(instrument);
        if (shown.trouble().isPresent()) {
            throw new InvalidInputException(
                    "instrument", instrument.name(), shown.trouble().get());
        }
        double value = line(instrument.port())
                .steady()
                .orElseThrow(() -> new InvalidInputException(
                        "instrument", instrument.name(), "does not stand still yet: hold it, then take it again"));
        return new Taken(value, shown.unit(), shown.resolution());
    }

    @Override
    public void start() {
        running.set(true);
    }

    /** Whoever looks is told no more: open lines would hold the web server's own stop up. */
    @Override
    public void stop() {
        running.set(false);
        lines.keySet().forEach(this::letGo);
    }

    @Override
    public boolean isRunning() {
        return running.get();
    }

    private InstrumentLine line(int port) {
        long now = System.nanoTime();
        lines.forEach((other, watched) -> {
            if (now - watched.lastLooked() > LET_GO_AFTER.toNanos()) {
                letGo(other);
            }
        });
        return lines.compute(
                        port,
                        (same, watched) ->
                                new Watched(watched == null ? new InstrumentLine(port) : watched.line(), now))
                .line();
    }

    private void letGo(int port) {
        Optional.ofNullable(lines.remove(port))
                .ifPresent(watched -> watched.line().close());
    }

    private static LiveReading another(LiveReading shown, PairedInstrument paired) {
        return new LiveReading(
                shown.state(),
                shown.kind(),
                shown.serial(),
                shown.name(),
                Optional.empty(),
                shown.unit(),
                shown.resolution(),
                false,
                Optional.empty(),
                shown.battery(),
                Optional.of("A " + shown.name() + " answers here, not the "
                        + paired.kind().words() + " that was paired: forget it, and pair this one."));
    }

    private static void waitFor(BooleanSupplier there) {
        long until = System.nanoTime() + GREETING_TAKES.toNanos();
        while (!there.getAsBoolean() && System.nanoTime() < until) {
            try {
                Thread.sleep(LOOK_EVERY);
            } catch (InterruptedException stopped) {
                Thread.currentThread().interrupt();
                return;
            }
        }
    }
}
