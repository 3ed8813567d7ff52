package oldtallow.core.bearing;

import oldtallow.core.bearing.BearingSet.Series;
import oldtallow.core.quantity.Length;

/**
 * How far a new ring may be off its nominal size. Inch rings are oversize, metric ones undersize: the signs differ on purpose.
 *
 * <pre>
 * inch, class 4     bore 0/+13 µm up to 76.2 mm, +25 above     outside 0/+25 µm up to 304.8 mm
 * metric, normal    bore 0/−12 µm up to 50 mm, −15 to 80, −20 to 120, −25 to 180
 *                   outside 0/−12 µm up to 30 mm, −14 to 50, −16 to 80, −18 to 120, −20 to 150, −25 to 180, −30 to 250
 * width of the set  0/+200 µm
 * </pre>
 *
 * Source: ABMA 19.2 class 4; ISO 492 normal class for tapered rollers (which is not its table for radial bearings). From memory.
 *
 * @param least deviation from nominal
 * @param most deviation from nominal
 */
public record RingTolerance(Length least, Length most) {

    private static final double[][] METRIC_BORE = {{50, 12}, {80, 15}, {120, 20}, {180, 25}};
    private static final double[][] METRIC_OUTSIDE = {
        {30, 12}, {50, 14}, {80, 16}, {120, 18}, {150, 20}, {180, 25}, {250, 30}
    };
    private static final double INCH_FINE_MM = 76.2;

    public static RingTolerance ofBore(Length nominal, Series series) {
        if (series == Series.INCH) {
            return micrometres(0, nominal.millimetres() <= INCH_FINE_MM ? 13 : 25);
        }
        return micrometres(-under(METRIC_BORE, nominal), 0);
    }

    public static RingTolerance ofOutside(Length nominal, Series series) {
        return series == Series.INCH ? micrometres(0, 25) : micrometres(-under(METRIC_OUTSIDE, nominal), 0);
    }

    /** Of the assembled set, back face to back face. */
    public static RingTolerance ofSetWidth() {
        return micrometres(0, 200);
    }

    private static double under(double[][] table, Length nominal) {
        for (double[] row : table) {
            if (nominal.millimetres() <= row[0]) {
                return row[1];
            }
        }
        return table[table.length - 1][1]; // beyond the table: the last, which is a little too fine
    }

    private static RingTolerance micrometres(double least, double most) {
        return new RingTolerance(Length.ofMicrometres(least), Length.ofMicrometres(most));
    }
}
