package oldtallow.core.bearing.identify;

import java.util.List;
import java.util.stream.Stream;
import oldtallow.core.bearing.BearingSet;
import oldtallow.core.bearing.identify.Candidate.Disagreement;
import oldtallow.core.quantity.Length;

/**
 * A set with how well the readings agree with it.
 *
 * <pre>
 * ln L = Σ of the readings' {@link Likelihood}; of several sizes a set may show, such as seals, the one that agrees best;
 *        −ln 60 where nothing is known of a size (spread evenly over 60 mm), ln ½ of a gauge then
 * </pre>
 *
 * Source: Bayes' rule for independent readings; the 60 mm are this product's own.
 *
 * @param log logarithm of their joint likelihood, up to a constant
 */
record Scored(BearingSet set, double log, Disagreement worst) {

    /** Log density where nothing is known of the size: spread over 60 mm. */
    private static final double UNKNOWN = -Math.log(60);

    static Scored of(BearingSet set, List<Measurement> measurements) {
        double log = 0;
        var worst = new Disagreement(measurements.getFirst().measurand(), 0, Length.ZERO);
        for (Measurement measurement : measurements) {
            List<Length> nominals = nominals(measurement.measurand(), set);
            if (nominals.isEmpty()) {
                log += measurement.instrument().onlyBounds() ? Math.log(0.5) : UNKNOWN;
                continue;
            }
            Length nearest = nominals.getFirst();
            Likelihood best = Likelihood.of(measurement, nearest.millimetres(), set);
            for (Length nominal : nominals.subList(1, nominals.size())) {
                Likelihood other = Likelihood.of(measurement, nominal.millimetres(), set);
                if (other.log() > best.log()) {
                    best = other;
                    nearest = nominal;
                }
            }
            log += best.log();
            if (best.deviations() > worst.deviations()) {
                worst = new Disagreement(
                        measurement.measurand(),
                        best.deviations(),
                        measurement.length().minus(nearest));
            }
        }
        return new Scored(set, log, worst);
    }

    /** The sizes a set would show: one of its own, or those of the seals of usual hubs around it; none where unknown. */
    static List<Length> nominals(Measurand measurand, BearingSet set) {
        return switch (measurand) {
            case SEAL_INSIDE ->
                hubsAround(set).flatMap(hub -> hub.sealInside().stream()).toList();
            case SEAL_OUTSIDE ->
                hubsAround(set).flatMap(hub -> hub.sealOutside().stream()).toList();
            default -> measurand.dimension().stream().map(set::of).toList();
        };
    }

    private static Stream<UsualHub> hubsAround(BearingSet set) {
        return Stream.of(UsualHub.values()).filter(hub -> hub.inboard().equals(set.designation()));
    }
}
