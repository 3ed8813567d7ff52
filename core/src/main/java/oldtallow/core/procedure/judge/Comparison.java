package oldtallow.core.procedure.judge;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import oldtallow.core.procedure.judge.Spot.Item;

/** Findings of a wheel end beside those of its other side and its own past. Common practice: both sides tell of the rig, one of the hub. */
public final class Comparison {

    private Comparison() {}

    /**
     * The other side of the same axle, as its last job found it.
     *
     * @param looked what of it was looked at, with or without a finding
     */
    public record OtherSide(List<Finding> findings, Set<Item> looked) {

        public static final OtherSide UNKNOWN = new OtherSide(List.of(), Set.of());

        public OtherSide {
            findings = List.copyOf(findings);
            looked = Set.copyOf(looked);
        }

        /** Whether everything was looked at where such damage could be. */
        private boolean wasLookedAtFor(DamageMode mode) {
            return mode.spots().stream().map(Spot::item).allMatch(looked::contains);
        }
    }

    /**
     * What comparing says, in sentences; empty where there is nothing to compare. "Only this side" is said of nothing that was
     * never looked at on the other.
     *
     * @param now this time
     * @param lastTime of this wheel end; empty where none is on record
     */
    public static List<String> of(List<Finding> now, OtherSide otherSide, List<Finding> lastTime) {
        List<String> says = new ArrayList<>();
        Set<DamageMode> mine = damage(now);
        Set<DamageMode> theirs = damage(otherSide.findings);
        Set<DamageMode> before = damage(lastTime);
        for (DamageMode mode : mine) {
            String cause = mode.causes().getFirst().words();
            if (theirs.contains(mode)) {
                says.add("Both sides have " + mode.words() + ": look for what the rig does to both (" + cause + ").");
            } else if (otherSide.wasLookedAtFor(mode)) {
                says.add("Only this side has " + mode.words() + ": look for what is wrong with this hub (" + cause
                        + ").");
            }
            if (before.contains(mode)) {
                says.add("Again " + mode.words() + ", as last time: its cause was not put right. "
                        + mode.causes().getFirst().remedy());
            }
        }
        return says;
    }

    private static Set<DamageMode> damage(List<Finding> findings) {
        return findings.stream()
                .map(Finding::mode)
                .filter(mode -> mode != DamageMode.NORMAL_PATH)
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(DamageMode.class)));
    }
}
