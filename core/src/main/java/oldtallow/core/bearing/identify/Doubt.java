package oldtallow.core.bearing.identify;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import oldtallow.core.bearing.BearingSet;
import oldtallow.core.bearing.SetDimension;
import org.jspecify.annotations.Nullable;

/**
 * What is still possible, and which reading would part it best.
 *
 * <pre>
 * doubt left by a reading = Σ P_i·P_j·exp(−Δ²/8σ²)  over pairs i ≠ j, and 2·P_i·P_none of each with the one on no file
 * Δ  difference of their sizes [mm]        σ  calliper and making together [mm]        P  0 to 1
 * </pre>
 *
 * Source: as for {@link Identification}.
 *
 * @param fitting sets that agree with the readings
 * @param probabilities theirs, in the same order
 * @param none chance that it is none on file
 */
record Doubt(List<BearingSet> file, List<Scored> fitting, List<Double> probabilities, double none) {

    /** A reading that leaves nearly all of the doubt is not worth the walk. */
    private static final double HELPS = 0.999;

    /** By calliper, best first; what was measured so already is left out. */
    List<NextMeasurement> next(List<Measurement> measurements) {
        Set<SetDimension> measured = EnumSet.noneOf(SetDimension.class);
        measurements.stream()
                // a tape or a gauge leaves something for the calliper
                .filter(one -> one.instrument() == SizeGauge.CALLIPER || one.instrument() == SizeGauge.MICROMETER)
                // a seat may be worn: the cone itself is still to be read
                .filter(one -> one.measurand() != Measurand.SPINDLE_SEAT)
                .flatMap(one -> one.measurand().dimension().stream())
                .forEach(measured::add);
        double doubtNow = left(null);
        return Arrays.stream(Measurand.values())
                .filter(measurand -> measurand != Measurand.SPINDLE_SEAT)
                .filter(measurand -> measurand
                        .dimension()
                        .filter(dimension -> !measured.contains(dimension))
                        .isPresent())
                .map(measurand -> new NextMeasurement(measurand, left(measurand)))
                .filter(one -> one.doubtLeft() < doubtNow * HELPS)
                .sorted(Comparator.comparingDouble(NextMeasurement::doubtLeft))
                .toList();
    }

    private double left(@Nullable Measurand measurand) {
        double doubt = 0;
        for (int i = 0; i < fitting.size(); i++) {
            BearingSet set = fitting.get(i).set();
            for (int j = 0; j < fitting.size(); j++) {
                if (i != j) {
                    doubt += probabilities.get(i)
                            * probabilities.get(j)
                            * overlap(measurand, set, fitting.get(j).set());
                }
            }
            doubt += 2 * probabilities.get(i) * none * (measurand == null ? 1 : withNone(measurand, set));
        }
        return doubt;
    }

    private double withNone(Measurand measurand, BearingSet set) {
        List<Double> overlaps = new ArrayList<>(file.size());
        for (BearingSet other : file) {
            overlaps.add(overlap(measurand, set, other));
        }
        return NoneOnFile.overlap(overlaps);
    }

    /** 1 where a reading tells nothing. */
    private static double overlap(@Nullable Measurand measurand, BearingSet a, BearingSet b) {
        if (measurand == null) {
            return 1;
        }
        SetDimension dimension = measurand.dimension().orElseThrow();
        double apart = a.of(dimension).minus(b.of(dimension)).millimetres();
        double sigma = Math.hypot(
                SizeGauge.CALLIPER.standardUncertainty().millimetres(),
                MakingTolerance.of(measurand, a).sigma().millimetres());
        return Math.exp(-apart * apart / (8 * sigma * sigma));
    }
}
