package oldtallow.app.architecture;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A file that grows past its limit is asking to be split, and so is a room. */
class SizesTest {

    private static final Path HOUSE = Path.of("..");
    private static final int MOST_FILES = 20;

    @ParameterizedTest
    @CsvSource({".java, 300", ".svelte, 200", ".svelte.ts, 300"})
    void noFileIsLongerThanOneReads(String ending, int mostLines) {
        assertThat(files(ending))
                .isNotEmpty()
                .allSatisfy(file -> assertThat(lines(file)).as("%s", file).isLessThanOrEqualTo(mostLines));
    }

    @Test
    void noPackageHoldsMoreThanOneFinds() {
        assertThat(files(".java").stream()
                        .filter(file -> !file.endsWith("package-info.java"))
                        .collect(Collectors.groupingBy(Path::getParent, Collectors.counting())))
                .isNotEmpty()
                .allSatisfy(
                        (folder, files) -> assertThat(files).as("%s", folder).isLessThanOrEqualTo(MOST_FILES));
    }

    private static List<Path> files(String ending) {
        return Stream.of("core", "app", "crossing", "phone", "stand-in", "postgres-dev", "benchmark", "web")
                .map(module -> HOUSE.resolve(module).resolve(module.equals("web") ? "src" : "src/main/java"))
                .flatMap(SizesTest::walk)
                .filter(file -> file.toString().endsWith(ending))
                .toList();
    }

    private static Stream<Path> walk(Path folder) {
        try (Stream<Path> all = Files.walk(folder)) {
            return all.toList().stream();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static long lines(Path file) {
        try (Stream<String> lines = Files.lines(file)) {
            return lines.count();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
