package oldtallow.core.bearing;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import oldtallow.core.bearing.BearingSet.Series;
import oldtallow.core.bearing.CatalogueEntry.Confidence;
import oldtallow.core.quantity.Length;
import org.jspecify.annotations.Nullable;

/**
 * The sets that ship with the product, from {@code bearing-sets.csv}. The reader is strict: a row that is short, that does
 * not agree with itself in inches and millimetres, or that is no bearing, stops it with file and line.
 */
public final class StandardCatalogue {

    private static final String FILE = "bearing-sets.csv";
    private static final String HEADER =
            "cone,cup,series,d_in,d_mm,D_in,D_mm,T_in,T_mm,B_in,B_mm,C_in,C_mm,e,Y,confidence,source";
    private static final int COLUMNS = 17;
    /** Inch figures are printed to 0.0001 in, millimetres to 0.001 mm. */
    private static final double ROUNDING_MM = 0.002;
    /** e and Y are printed to two digits: e·Y = 0.6 within their rounding. */
    private static final double ROUNDED_E_Y = 0.025;

    private static final List<CatalogueEntry> ENTRIES = shipped();

    private StandardCatalogue() {}

    public static List<CatalogueEntry> entries() {
        return ENTRIES;
    }

    private static List<CatalogueEntry> shipped() {
        try (@Nullable InputStream file = StandardCatalogue.class.getResourceAsStream(FILE)) {
            if (file == null) {
                throw new IllegalStateException("missing from the application: " + FILE);
            }
            return read(FILE, new InputStreamReader(file, StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** Reads a catalogue; throws {@link IllegalArgumentException} naming file and line of the first bad row. */
    static List<CatalogueEntry> read(String name, Reader text) throws IOException {
        List<CatalogueEntry> entries = new ArrayList<>();
        var lines = new BufferedReader(text);
        boolean headerSeen = false;
        int number = 0;
        for (@Nullable String line = lines.readLine(); line != null; line = lines.readLine()) {
            number++;
            if (line.startsWith("#")) {
                continue;
            }
            try {
                if (headerSeen) {
                    entries.add(entry(line.split(",", -1)));
                } else if (line.equals(HEADER)) {
                    headerSeen = true;
                } else {
                    throw new IllegalArgumentException("the header must be " + HEADER);
                }
            } catch (IllegalArgumentException e) {
                throw new IllegalArgumentException(name + ":" + number + ": " + e.getMessage(), e);
            }
        }
        return List.copyOf(entries);
    }

    private static CatalogueEntry entry(String[] cells) {
        if (cells.length != COLUMNS) {
            throw new IllegalArgumentException(cells.length + " columns, not " + COLUMNS);
        }
        double e = Double.parseDouble(cells[13]);
        double y = Double.parseDouble(cells[14]);
        if (!(Math.abs(e * y - 0.6) <= ROUNDED_E_Y)) {
            throw new IllegalArgumentException("e·Y is " + e * y + "; it must be near 0.6");
        }
        var set = new BearingSet(
                new SetDesignation(cells[0], cells[1]),
                Series.valueOf(cells[2]),
                length(cells, 3),
                length(cells, 5),
                length(cells, 7),
                length(cells, 9),
                length(cells, 11),
                e);
        return new CatalogueEntry(set, confidence(cells[15]), cells[16]);
    }

    private static Length length(String[] cells, int inches) {
        double millimetres = Double.parseDouble(cells[inches + 1]);
        if (!cells[inches].isEmpty()) {
            double fromInches =
                    Length.ofInches(Double.parseDouble(cells[inches])).millimetres();
            if (!(Math.abs(fromInches - millimetres) <= ROUNDING_MM)) {
                throw new IllegalArgumentException(cells[inches] + " in is " + fromInches + " mm, not " + millimetres);
            }
        }
        return Length.ofMillimetres(millimetres);
    }

    private static Confidence confidence(String mark) {
        return switch (mark) {
            case "H" -> Confidence.HIGH;
            case "M" -> Confidence.UNCERTAIN;
            default -> throw new IllegalArgumentException("confidence " + mark + "; it must be H or M");
        };
    }
}
