package oldtallow.core.fit;

import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import oldtallow.core.bearing.BearingSet;
import oldtallow.core.quantity.Length;

/**
 * Whether a measured cup is one of those that are wanted.
 *
 * <p>A calliper is sure of 0.06 mm and a cup is made to 0.025: within 0.085 mm it may be one of them. Near-twins differ by as
 * little as 0.08 mm (common practice), so a match by size alone is never proof; the number on the cup is.
 *
 * @param matches wanted sets whose cup measures so
 * @param looksLike other sets whose cup measures so, nearest first
 */
public record RightCup(List<BearingSet> matches, List<BearingSet> looksLike) {

    private static final double SAME_MM = 0.085;
    private static final double NEAR_MM = 0.9;

    public RightCup {
        matches = List.copyOf(matches);
        looksLike = List.copyOf(looksLike);
    }

    public static RightCup of(Length outside, List<BearingSet> wanted, List<BearingSet> catalogue) {
        return new RightCup(
                measuring(outside, wanted),
                measuring(outside, catalogue).stream()
                        .filter(set -> wanted.stream().noneMatch(one -> cup(one).equals(cup(set))))
                        .toList());
    }

    /** Other cups that measure nearly like a set's own, to 0.9 mm, nearest first. */
    public static List<BearingSet> nearTwins(BearingSet set, List<BearingSet> catalogue) {
        return catalogue.stream()
                .filter(other -> !cup(other).equals(cup(set)))
                .filter(other -> gap(other, set.outsideDiameter()) <= NEAR_MM)
                .filter(distinctCups())
                .sorted(Comparator.comparingDouble(other -> gap(other, set.outsideDiameter())))
                .toList();
    }

    /** In a sentence. */
    public String words() {
        if (!matches.isEmpty()) {
            return "Measures like " + cup(matches.getFirst())
                    + (looksLike.isEmpty() ? "." : ", but so does " + cup(looksLike.getFirst()) + ": read the number.");
        }
        return looksLike.isEmpty()
                ? "No cup that goes here: measure again, across and crosswise."
                : "Not the cup for here: it measures like " + cup(looksLike.getFirst()) + ".";
    }

    private static List<BearingSet> measuring(Length outside, List<BearingSet> sets) {
        return sets.stream()
                .filter(set -> gap(set, outside) <= SAME_MM)
                .sorted(Comparator.comparingDouble(set -> gap(set, outside)))
                .toList();
    }

    private static double gap(BearingSet set, Length outside) {
        return Math.abs(set.outsideDiameter().minus(outside).millimetres());
    }

    /** Several cones share a cup: each cup counts once. */
    private static Predicate<BearingSet> distinctCups() {
        Set<String> seen = new HashSet<>();
        return set -> seen.add(cup(set));
    }

    private static String cup(BearingSet set) {
        return set.designation().cup();
    }
}
