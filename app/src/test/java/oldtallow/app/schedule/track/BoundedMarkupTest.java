package oldtallow.app.schedule.track;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class BoundedMarkupTest {

    private static final String LONG = "x".repeat(BoundedMarkup.LONGEST);
    private static final String HALF = "x".repeat(BoundedMarkup.LONGEST / 2);

    @ParameterizedTest
    @ValueSource(
            strings = {
                "<a>LONG</a>",
                "<a b='LONG'/>",
                "<a b='>LONG'/>",
                "<LONG/>",
                "<!-- LONG -->",
                "<!-- <a> HALF <a> HALF -->",
                "<!-- - -- ->HALF -> HALF -->",
                "<![CDATA[LONG]]>",
                "<![CDATA[ <a/> ]> HALF ]] HALF ]]>",
                "<?a LONG?>",
                "<?a > HALF < HALF ?>"
            })
    void noPieceIsWithoutEnd(String piece) {
        String file = piece.replace("LONG", LONG).replace("HALF", HALF);
        assertThatThrownBy(() -> read(file, StandardCharsets.UTF_8))
                .isInstanceOf(IOException.class)
                .hasMessageContaining("without end");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "<a>HALF</a><a>HALF</a><a>HALF</a>",
                "<!-- HALF --><!-- HALF ---><!-- HALF -->",
                "<![CDATA[HALF]]><![CDATA[HALF]]]><![CDATA[HALF]]>",
                "<?a HALF?><?a HALF??><?a HALF?>",
                "<a b='>'>HALF</a><a>HALF</a><!----><a>HALF</a>"
            })
    void aLongFileOfShortPiecesPasses(String pieces) throws IOException {
        String file = pieces.replace("HALF", HALF).repeat(20);
        assertThat(read(file, StandardCharsets.UTF_8)).isEqualTo(file);
    }

    /** Its signs could not be told from one another. */
    @Test
    void takesNoOtherEncoding() {
        assertThatThrownBy(() -> read("<a/>", StandardCharsets.UTF_16LE)).hasMessageContaining("not in UTF-8");
        assertThatThrownBy(() -> read("<a/>", StandardCharsets.UTF_16BE)).hasMessageContaining("not in UTF-8");
    }

    private static String read(String file, Charset as) throws IOException {
        try (var in = new BoundedMarkup(new ByteArrayInputStream(file.getBytes(as)))) {
            return new String(in.readAllBytes(), as);
        }
    }
}
