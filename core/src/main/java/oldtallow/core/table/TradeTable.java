package oldtallow.core.table;

import de.siegmar.fastcsv.reader.CommentStrategy;
import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import de.siegmar.fastcsv.reader.FieldMismatchStrategy;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * How a table of the trade is written: {@code between} stands between its cells, lines that begin with # are remarks, and its
 * headers come first. Where it has several kinds of row, the first cell says which: it is the first cell of that kind's header.
 */
public record TradeTable(char between, List<String> headers) {

    public TradeTable {
        headers = List.copyOf(headers);
    }

    /** Reads a file that ships beside a class; whatever is wrong with it stops the application at its start. */
    public void readShipped(Class<?> owner, String file, Consumer<List<String>> eachRow) {
        try (@Nullable InputStream shipped = owner.getResourceAsStream(file)) {
            if (shipped == null) {
                throw new IllegalStateException("missing from the application: " + file);
            }
            read(file, new InputStreamReader(shipped, StandardCharsets.UTF_8), eachRow);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Hands over each row's cells; throws {@link IllegalArgumentException} naming file and line of the first bad one. */
    public void read(String name, Reader text, Consumer<List<String>> eachRow) {
        List<String> missing = new ArrayList<>(headers);
        for (CsvRecord line : CsvReader.builder()
                .fieldSeparator(between)
                .commentStrategy(CommentStrategy.SKIP)
                .extraFieldStrategy(FieldMismatchStrategy.IGNORE)
                .missingFieldStrategy(FieldMismatchStrategy.IGNORE)
                .ofCsvRecord(text)) {
            try {
                if (missing.isEmpty()) {
                    requireColumns(line.getFields());
                    eachRow.accept(line.getFields());
                } else {
                    requireHeader(missing.removeFirst(), line.getFields());
                }
            } catch (IllegalArgumentException e) {
                throw new IllegalArgumentException(
                        name + ":" + line.getStartingLineNumber() + ": " + e.getMessage(), e);
            }
        }
    }

    private void requireHeader(String header, List<String> cells) {
        if (!cells.equals(cells(header))) {
            throw new IllegalArgumentException("the header must be " + header);
        }
    }

    private void requireColumns(List<String> cells) {
        List<String> header = headers.size() == 1 ? cells(headers.getFirst()) : headerOf(cells.getFirst());
        if (cells.size() != header.size()) {
            throw new IllegalArgumentException(cells.size() + " columns, not " + header.size() + ": "
                    + String.join(Character.toString(between), header));
        }
    }

    private List<String> headerOf(String kind) {
        return headers.stream()
                .map(this::cells)
                .filter(header -> header.getFirst().equals(kind))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no kind of row: " + kind));
    }

    private List<String> cells(String header) {
        return List.of(header.split(Pattern.quote(Character.toString(between)), -1));
    }
}
