package oldtallow.core.judge;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/** Findings of a wheel end beside those of its other side and its own past. Common practice: both sides tell of the rig, one of the hub. */
public final class Comparison {

    private Comparison() {}

    /**
     * What comparing says, in sentences; empty where there is nothing to compare.
     *
     * @param now this time
     * @param otherSide of the same axle, of its last job; empty where none is on record
     * @param lastTime of this wheel end; empty where none is on record
     */
    public static List<String> of(List<Finding> now, List<Finding> otherSide, List<Finding> lastTime) {
        List<String> says = new ArrayList<>();
        Set<DamageMode> mine = damage(now);
        Set<DamageMode> theirs = damage(otherSide);
        Set<DamageMode> before = damage(lastTime);
        for (DamageMode mode : mine) {
            String cause = mode.causes().getFirst().words();
            if (theirs.contains(mode)) {
                says.add("Both sides have " + mode.words() + ": look for what the rig does to both (" + cause + ").");
            } else if (!otherSide.isEmpty()) {
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
