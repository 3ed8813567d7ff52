package oldtallow.core;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** A formula stands in its class's Javadoc, in one form (docs/contributing.md), and names where it is from. */
class FormulaTest {

    private static final Path CORE = Path.of("src/main/java");
    private static final Pattern JAVADOC = Pattern.compile("/\\*\\*(?:(?!\\*/).)*\\*/", Pattern.DOTALL);
    /** What no plain arithmetic is. */
    private static final Pattern WORKS_OUT =
            Pattern.compile("Math\\.(pow|sqrt|cbrt|exp|log|log10|sin|cos|tan|acos|asin|atan|hypot|PI)\\b");

    private static final String FORMULA = "<pre>";
    private static final String DRAWING = "A drawing, no formula of the trade";
    private static final Pattern SOURCE = Pattern.compile(
            "Source|from memory|From memory|ommon practice|product's own|ISO \\d|ASTM|reference sheet|Worked out for this product");

    @Test
    void whatIsWorkedOutIsWrittenDown() throws IOException {
        List<String> silent = sources()
                .filter(source -> WORKS_OUT.matcher(withoutJavadoc(source)).find())
                .filter(source ->
                        !read(source).contains(FORMULA) && !read(source).contains(DRAWING))
                .map(CORE::relativize)
                .map(Path::toString)
                .toList();

        assertThat(silent)
                .as("work something out and do not say by which formula")
                .isEmpty();
    }

    @Test
    void eachFormulaNamesItsSource() throws IOException {
        List<String> formulae = sources()
                .flatMap(source -> JAVADOC.matcher(read(source))
                        .results()
                        .map(one -> one.group())
                        .filter(javadoc -> javadoc.contains(FORMULA))
                        .map(javadoc -> CORE.relativize(source) + " " + javadoc))
                .toList();

        assertThat(formulae).hasSizeGreaterThan(40);
        assertThat(formulae).allMatch(formula -> SOURCE.matcher(formula).find());
    }

    private static Stream<Path> sources() throws IOException {
        try (Stream<Path> all = Files.walk(CORE)) {
            return all.filter(path -> path.toString().endsWith(".java")).toList().stream();
        }
    }

    private static String withoutJavadoc(Path source) {
        return JAVADOC.matcher(read(source)).replaceAll("");
    }

    private static String read(Path source) {
        try {
            return Files.readString(source);
        } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
        }
    }
}
