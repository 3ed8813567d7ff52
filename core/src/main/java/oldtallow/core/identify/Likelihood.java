package oldtallow.core.identify;

import oldtallow.core.bearing.BearingSet;

/**
 * How well a reading agrees with a nominal size.
 *
 * <pre>
 * z = (reading − nominal − offset) / σ        σ² = σ_instrument² + σ_making²
 * reading:      log density −z²/2 − ln σ
 * gauge goes in:     ln Φ(−z)     gauge does not:     ln Φ(z)     of a gauge of the read size
 * </pre>
 *
 * The reading's distribution is normal with a flat tail of one in a million, so that one blunder does not drive every
 * candidate to nothing before the verdict can be told plainly.
 *
 * @param deviations z: how many standard deviations the reading is off; 0 where a gauge agrees
 * @param log natural logarithm of the likelihood, up to a constant
 */
record Likelihood(double deviations, double log) {

    private static final double TAIL = 1e-6;

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
                new Likelihood(Math.abs(z), Math.log(TAIL + Math.exp(-z * z / 2)) - Math.log(sigma));
        };
    }

    private static Likelihood bound(double z) {
        return new Likelihood(Math.max(0, z), Math.log(TAIL + phi(-z)));
    }

    /** Normal distribution function; logistic approximation, within 0.01 (enough to rank candidates). */
    static double phi(double z) {
        return 1 / (1 + Math.exp(-1.5976 * z - 0.07056 * z * z * z));
    }
}
