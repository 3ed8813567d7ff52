package oldtallow.core.bearing.identify;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import oldtallow.core.bearing.BearingSet;
import oldtallow.core.bearing.SetDimension;
import oldtallow.core.quantity.Length;

/**
 * A set easily taken for another: nearly the same envelope, but not interchangeable.
 *
 * @param partedBy the dimension that tells them apart best
 * @param difference of the look-alike over the other in that dimension
 * @param sameCupSize whether the cups measure alike; then only the race angle parts them, and only the number shows it
 */
public record LookAlike(BearingSet set, SetDimension partedBy, Length difference, boolean sameCupSize) {

    /** Near in diameter for an eye or a tape. Own choice. */
    private static final double NEAR_DIAMETER_MM = 1.3;
    /** Below what a calliper is sure of in one reading. */
    private static final double SAME_MM = 0.13;

    private static final List<SetDimension> CUP = List.of(SetDimension.CUP_OUTSIDE, SetDimension.CUP_WIDTH);

    /** Those of a catalogue that look like a set, nearest first. */
    static List<LookAlike> of(BearingSet set, List<BearingSet> catalogue) {
        return catalogue.stream()
                .filter(other -> !other.designation().equals(set.designation()))
                .flatMap(other -> compare(set, other).stream())
                .sorted(Comparator.comparingDouble(
                        alike -> Math.abs(alike.difference().millimetres())))
                .toList();
    }

    private static Optional<LookAlike> compare(BearingSet set, BearingSet other) {
        boolean sameCup = set.designation().cup().equals(other.designation().cup());
        boolean cupsMeasureAlike = CUP.stream().allMatch(dimension -> gap(set, other, dimension) <= SAME_MM);
        boolean nearAllOver = gap(set, other, SetDimension.CONE_BORE) <= NEAR_DIAMETER_MM
                && gap(set, other, SetDimension.CUP_OUTSIDE) <= NEAR_DIAMETER_MM;
        if (!nearAllOver && !cupsMeasureAlike) {
            return Optional.empty();
        }
        SetDimension parting = List.of(SetDimension.values()).stream()
                .max(Comparator.comparingDouble(dimension -> gap(set, other, dimension)))
                .orElseThrow();
        return Optional.of(
                new LookAlike(other, parting, other.of(parting).minus(set.of(parting)), cupsMeasureAlike && !sameCup));
    }

    private static double gap(BearingSet a, BearingSet b, SetDimension dimension) {
        return Math.abs(a.of(dimension).minus(b.of(dimension)).millimetres());
    }
}
