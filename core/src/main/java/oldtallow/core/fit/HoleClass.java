package oldtallow.core.fit;

import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;

/**
 * Classes of a hub's cup bore, where the drawing is known and nothing was measured.
 *
 * <p>Deviations in µm by ISO 286-2 (from memory), 30 to 50, 50 to 65 and 80 to 100 mm; between them there is none here.
 */
public enum HoleClass {
    N7(-8, -33, -9, -39, -10, -45),
    P7(-17, -42, -21, -51, -24, -59),
    R7(-25, -50, -30, -60, -38, -73);

    private final double[] deviations;

    HoleClass(double... deviations) {
        this.deviations = deviations;
    }

    /** Between which sizes such a bore lies. */
    public SizeRange of(Length nominal) {
        int at = 2 * row(nominal);
        return new SizeRange(
                nominal.plus(Length.ofMicrometres(deviations[at + 1])),
                nominal.plus(Length.ofMicrometres(deviations[at])));
    }

    private static int row(Length nominal) {
        double mm = nominal.millimetres();
        if (mm > 30 && mm <= 50) {
            return 0;
        }
        if (mm > 50 && mm <= 65) {
            return 1;
        }
        if (mm > 80 && mm <= 100) {
            return 2;
        }
        throw new OutOfRangeException("bore for a class", mm + " mm", "30 to 65 or 80 to 100 mm; measure it instead");
    }
}
