package oldtallow.core.fit;

import oldtallow.core.bearing.BearingSet.Series;
import oldtallow.core.bearing.RingTolerance;
import oldtallow.core.bearing.identify.SizeGauge;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;

/**
 * Between which sizes a diameter lies: measured, with the instrument's doubt; or by its tolerance.
 *
 * @param most not below {@code least}
 */
public record SizeRange(Length least, Length most) {

    /** Two standard deviations either way: one reading in twenty lies outside. */
    private static final double COVERAGE = 2;

    public SizeRange {
        if (most.compareTo(least) < 0) {
            throw new OutOfRangeException(
                    EnteredQuantity.DIAMETER,
                    least.millimetres() + " to " + most.millimetres() + " mm",
                    "given the right way up, least first");
        }
    }

    /** As read; an instrument that only says "goes in" or not cannot tell a fit. */
    public static SizeRange measured(Length size, SizeGauge instrument) {
        if (instrument.onlyBounds()) {
            throw new OutOfRangeException(
                    EnteredQuantity.INSTRUMENT, instrument.words(), "a calliper or better, a micrometer for choice");
        }
        Length doubt = instrument.standardUncertainty().times(COVERAGE);
        return new SizeRange(size.minus(doubt), size.plus(doubt));
    }

    /** A new ring's outside diameter, {@link RingTolerance}. */
    public static SizeRange newCup(Length nominal, Series series) {
        return about(nominal, RingTolerance.ofOutside(nominal, series));
    }

    /** A new ring's bore, {@link RingTolerance}. */
    public static SizeRange newCone(Length nominal, Series series) {
        return about(nominal, RingTolerance.ofBore(nominal, series));
    }

    private static SizeRange about(Length nominal, RingTolerance tolerance) {
        return new SizeRange(nominal.plus(tolerance.least()), nominal.plus(tolerance.most()));
    }

    public Length middle() {
        return least.plus(most).times(0.5);
    }
}
