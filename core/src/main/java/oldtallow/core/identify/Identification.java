package oldtallow.core.identify;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import oldtallow.core.bearing.BearingSet;
import oldtallow.core.bearing.SetDimension;

/**
 * Which set it is, from any subset of measurements.
 *
 * <pre>
 * P(set | readings) ∝ Π P(reading | set)          every set of the catalogue as likely beforehand
 * doubt left by a further reading = Σ P_i·P_j·exp(−Δ²/8σ²)  over pairs i ≠ j, Δ their difference, σ calliper and making
 * </pre>
 *
 * Source: Bayes' rule; exp(−Δ²/8σ²) is the Bhattacharyya coefficient of two normal distributions of equal spread
 * (A. Bhattacharyya, 1943, from memory), which bounds the chance of taking one for the other.
 *
 * @param candidates that agree with every reading, likeliest first; when none does, the nearest ones, to be shown as such
 * @param next what to measure next, best first; empty when nothing more would help
 */
public record Identification(Verdict verdict, List<Candidate> candidates, List<NextMeasurement> next) {

    /** What came out of it. */
    public enum Verdict {
        /** One set, and no other near it. */
        ONE,
        /** Several agree: measure further. */
        SEVERAL,
        /** No set of the catalogue agrees with all readings. */
        NOTHING_FITS
    }

    /** A reading farther off than this belongs to another set, or is a blunder. */
    private static final double MOST_DEVIATIONS = 4;
    /** From here on nobody would measure again. */
    private static final double SURE = 0.98;
    /** Candidates below this are not worth a line. */
    private static final double WORTH_TELLING = 0.002;

    private static final int MOST_CANDIDATES = 8;
    private static final int NEAREST_SHOWN = 3;

    /** Identifies among a catalogue; at least one measurement. */
    public static Identification of(List<BearingSet> catalogue, List<Measurement> measurements) {
        if (measurements.isEmpty()) {
            throw new IllegalArgumentException("nothing was measured");
        }
        List<Scored> scored = catalogue.stream()
                .map(set -> Scored.of(set, measurements))
                .sorted(Comparator.comparingDouble(Scored::log).reversed())
                .toList();
        List<Scored> fitting = scored.stream()
                .filter(one -> one.worst().deviations() <= MOST_DEVIATIONS)
                .toList();
        if (fitting.isEmpty()) {
            List<Candidate> nearest = scored.stream()
                    .sorted(Comparator.comparingDouble(one -> one.worst().deviations()))
                    .limit(NEAREST_SHOWN)
                    .map(one -> candidate(one, 0, catalogue))
                    .toList();
            return new Identification(Verdict.NOTHING_FITS, nearest, List.of());
        }
        double[] probabilities = probabilities(fitting);
        List<Candidate> candidates = new ArrayList<>();
        for (int i = 0; i < Math.min(fitting.size(), MOST_CANDIDATES); i++) {
            if (i == 0 || probabilities[i] >= WORTH_TELLING) {
                candidates.add(candidate(fitting.get(i), probabilities[i], catalogue));
            }
        }
        boolean sure = probabilities[0] >= SURE;
        List<NextMeasurement> next = sure ? List.of() : next(fitting, probabilities, measurements);
        return new Identification(sure ? Verdict.ONE : Verdict.SEVERAL, candidates, next);
    }

    private static Candidate candidate(Scored one, double probability, List<BearingSet> catalogue) {
        return new Candidate(one.set(), probability, one.worst(), LookAlike.of(one.set(), catalogue));
    }

    private static double[] probabilities(List<Scored> scored) {
        double best = scored.getFirst().log();
        double[] weights =
                scored.stream().mapToDouble(one -> Math.exp(one.log() - best)).toArray();
        double sum = Arrays.stream(weights).sum();
        return Arrays.stream(weights).map(weight -> weight / sum).toArray();
    }

    private static List<NextMeasurement> next(
            List<Scored> fitting, double[] probabilities, List<Measurement> measurements) {
        Set<SetDimension> measured = EnumSet.noneOf(SetDimension.class);
        measurements.stream()
                // a tape or a gauge leaves something for the calliper
                .filter(one -> one.instrument() == Instrument.CALLIPER || one.instrument() == Instrument.MICROMETER)
                .flatMap(one -> one.measurand().dimension().stream())
                .forEach(measured::add);
        double doubtNow = doubt(fitting, probabilities, null);
        return Arrays.stream(Measurand.values())
                .filter(measurand -> measurand != Measurand.SPINDLE_SEAT)
                .filter(measurand -> measurand
                        .dimension()
                        .filter(dimension -> !measured.contains(dimension))
                        .isPresent())
                .map(measurand -> new NextMeasurement(measurand, doubt(fitting, probabilities, measurand)))
                .filter(one -> one.doubtLeft() < doubtNow * 0.999)
                .sorted(Comparator.comparingDouble(NextMeasurement::doubtLeft))
                .toList();
    }

    private static double doubt(
            List<Scored> fitting, double[] probabilities, @org.jspecify.annotations.Nullable Measurand measurand) {
        double calliper = Instrument.CALLIPER.standardUncertainty().millimetres();
        double doubt = 0;
        for (int i = 0; i < fitting.size(); i++) {
            for (int j = 0; j < fitting.size(); j++) {
                if (i == j) {
                    continue;
                }
                double overlap = 1;
                if (measurand != null) {
                    BearingSet a = fitting.get(i).set();
                    SetDimension dimension = measurand.dimension().orElseThrow();
                    double apart = a.of(dimension)
                            .minus(fitting.get(j).set().of(dimension))
                            .millimetres();
                    double sigma = Math.hypot(
                            calliper, MakingTolerance.of(measurand, a).sigma().millimetres());
                    overlap = Math.exp(-apart * apart / (8 * sigma * sigma));
                }
                doubt += probabilities[i] * probabilities[j] * overlap;
            }
        }
        return doubt;
    }
}
