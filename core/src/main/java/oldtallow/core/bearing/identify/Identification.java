package oldtallow.core.bearing.identify;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import oldtallow.core.bearing.BearingSet;

/**
 * Which set it is, from any subset of measurements.
 *
 * <pre>
 * P(set | readings) ∝ P(set)·Π P(reading | set)          sets on file as likely beforehand; none of them: {@link NoneOnFile}
 * doubt left by a further reading = Σ P_i·P_j·exp(−Δ²/8σ²)  over pairs i ≠ j, Δ their difference, σ calliper and making
 * </pre>
 *
 * Source: Bayes' rule; exp(−Δ²/8σ²) is the Bhattacharyya coefficient of two normal distributions of equal spread
 * (A. Bhattacharyya, 1943, from memory), which bounds the chance of taking one for the other.
 *
 * @param candidates that agree with every reading, likeliest first; when none does, the nearest ones, to be shown as such
 * @param noneOnFile chance that it is none of the sets on file, 0 to 1
 * @param next what to measure next, best first; empty when nothing more would help
 */
public record Identification(
        Verdict verdict, List<Candidate> candidates, double noneOnFile, List<NextMeasurement> next) {

    /** What came out of it. */
    public enum Verdict {
        /** One set by readings on both rings, and hardly a doubt; not where its seat would have to be worn for it. */
        ONE,
        /** One stands out, but a ring was not measured or doubt is left. */
        LIKELY,
        /** Several agree: measure further. */
        SEVERAL,
        /** Sets agree, but one that is on no file is likelier than all of them together. */
        LIKELY_NONE,
        /** No set on file agrees with all readings. */
        NOTHING_FITS
    }

    /** A reading farther off than this belongs to another set, or is a blunder. */
    private static final double MOST_DEVIATIONS = 4;
    /** From here on nobody would measure again. */
    private static final double SURE = 0.98;

    private static final double EVEN = 0.5;
    /** From here on one stands out. */
    private static final double STANDS_OUT = 0.6;
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
                    .map(one -> candidate(one, 0, catalogue, measurements))
                    .toList();
            return new Identification(Verdict.NOTHING_FITS, nearest, 1, List.of());
        }
        double beforehand = NoneOnFile.beforehand(catalogue.size());
        double ofNone = Math.log(beforehand) + NoneOnFile.log(catalogue, measurements);
        double ofEach = Math.log((1 - beforehand) / catalogue.size());
        double[] probabilities = probabilities(fitting, ofEach, ofNone);
        double none = 1 - Arrays.stream(probabilities).sum();
        List<Candidate> candidates = new ArrayList<>();
        for (int i = 0; i < Math.min(fitting.size(), MOST_CANDIDATES); i++) {
            if (i == 0 || probabilities[i] >= WORTH_TELLING) {
                candidates.add(candidate(fitting.get(i), probabilities[i], catalogue, measurements));
            }
        }
        boolean worn = candidates.getFirst().seatWorn().isPresent();
        Verdict verdict = verdict(probabilities[0], none, worn, measurements);
        List<NextMeasurement> next = verdict == Verdict.ONE
                ? List.of()
                : new Doubt(
                                catalogue,
                                fitting,
                                Arrays.stream(probabilities).boxed().toList(),
                                none)
                        .next(measurements);
        return new Identification(verdict, candidates, none, next);
    }

    /**
     * A single reading, or several of one ring, name nothing: other sets have that ring, or one like it. Nor does a seat that fits
     * only if it is worn: the cone itself tells.
     */
    private static Verdict verdict(double first, double none, boolean worn, List<Measurement> measurements) {
        boolean bothRings =
                measurements.stream().anyMatch(one -> one.measurand().isOfCone())
                        && measurements.stream().anyMatch(one -> one.measurand().isOfCup());
        if (none > EVEN) {
            return Verdict.LIKELY_NONE;
        }
        if (first >= SURE && bothRings && !worn) {
            return Verdict.ONE;
        }
        return first >= STANDS_OUT ? Verdict.LIKELY : Verdict.SEVERAL;
    }

    private static Candidate candidate(
            Scored one, double probability, List<BearingSet> catalogue, List<Measurement> measurements) {
        return new Candidate(
                one.set(),
                probability,
                one.worst(),
                Likelihood.seatWorn(one.set(), measurements),
                LookAlike.of(one.set(), catalogue));
    }

    /** Of the sets that fit; what is missing to one is that of none. */
    private static double[] probabilities(List<Scored> scored, double ofEach, double ofNone) {
        double best = Math.max(scored.getFirst().log() + ofEach, ofNone);
        double[] weights = scored.stream()
                .mapToDouble(one -> Math.exp(one.log() + ofEach - best))
                .toArray();
        double sum = Arrays.stream(weights).sum() + Math.exp(ofNone - best);
        return Arrays.stream(weights).map(weight -> weight / sum).toArray();
    }
}
