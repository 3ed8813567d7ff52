package oldtallow.core.bearing.identify;

import java.util.List;
import java.util.Optional;
import oldtallow.core.bearing.BearingSet;
import oldtallow.core.quantity.Length;

/**
 * How well a reading agrees with a nominal size.
 *
 * <pre>
 * z = (reading − nominal − offset) / σ        σ² = σ_instrument² + σ_making²
 * reading:      log density −z²/2 − ln σ
 * gauge goes in:     ln Φ(−z)     gauge does not:     ln Φ(z)     of a gauge of the read size
 * </pre>
 *
 * A spindle seat may be worn, by up to 0.1 mm and anything below as likely: one in four is taken to be (this product's own).
 *
 * <p>The reading's distribution is normal with a flat tail of one in a million, so that one blunder does not drive every
 * candidate to nothing before the verdict can be told plainly.
 *
 * @param deviations z: how many standard deviations the reading is off; 0 where a gauge agrees
 * @param log natural logarithm of the likelihood, up to a constant
 */
record Likelihood(double deviations, double log) {

    private static final double TAIL = 1e-6;
    /** How far down a seat may be and still be the same seat. */
    static final double MOST_WORN_MM = 0.1;

    private static final double WORN = 0.25;
    /** Standard deviations. */
    private static final double SURELY = 2;

    static Likelihood of(Measurement measurement, double nominalMillimetres, BearingSet set) {
        MakingTolerance making = MakingTolerance.of(measurement.measurand(), set);
        double instrument = measurement.instrument().standardUncertainty().millimetres();
        double sigma = Math.hypot(instrument, making.sigma().millimetres());
        double z = (measurement.length().millimetres()
                        - nominalMillimetres
                        - making.offset().millimetres())
                / sigma;
        return switch (measurement.instrument()) {
            case GO_GAUGE -> bound(z);
            case NO_GO_GAUGE -> bound(-z);
            case TAPE, CALLIPER, MICROMETER ->
                measurement.measurand() == Measurand.SPINDLE_SEAT
                        ? seat(z, MOST_WORN_MM / sigma, sigma)
                        : new Likelihood(Math.abs(z), logDensity(Math.exp(-z * z / 2), sigma));
        };
    }

    /** Sound or worn; z of a sound one, and how far down a worn one may be, both in standard deviations. */
    private static Likelihood seat(double z, double mostWorn, double sigma) {
        double sound = Math.exp(-z * z / 2);
        // the normal density, its 1/√2π left out as everywhere here, averaged over the wear
        double worn = Math.sqrt(2 * Math.PI) * (phi(z + mostWorn) - phi(z)) / mostWorn;
        double off = z > 0 ? z : Math.max(0, -z - mostWorn);
        return new Likelihood(off, logDensity((1 - WORN) * sound + WORN * worn, sigma));
    }

    /** By how much a seat that was read lies below a set's bore, where a sound one would not; empty otherwise. */
    static Optional<Length> seatWorn(BearingSet set, List<Measurement> measurements) {
        MakingTolerance sound = MakingTolerance.of(Measurand.SPINDLE_SEAT, set);
        return measurements.stream()
                .filter(one -> one.measurand() == Measurand.SPINDLE_SEAT)
                .filter(one -> !one.instrument().onlyBounds())
                .filter(one -> {
                    double spread = SURELY
                            * Math.hypot(
                                    one.instrument().standardUncertainty().millimetres(),
                                    sound.sigma().millimetres());
                    double below = set.bore().minus(one.length()).millimetres();
                    double least = -sound.offset().millimetres() + spread;
                    return below > least && below <= MOST_WORN_MM + least;
                })
                .map(one -> set.bore().minus(one.length()))
                .findFirst();
    }

    private static double logDensity(double density, double sigma) {
        return Math.log(TAIL + density) - Math.log(sigma);
    }

    private static Likelihood bound(double z) {
        return new Likelihood(Math.max(0, z), Math.log(TAIL + phi(-z)));
    }

    /** Normal distribution function; logistic approximation, within 0.01 (enough to rank candidates). */
    static double phi(double z) {
        return 1 / (1 + Math.exp(-1.5976 * z - 0.07056 * z * z * z));
    }
}
