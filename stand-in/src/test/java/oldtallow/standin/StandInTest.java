package oldtallow.standin;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.InetAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** The stand-ins against docs/instruments.md, as a bench would hear them. */
class StandInTest {

    @ParameterizedTest
    @EnumSource
    void introducesItselfThenReads(Simulated kind) throws IOException {
        try (StandIn standIn = StandIn.start(kind, 0)) {
            List<String> lines = hear(standIn, 6, "");

            assertThat(lines.getFirst()).startsWith("hello 1 " + kind.word() + " SIM-");
            assertThat(lines.get(1)).isEqualTo("unit " + kind.unit());
            assertThat(lines.get(2)).startsWith("resolution ");
            assertThat(lines.get(3)).matches("battery \\d{1,3}");
            assertThat(lines.get(4)).matches("reading 1 -?\\d+\\.\\d+ (steady|moving)");
            assertThat(lines.get(5)).startsWith("reading 2 ");
        }
    }

    @Test
    void settlesWhereItIsTold() throws IOException {
        try (StandIn standIn = StandIn.start(Simulated.CALLIPER, 0)) {
            assertThat(hear(standIn, 10, "simulate value 27.03\n").getLast()).contains(" 27.03 steady");
        }
    }

    @Test
    void dropsTheConnectionWhenMadeTo() throws IOException {
        try (StandIn standIn = StandIn.start(Simulated.CALLIPER, 0)) {
            standIn.suffer(Trouble.DROPS);

            assertThat(hear(standIn, 1000, "")).hasSizeLessThan(20);
        }
    }

    @Test
    void repeatsItsFirstReading() throws IOException {
        try (StandIn standIn = StandIn.start(Simulated.CALLIPER, 0)) {
            standIn.suffer(Trouble.REPEATS);

            assertThat(hear(standIn, 8, "").subList(4, 8)).allMatch(line -> line.startsWith("reading 1 "));
        }
    }

    private static List<String> hear(StandIn standIn, int most, String say) throws IOException {
        List<String> lines = new ArrayList<>();
        try (Socket socket = new Socket(InetAddress.getLoopbackAddress(), standIn.port())) {
            socket.setSoTimeout(5_000);
            socket.getOutputStream().write(say.getBytes(StandardCharsets.UTF_8));
            var in = new BufferedReader(new InputStreamReader(socket.getInputStream(), StandardCharsets.UTF_8));
            for (String line = in.readLine(); line != null && lines.size() < most; line = in.readLine()) {
                lines.add(line);
            }
        }
        return lines;
    }
}
