package oldtallow.app.run;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What {@code ./run} says of its own options, before it starts anything. */
class RunOptionsTest {

    private static final Path RUN = Path.of("../run").toAbsolutePath().normalize();

    private record Said(int status, String text) {}

    @TempDir
    private static Path folder;

    @Test
    void helpNamesEveryOption() throws Exception {
        Said said = run("--help");

        assertThat(said.status).isZero();
        assertThat(said.text).contains("--port N", "--reset", "--no-demo", "OLDTALLOW_DB_URL", "Ctrl-C");
        assertThat(run("-h").text).isEqualTo(said.text);
    }

    @ParameterizedTest
    @ValueSource(strings = {"0", "65536", "abc", "-1", "80 80", ""})
    void refusesAPortThatIsNone(String port) throws Exception {
        Said said = run("--port", port);

        assertThat(said.status).isEqualTo(1);
        assertThat(said.text).contains("--port wants a number from 1 to 65535, not '" + port + "'");
        assertThat(run("--port=" + port)).isEqualTo(said);
    }

    @Test
    void refusesWhatItDoesNotKnow() throws Exception {
        Said said = run("--prot", "80");

        assertThat(said.status).isEqualTo(1);
        assertThat(said.text).contains("Unknown option: --prot").contains("--port N");
    }

    private static Said run(String... options) throws IOException, InterruptedException {
        List<String> command = new ArrayList<>(List.of("bash", RUN.toString()));
        command.addAll(List.of(options));
        Path said = Files.createTempFile(folder, "said", ".txt");
        Process process = new ProcessBuilder(command)
                .redirectErrorStream(true)
                .redirectOutput(said.toFile())
                .start();
        process.getOutputStream().close();
        boolean ended = process.waitFor(20, TimeUnit.SECONDS);
        process.destroy(); // what it should have refused it may have begun
        assertThat(ended).as("%s: %s", command, Files.readString(said)).isTrue();
        return new Said(process.exitValue(), Files.readString(said));
    }
}
