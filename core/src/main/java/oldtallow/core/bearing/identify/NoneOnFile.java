package oldtallow.core.bearing.identify;

import java.util.List;
import java.util.function.ToDoubleFunction;
import oldtallow.core.bearing.BearingSet;

/**
 * The bearing that is on no file: how likely it was beforehand, and how likely it would read so.
 *
 * <pre>
 * P(reading | none) = ½ · mean over the file of P(reading | set)  +  ½ · mean of a normal density 3 mm wide round each
 * </pre>
 *
 * Bearings share bores and diameters across families: every other size of an unknown one is taken to be a size on file, by
 * itself and not together with the others; the rest lies anywhere near. So one reading that agrees says little against it, and
 * a second on the other ring says much. This product's own model; that a third of what is brought in is on no file while the
 * file is short is common practice.
 */
final class NoneOnFile {

    /** Beforehand, while the file is short. */
    private static final double OF_A_SHORT_FILE = 1.0 / 3;
    /** Once the file holds what {@link #LONG_FILE} says. */
    private static final double OF_A_LONG_FILE = 0.1;

    private static final int LONG_FILE = 1000;
    private static final double SHARED_SIZE = 0.5;
    private static final double NEAR_MM = 3;

    private NoneOnFile() {}

    /** Chance beforehand that it is none of so many sets. */
    static double beforehand(int sets) {
        return sets < LONG_FILE ? OF_A_SHORT_FILE : OF_A_LONG_FILE;
    }

    /** Logarithm of the readings' likelihood, up to the same constant as {@link Scored#log}. */
    static double log(List<BearingSet> file, List<Measurement> measurements) {
        double log = 0;
        for (Measurement measurement : measurements) {
            ToDoubleFunction<BearingSet> asOnFile =
                    set -> Math.exp(Scored.of(set, List.of(measurement)).log());
            double shared = mean(file, asOnFile);
            double near = mean(file, set -> near(measurement, set));
            log += Math.log(SHARED_SIZE * shared + (1 - SHARED_SIZE) * near);
        }
        return log;
    }

    /**
     * Chance that an unknown bearing's size could not be told from a set's.
     *
     * @param overlaps how alike each set on file is to that set in the same dimension, 0 to 1
     */
    static double overlap(List<Double> overlaps) {
        return SHARED_SIZE
                * overlaps.stream().mapToDouble(Double::doubleValue).average().orElse(1);
    }

    private static double near(Measurement measurement, BearingSet set) {
        double sum = 0;
        List<Double> nominals = Scored.nominals(measurement.measurand(), set).stream()
                .map(length -> length.millimetres())
                .toList();
        if (nominals.isEmpty()) {
            return Math.exp(Scored.of(set, List.of(measurement)).log());
        }
        for (double nominal : nominals) {
            double z = (measurement.length().millimetres() - nominal) / NEAR_MM;
            sum += switch (measurement.instrument()) {
                case GO_GAUGE -> Likelihood.phi(-z);
                case NO_GO_GAUGE -> Likelihood.phi(z);
                case TAPE, CALLIPER, MICROMETER -> Math.exp(-z * z / 2) / NEAR_MM;
            };
        }
        return sum / nominals.size();
    }

    private static double mean(List<BearingSet> file, ToDoubleFunction<BearingSet> of) {
        return file.stream().mapToDouble(of).average().orElseThrow();
    }
}
