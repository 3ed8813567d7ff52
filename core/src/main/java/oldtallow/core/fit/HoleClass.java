package oldtallow.core.fit;

import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;

/**
 * Classes of a hub's cup bore, where the drawing is known and nothing was measured.
 *
 * <p>Deviations in µm by ISO 286-2 (from memory), over 18 up to 160 mm.
 */
public enum HoleClass {
    N7(new int[][] {{30, -7, -28}, {50, -8, -33}, {80, -9, -39}, {120, -10, -45}, {160, -12, -52}}),
    P7(new int[][] {{30, -14, -35}, {50, -17, -42}, {80, -21, -51}, {120, -24, -59}, {160, -28, -68}}),
    R7(new int[][] {
        {30, -20, -41},
        {50, -25, -50},
        {65, -30, -60},
        {80, -32, -62},
        {100, -38, -73},
        {120, -41, -76},
        {140, -48, -88},
        {160, -50, -90}
    });

    private static final double OVER_MM = 18;

    /** Up to so many mm, upper and lower deviation. */
    private final int[][] rows;

    HoleClass(int[][] rows) {
        this.rows = rows;
    }

    /** Between which sizes such a bore lies. */
    public SizeRange of(Length nominal) {
        double mm = nominal.millimetres();
        for (int[] row : rows) {
            if (mm > OVER_MM && mm <= row[0]) {
                return new SizeRange(
                        nominal.plus(Length.ofMicrometres(row[2])), nominal.plus(Length.ofMicrometres(row[1])));
            }
        }
        throw new OutOfRangeException(
                EnteredQuantity.BORE_FOR_CLASS, mm + " mm", "over 18 up to 160 mm; measure it instead");
    }
}
