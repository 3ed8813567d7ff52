package oldtallow.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** A check that cites the reference sheet cites a section that is there. */
class ReferenceTest {

    private static final Path SHEET = Path.of("../docs/reference.md");
    private static final Pattern HEADING = Pattern.compile("(?m)^## (\\d+)\\. ");
    private static final Pattern CITED = Pattern.compile("§ ?(\\d+)");
    /** A document by its name. */
    private static final Pattern DOCUMENT = Pattern.compile("[\\w./-]+\\.md\\b");

    @Test
    void everySectionCitedIsThere() throws IOException {
        Set<Integer> sections = new TreeSet<>();
        HEADING.matcher(Files.readString(SHEET)).results().forEach(one -> sections.add(Integer.valueOf(one.group(1))));
        Set<String> missing = new TreeSet<>();
        int cited = 0;
        for (Path source : sources()) {
            List<Integer> here = CITED.matcher(Files.readString(source))
                    .results()
                    .map(one -> Integer.valueOf(one.group(1)))
                    .toList();
            cited += here.size();
            here.stream()
                    .filter(section -> !sections.contains(section))
                    .forEach(section -> missing.add("§" + section + " in " + source.getFileName()));
        }

        assertThat(sections).hasSizeGreaterThan(10);
        assertThat(cited).isGreaterThan(50);
        assertThat(missing).isEmpty();
    }

    @Test
    void everyDocumentCitedIsThere() throws IOException {
        Set<String> missing = new TreeSet<>();
        for (Path source : sources()) {
            DOCUMENT.matcher(Files.readString(source))
                    .results()
                    .map(one -> one.group())
                    .filter(name -> Files.notExists(Path.of("..").resolve(name)))
                    .forEach(name -> missing.add(name + " in " + source.getFileName()));
        }

        assertThat(missing).isEmpty();
    }

    private static List<Path> sources() throws IOException {
        try (Stream<Path> core = Files.walk(Path.of("src"));
                Stream<Path> app = Files.walk(Path.of("../app/src"))) {
            return Stream.concat(core, app)
                    .filter(path -> path.toString().endsWith(".java"))
                    .filter(path -> !path.endsWith("ReferenceTest.java"))
                    .toList();
        }
    }
}
