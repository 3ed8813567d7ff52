package oldtallow.app.instrument.web;

import java.io.IOException;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.identity.api.OpenLines;
import oldtallow.app.instrument.api.Instruments;
import oldtallow.app.instrument.api.Instruments.Nearby;
import oldtallow.app.instrument.api.Instruments.Taken;
import oldtallow.app.instrument.model.LiveReading;
import oldtallow.app.instrument.model.PairedInstrument;
import oldtallow.app.platform.write.OwnTransactions;
import oldtallow.core.quantity.ReadingKind;
import oldtallow.core.quantity.ReadingUnit;
import oldtallow.core.setting.measure.Instrument;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

@RestController
@RequestMapping("/api/v1/instruments")
class InstrumentController {

    private static final Duration LASTS = Duration.ofMinutes(5);
    /** As often as an eye follows a hand. */
    private static final Duration EVERY = Duration.ofMillis(200);

    private final Instruments instruments;
    private final OpenLines lines;

    InstrumentController(Instruments instruments, OpenLines lines) {
        this.instruments = instruments;
        this.lines = lines;
    }

    /** Instruments paired with this workshop's bench, and what they show. */
    @GetMapping
    List<PairedView> paired() {
        return instruments.paired().stream()
                .map(one -> PairedView.of(one, instruments.shown(one)))
                .toList();
    }

    /** What answers and is not paired yet. */
    @GetMapping("/nearby")
    List<NearbyView> nearby() {
        return instruments.nearby().stream().map(NearbyView::of).toList();
    }

    /** Pairs what answers on a port. */
    @OwnTransactions("an instrument is waited for")
    @PostMapping
    List<PairedView> pair(@RequestBody PairForm form) {
        instruments.pair(form.id(), form.port());
        return paired();
    }

    /** Forgets an instrument. */
    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void forget(@PathVariable UUID id) {
        instruments.forget(id);
    }

    /** Takes the reading it stands still at. */
    @OwnTransactions("an instrument is waited for")
    @PostMapping("/{id}/take")
    InstrumentReadingView take(@PathVariable UUID id) {
        Taken taken = instruments.take(id);
        return InstrumentReadingView.of(taken.value(), taken.unit(), taken.resolution());
    }

    /** What it shows, five times a second, as long as the line is open. */
    @GetMapping(path = "/{id}/live", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter live(@PathVariable UUID id) {
        PairedInstrument instrument = instruments.instrument(id);
        var line = new SseEmitter(LASTS.toMillis());
        OpenLines.Line counted =
                lines.open(RequestContextHolder.currentRequestAttributes().getSessionId(), line::complete);
        var open = new Object() {
            volatile boolean is = true;
        };
        Runnable leave = () -> {
            open.is = false;
            counted.left();
        };
        line.onCompletion(leave);
        line.onTimeout(line::complete);
        line.onError(gone -> leave.run());
        Thread.ofVirtual().start(() -> {
            try {
                while (open.is && instruments.isRunning()) {
                    PairedView view = PairedView.of(instrument, instruments.shown(instrument));
                    line.send(SseEmitter.event().name("shown").data(view, MediaType.APPLICATION_JSON));
                    Thread.sleep(EVERY);
                }
                line.complete();
            } catch (IOException | IllegalStateException gone) {
                line.completeWithError(gone); // the device went away
            } catch (InterruptedException stopped) {
                Thread.currentThread().interrupt();
            }
        });
        return line;
    }

    record PairForm(UUID id, Integer port) {}

    /**
     * A reading taken.
     *
     * @param kept the number in the first unit of its dimension: mm, °C, N·m, N
     * @param keptResolution the smallest step it shows, likewise
     */
    record InstrumentReadingView(
            double number, ReadingUnit unit, String symbol, double resolution, double kept, double keptResolution) {

        static InstrumentReadingView of(double number, ReadingUnit unit, double resolution) {
            return new InstrumentReadingView(
                    number,
                    unit,
                    unit.symbol(),
                    resolution,
                    unit.toBase(number),
                    unit.toBase(resolution) - unit.toBase(0));
        }
    }

    record NearbyView(int port, Instrument kind, String kindWords, String name, String serial) {

        static NearbyView of(Nearby one) {
            return new NearbyView(one.port(), one.kind(), one.kind().words(), one.name(), one.serial());
        }
    }

    /**
     * A paired instrument and what it shows.
     *
     * @param takes readings it is used for
     * @param value null while it shows none
     * @param steady whether it can be taken
     * @param taken the reading taken last by its own button; null where none was
     * @param takenCount its count
     * @param trouble what is wrong; null where nothing is
     */
    record PairedView(
            UUID id,
            Instrument kind,
            String kindWords,
            String name,
            String serial,
            int port,
            List<ReadingKind> takes,
            LiveReading.State state,
            @Nullable Double value,
            ReadingUnit unit,
            String symbol,
            double resolution,
            boolean steady,
            @Nullable InstrumentReadingView taken,
            @Nullable Long takenCount,
            @Nullable Integer battery,
            @Nullable String trouble) {

        static PairedView of(PairedInstrument paired, LiveReading shown) {
            Optional<LiveReading.TakenOnIt> taken = shown.taken();
            return new PairedView(
                    paired.id(),
                    paired.kind(),
                    paired.kind().words(),
                    paired.name(),
                    paired.serial(),
                    paired.port(),
                    paired.kind().takes().stream().sorted().toList(),
                    shown.state(),
                    shown.value().orElse(null),
                    shown.unit(),
                    shown.unit().symbol(),
                    shown.resolution(),
                    shown.steady(),
                    taken.map(one -> InstrumentReadingView.of(one.value(), shown.unit(), shown.resolution()))
                            .orElse(null),
                    taken.map(LiveReading.TakenOnIt::count).orElse(null),
                    shown.battery().orElse(null),
                    shown.trouble().orElse(null));
        }
    }
}
