package oldtallow.core.bearing;

import java.io.Reader;
import java.util.ArrayList;
import java.util.List;
import oldtallow.core.bearing.BearingSet.Series;
import oldtallow.core.bearing.CatalogueEntry.Confidence;
import oldtallow.core.quantity.Length;
import oldtallow.core.table.TradeTable;

/**
 * The sets that ship with the product, from {@code bearing-sets.csv}: a row that does not agree with itself in inches and
 * millimetres, or that is no bearing, stops it.
 */
public final class StandardCatalogue {

    private static final String FILE = "bearing-sets.csv";
    private static final TradeTable TABLE = new TradeTable(
            ',', List.of("cone,cup,series,d_in,d_mm,D_in,D_mm,T_in,T_mm,B_in,B_mm,C_in,C_mm,e,Y,confidence,source"));
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
        List<CatalogueEntry> entries = new ArrayList<>();
        TABLE.readShipped(StandardCatalogue.class, FILE, cells -> entries.add(entry(cells)));
        return List.copyOf(entries);
    }

    /** Reads a catalogue; throws {@link IllegalArgumentException} naming file and line of the first bad row. */
    static List<CatalogueEntry> read(String name, Reader text) {
        List<CatalogueEntry> entries = new ArrayList<>();
        TABLE.read(name, text, cells -> entries.add(entry(cells)));
        return List.copyOf(entries);
    }

    private static CatalogueEntry entry(List<String> cells) {
        double e = Double.parseDouble(cells.get(13));
        double y = Double.parseDouble(cells.get(14));
        if (!(Math.abs(e * y - 0.6) <= ROUNDED_E_Y)) {
            throw new IllegalArgumentException("e·Y is " + e * y + "; it must be near 0.6");
        }
        var set = new BearingSet(
                new SetDesignation(cells.get(0), cells.get(1)),
                Series.valueOf(cells.get(2)),
                length(cells, 3),
                length(cells, 5),
                length(cells, 7),
                length(cells, 9),
                length(cells, 11),
                e);
        return new CatalogueEntry(set, confidence(cells.get(15)), cells.get(16));
    }

    private static Length length(List<String> cells, int inches) {
        double millimetres = Double.parseDouble(cells.get(inches + 1));
        if (!cells.get(inches).isEmpty()) {
            double fromInches =
                    Length.ofInches(Double.parseDouble(cells.get(inches))).millimetres();
            if (!(Math.abs(fromInches - millimetres) <= ROUNDING_MM)) {
                throw new IllegalArgumentException(
                        cells.get(inches) + " in is " + fromInches + " mm, not " + millimetres);
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
