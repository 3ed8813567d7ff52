package oldtallow.core.bearing.identify;

import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;

/**
 * The circle through the wheel studs' centres.
 *
 * <pre>
 * D = s / sin(π / n)     s distance of two neighbouring studs, centre to centre; n studs evenly spaced
 * </pre>
 *
 * Source: side of a regular polygon in its circumscribed circle (Euclid; any geometry text).
 *
 * @param studs 3 to 12
 * @param diameter 50 to 500 mm
 */
public record StudCircle(int studs, Length diameter) {

    public StudCircle {
        if (studs < 3 || studs > 12) {
            throw new OutOfRangeException(EnteredQuantity.STUD_COUNT, studs, "3 to 12");
        }
        if (!(diameter.millimetres() >= 50 && diameter.millimetres() <= 500)) {
            throw new OutOfRangeException(EnteredQuantity.STUD_CIRCLE, diameter.millimetres() + " mm", "50 to 500 mm");
        }
    }

    /** From the distance of two neighbouring studs, centre to centre. */
    public static StudCircle fromNeighbours(int studs, Length distance) {
        if (studs < 3 || studs > 12) {
            throw new OutOfRangeException(EnteredQuantity.STUD_COUNT, studs, "3 to 12");
        }
        return new StudCircle(studs, distance.times(1 / Math.sin(Math.PI / studs)));
    }

    /** Distance of two neighbouring studs, centre to centre. */
    public Length neighbourDistance() {
        return diameter.times(Math.sin(Math.PI / studs));
    }

    /** How far the circle is off where the distance is: by the same factor. */
    public Length uncertainty(SizeGauge instrument) {
        return instrument.standardUncertainty().times(1 / Math.sin(Math.PI / studs));
    }
}
