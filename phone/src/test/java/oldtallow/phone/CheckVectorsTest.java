package oldtallow.phone;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.zip.GZIPOutputStream;
import org.junit.jupiter.api.Test;

/** The core compiled to JavaScript says in Node what it says on the JVM. */
class CheckVectorsTest {

    private static final Path SCRIPT = Path.of("target/js/vectors.js");
    /** Of a number's size: one worked out straight on, and one that a solver settled on, to a billionth or better. */
    private static final Map<Character, Double> CLOSE = Map.of('~', 1e-12, '≈', 1e-9);

    /** Nearer than this to nothing is nothing. */
    private static final double NOTHING = 1e-6;

    @Test
    void nodeSaysWhatTheJvmSays() throws IOException, InterruptedException {
        List<String> here = new ArrayList<>();
        new CheckVectors(here::add).all();

        List<String> there = inNode();

        assertThat(here).hasSizeGreaterThan(20_000);
        assertThat(there).hasSameSizeAs(here);
        for (int i = 0; i < here.size(); i++) {
            same(here.get(i), there.get(i));
        }
    }

    /** The core alone. */
    @Test
    void fitsIntoAPhone() throws IOException {
        assertThat(packed(SCRIPT)).isLessThan(400_000);
    }

    private static long packed(Path script) throws IOException {
        Path packed = Files.createTempFile("script", ".gz");
        try (var out = new GZIPOutputStream(Files.newOutputStream(packed))) {
            Files.copy(script, out);
        }
        return Files.size(packed);
    }

    /** The whole application over what was taken along. */
    @Test
    void theBenchFitsIntoAPhone() throws IOException {
        // what may be loaded beyond the first page is 700 kB; the pages are the rest of it
        assertThat(packed(Path.of("target/js/trackside.js"))).isLessThan(560_000);
    }

    private static List<String> inNode() throws IOException, InterruptedException {
        Path told = Files.createTempFile("vectors", ".txt");
        Process node = new ProcessBuilder("node", "-e", "require('./" + SCRIPT + "').main([])")
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .redirectOutput(told.toFile())
                .start();
        assertThat(node.waitFor()).isZero();
        return Files.readAllLines(told, StandardCharsets.UTF_8);
    }

    private static void same(String here, String there) {
        int result = here.indexOf('\t') + 1;
        Double close = CLOSE.get(here.charAt(result));
        if (close == null) {
            assertThat(there).isEqualTo(here);
            return;
        }
        String of = here.substring(0, result + 1);
        assertThat(there).startsWith(of);
        String[] wanted = here.substring(result + 1).split(" ");
        String[] found = there.substring(result + 1).split(" ");
        assertThat(found).as(of).hasSameSizeAs(wanted);
        for (int i = 0; i < wanted.length; i++) {
            double number = Double.parseDouble(wanted[i]);
            assertThat(Double.parseDouble(found[i]))
                    .as(of)
                    .isCloseTo(number, within(close * Math.max(Math.abs(number), NOTHING)));
        }
    }
}
