package oldtallow.core.procedure.judge;

import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;

/** Ranks causes by how many findings speak for them; the first named of a mode counts more (this product's own weights). */
final class CauseRanking {

    private CauseRanking() {}

    static List<Cause> of(List<Finding> findings) {
        Map<Cause, Double> weights = new EnumMap<>(Cause.class);
        for (Finding finding : findings) {
            double weight = finding.extent() == Finding.Extent.CLEAR ? 1 : 0.5;
            for (Cause cause : finding.mode().causes()) {
                weights.merge(cause, weight, Double::sum);
                weight /= 2;
            }
        }
        return weights.entrySet().stream()
                .sorted(Map.Entry.<Cause, Double>comparingByValue(Comparator.reverseOrder())
                        .thenComparing(Map.Entry.comparingByKey()))
                .map(Map.Entry::getKey)
                .toList();
    }
}
