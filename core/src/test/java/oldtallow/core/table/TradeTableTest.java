package oldtallow.core.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.StringReader;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TradeTableTest {

    private static final TradeTable PLAIN = new TradeTable(',', List.of("id,says"));
    private static final TradeTable OF_TWO_KINDS = new TradeTable('|', List.of("nut|id|pitch", "step|says"));

    /** RFC 4180, 2.5 to 2.7: a cell in quotes may hold what stands between cells, a line's end, and a quote written twice. */
    @Test
    void readsCellsInQuotes() {
        assertThat(read(PLAIN, "id,says\na,\"slow, then\nfirm\"\nb,\"a \"\"click\"\"\"\n"))
                .containsExactly(List.of("a", "slow, then\nfirm"), List.of("b", "a \"click\""));
    }

    @Test
    void readsSeveralKindsOfRowAndLeavesRemarksOut() {
        assertThat(read(OF_TWO_KINDS, "# of nuts\nnut|id|pitch\nstep|says\nnut|A|1.5\n# and its step\nstep|seat it"))
                .containsExactly(List.of("nut", "A", "1.5"), List.of("step", "seat it"));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            quoteCharacter = '`',
            value = {
                "id,what; t.csv:1: the header must be id,says",
                "id,says\\na; t.csv:2: 1 columns, not 2: id,says",
                "id,says\\na,b\\n# one too many\\na,b,c; t.csv:4: 3 columns, not 2: id,says",
                "id,says\\n\"a,\\nb\",c\\nd; t.csv:4: 1 columns",
            })
    void namesFileAndLineOfTheFirstBadRow(String text, String what) {
        assertThatThrownBy(() -> read(PLAIN, text.replace("\\n", "\n")))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageStartingWith(what);
    }

    @Test
    void namesTheLineOfARowThatItsReaderRefuses() {
        assertThatThrownBy(() -> PLAIN.read("t.csv", new StringReader("id,says\na,b\n"), cells -> {
                    throw new IllegalArgumentException("no " + cells.getFirst());
                }))
                .hasMessage("t.csv:2: no a");
    }

    @Test
    void saysWhichFileIsMissing() {
        assertThatThrownBy(() -> PLAIN.readShipped(TradeTable.class, "none.csv", cells -> {}))
                .isInstanceOf(IllegalStateException.class)
                .hasMessageContaining("none.csv");
    }

    private static List<List<String>> read(TradeTable table, String text) {
        List<List<String>> rows = new ArrayList<>();
        table.read("t.csv", new StringReader(text), rows::add);
        return rows;
    }
}
