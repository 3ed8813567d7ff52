package oldtallow.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Sentences composed of numbers have one home, so that they can be read through in one place (docs/contributing.md). */
class SentencesTest {

    private static final Path CORE = Path.of("src/main/java/oldtallow/core");
    private static final List<String> WORK_OUT =
            List.of("bearing", "fastening", "fit", "grease", "hub", "setting", "travel", "stock");

    @Test
    void whatWorksOutComposesNone() {
        assertThat(WORK_OUT.stream()
                        .flatMap(room -> sources(CORE.resolve(room)))
                        .filter(SentencesTest::formatsNumbers))
                .as("compose sentences; these belong in core/words")
                .isEmpty();
        assertThat(sources(CORE.resolve("words"))).anyMatch(SentencesTest::formatsNumbers);
    }

    private static boolean formatsNumbers(Path file) {
        String source = read(file);
        return source.contains("Digits.") || source.contains("String.format(") || source.contains(".formatted(");
    }

    private static Stream<Path> sources(Path room) {
        try (Stream<Path> files = Files.walk(room)) {
            return files.filter(file -> file.toString().endsWith(".java")).toList().stream();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String read(Path file) {
        try {
            return Files.readString(file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
