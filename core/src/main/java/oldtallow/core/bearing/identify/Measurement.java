package oldtallow.core.bearing.identify;

import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;

/**
 * One reading, or the mean of several.
 *
 * @param length in the range wheel bearings come in
 */
public record Measurement(Measurand measurand, Length length, SizeGauge instrument) {

    public Measurement {
        if (!measurand.isPlausible(length.millimetres())) {
            throw new OutOfRangeException(measurand, length.millimetres() + " mm", measurand.range());
        }
    }

    /**
     * Millimetres typed where inches are set, or the other way round: whether a number makes no sense in its unit but does
     * in the other.
     */
    public static boolean looksLikeTheOtherUnit(Measurand measurand, double number, boolean inches) {
        double asSet = inches ? Length.ofInches(number).millimetres() : number;
        double asOther = inches ? number : Length.ofInches(number).millimetres();
        return !measurand.isPlausible(asSet) && measurand.isPlausible(asOther);
    }
}
