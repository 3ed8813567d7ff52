package oldtallow.core.bearing;

import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.quantity.Quantity;

/**
 * A cone and its cup, which are replaced together.
 *
 * <pre>
 * d  cone bore          D  cup outside diameter     T  width of the set, back face to back face
 * B  cone width         C  cup width                e = 1.5·tan α, α half the cup's included angle
 * </pre>
 *
 * B may exceed T: on most light inch sets the cone stands proud of the set.
 *
 * <p>Source of the symbols: ISO 355, ISO 281 (from memory).
 *
 * @param series which tolerances hold for it
 * @param e calculation factor, as catalogues print it, 0.2 to 0.9; 0.83 of the steep series 313
 */
public record BearingSet(
        SetDesignation designation,
        Series series,
        Length bore,
        Length outsideDiameter,
        Length width,
        Length coneWidth,
        Length cupWidth,
        double e) {

    /** Tolerances differ: inch cups are oversize, metric ones undersize. */
    public enum Series {
        INCH,
        METRIC
    }

    public BearingSet {
        require(EnteredQuantity.CONE_BORE_D, bore, bore.millimetres() >= 5 && bore.millimetres() <= 200, "5 to 200 mm");
        require(
                EnteredQuantity.CUP_OUTSIDE_DIAMETER_D,
                outsideDiameter,
                outsideDiameter.compareTo(bore) > 0 && outsideDiameter.millimetres() <= 400,
                "greater than the cone bore, up to 400 mm");
        require(
                EnteredQuantity.SET_WIDTH_T,
                width,
                width.millimetres() >= 5 && width.millimetres() <= 150,
                "5 to 150 mm");
        require(
                EnteredQuantity.CONE_WIDTH_B,
                coneWidth,
                coneWidth.millimetres() >= 5 && coneWidth.millimetres() <= 150,
                "5 to 150 mm");
        require(
                EnteredQuantity.CUP_WIDTH_C,
                cupWidth,
                cupWidth.millimetres() >= 3 && cupWidth.compareTo(width) < 0 && cupWidth.compareTo(coneWidth) < 0,
                "3 mm or more, less than the set and the cone are wide");
        if (!(e >= 0.2 && e <= 0.9)) {
            throw new OutOfRangeException(EnteredQuantity.FACTOR_E, e, "0.2 to 0.9");
        }
    }

    /** tan α of the cup's race: e / 1.5 (ISO 281, from memory). */
    public double tangentOfRaceAngle() {
        return e / 1.5;
    }

    public Length of(SetDimension dimension) {
        return switch (dimension) {
            case CONE_BORE -> bore;
            case CUP_OUTSIDE -> outsideDiameter;
            case CUP_WIDTH -> cupWidth;
            case CONE_WIDTH -> coneWidth;
            case SET_WIDTH -> width;
        };
    }

    private static void require(Quantity quantity, Length value, boolean holds, String range) {
        if (!holds) {
            throw new OutOfRangeException(quantity, value.millimetres() + " mm", range);
        }
    }
}
