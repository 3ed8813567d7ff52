package oldtallow.app.instrument.api;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.io.OutputStream;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.function.Predicate;
import oldtallow.app.instrument.model.LiveReading;
import oldtallow.app.instrument.model.LiveReading.State;
import oldtallow.core.setting.measure.Instrument;
import oldtallow.standin.Simulated;
import oldtallow.standin.StandIn;
import oldtallow.standin.Trouble;
import org.awaitility.Awaitility;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The bench's end of the line against instruments that behave, and against those that do not. */
class InstrumentLineTest {

    private static final Duration PATIENCE = Duration.ofSeconds(12);

    @ParameterizedTest
    @EnumSource
    void showsEachAndTakesWhatItStandsStillAt(Simulated kind) throws IOException {
        try (StandIn standIn = StandIn.start(kind, 0);
                InstrumentLine line = new InstrumentLine(standIn.port())) {
            LiveReading shown = await(line, LiveReading::steady);

            assertThat(shown.kind().map(Instrument::name)).contains(kind.name());
            assertThat(shown.battery()).contains(82);
            assertThat(shown.trouble()).isEmpty();
            assertThat(line.steady()).isPresent();
        }
    }

    @Test
    void survivesAnInstrumentThatDropsTheLine() throws IOException {
        try (StandIn standIn = StandIn.start(Simulated.CALLIPER, 0);
                InstrumentLine line = new InstrumentLine(standIn.port())) {
            standIn.suffer(Trouble.DROPS);
            assertThat(await(line, shown -> shown.state() == State.LOST).trouble())
                    .isPresent();
            assertThat(line.steady()).isEmpty();

            standIn.suffer(Trouble.NONE);
            assertThat(await(line, LiveReading::steady).value().orElseThrow()).isCloseTo(34.93, within(1e-9));
        }
    }

    @Test
    void doesNotTakeFromAHandThatJitters() throws IOException {
        try (StandIn standIn = StandIn.start(Simulated.CALLIPER, 0);
                InstrumentLine line = new InstrumentLine(standIn.port())) {
            await(line, LiveReading::steady);
            standIn.suffer(Trouble.JITTERS);

            await(line, shown -> !shown.steady());
            assertThat(line.steady()).isEmpty();
        }
    }

    @Test
    void countsARepeatedReadingOnce() throws IOException {
        try (StandIn standIn = StandIn.start(Simulated.CALLIPER, 0)) {
            standIn.suffer(Trouble.REPEATS);
            try (InstrumentLine line = new InstrumentLine(standIn.port())) {
                await(line, shown -> shown.value().isPresent());
                // one reading, ten times over
                Awaitility.await()
                        .during(Duration.ofSeconds(1))
                        .until(() -> line.steady().isEmpty());
            }
        }
    }

    @Test
    void saysThatAnInstrumentSendsNonsense() throws IOException {
        try (StandIn standIn = StandIn.start(Simulated.CALLIPER, 0);
                InstrumentLine line = new InstrumentLine(standIn.port())) {
            await(line, LiveReading::steady);
            standIn.suffer(Trouble.NONSENSE);

            assertThat(await(line, shown -> shown.trouble().isPresent())
                            .trouble()
                            .orElseThrow())
                    .contains("by hand");
        }
    }

    @Test
    void noticesAnInstrumentThatFallsSilent() throws IOException {
        try (StandIn standIn = StandIn.start(Simulated.CALLIPER, 0);
                InstrumentLine line = new InstrumentLine(standIn.port())) {
            await(line, LiveReading::steady);
            standIn.suffer(Trouble.SILENT);

            assertThat(await(line, shown -> shown.state() == State.LOST).value())
                    .isEmpty();
        }
    }

    @Test
    void believesNoUnitOfSomethingElse() throws IOException {
        try (ServerSocket server = new ServerSocket(0, 1, InetAddress.getLoopbackAddress());
                InstrumentLine line = new InstrumentLine(server.getLocalPort());
                Socket bench = server.accept()) {
            say(bench, "hello 1 dial-indicator X1 odd dial\nunit Nm\nreading 1 0.1 steady\n");

            assertThat(await(line, shown -> shown.trouble().isPresent())
                            .trouble()
                            .orElseThrow())
                    .contains("N·m, which a dial indicator does not");
            assertThat(line.shown().value()).isEmpty();
        }
    }

    @Test
    void takesTheButtonOnTheInstrumentItselfAndPassesItsWordsOn() throws IOException {
        try (ServerSocket server = new ServerSocket(0, 1, InetAddress.getLoopbackAddress());
                InstrumentLine line = new InstrumentLine(server.getLocalPort());
                Socket bench = server.accept()) {
            say(bench, "hello 1 torque-wrench X1 schwarzer Schlüssel\nunit lbfft\ntaken 4 50.5\nerror over range\n");

            LiveReading shown = await(line, one -> one.trouble().isPresent());
            assertThat(shown.name()).isEqualTo("schwarzer Schlüssel");
            assertThat(shown.taken().orElseThrow().value()).isEqualTo(50.5);
            assertThat(shown.trouble()).contains("range");
        }
    }

    private static void say(Socket bench, String lines) throws IOException {
        OutputStream out = bench.getOutputStream();
        out.write(lines.getBytes(StandardCharsets.UTF_8));
        out.flush();
    }

    private static LiveReading await(InstrumentLine line, Predicate<LiveReading> wanted) {
        return Awaitility.await().atMost(PATIENCE).until(line::shown, wanted);
    }
}
