package oldtallow.core.fit;

import oldtallow.core.bearing.BearingSet.Series;
import oldtallow.core.identify.Instrument;
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
                    "diameter",
                    least.millimetres() + " to " + most.millimetres() + " mm",
                    "given the right way up, least first");
        }
    }

    /** As read; an instrument that only says "goes in" or not cannot tell a fit. */
    public static SizeRange measured(Length size, Instrument instrument) {
        if (instrument.onlyBounds()) {
            throw new OutOfRangeException(
                    "instrument", instrument.words(), "a calliper or better, a micrometer for choice");
        }
        Length doubt = instrument.standardUncertainty().times(COVERAGE);
        return new SizeRange(size.minus(doubt), size.plus(doubt));
    }

    /**
     * A new ring's outside diameter: inch, class 4, 0 to +25 µm (ABMA 19.2, cups up to 304.8 mm); metric, normal class, −11,
     * −13 or −15 µm to 0 by size up to 50, 80 and 120 mm (ISO 492). From memory.
     */
    public static SizeRange newCup(Length nominal, Series series) {
        if (series == Series.INCH) {
            return about(nominal, 0, 25);
        }
        double mm = nominal.millimetres();
        return about(nominal, mm <= 50 ? -11 : mm <= 80 ? -13 : -15, 0);
    }

    /** A new ring's bore: inch, class 4, 0 to +13 µm up to 76.2 mm; metric −12 to 0 µm. ABMA 19.2, ISO 492, from memory. */
    public static SizeRange newCone(Length nominal, Series series) {
        return series == Series.INCH
                ? about(nominal, 0, 13)
                : about(nominal, nominal.millimetres() <= 30 ? -10 : -12, 0);
    }

    private static SizeRange about(Length nominal, double least, double most) {
        return new SizeRange(nominal.plus(Length.ofMicrometres(least)), nominal.plus(Length.ofMicrometres(most)));
    }

    public Length middle() {
        return least.plus(most).times(0.5);
    }
}
