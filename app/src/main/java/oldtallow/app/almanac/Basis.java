package oldtallow.app.almanac;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import oldtallow.core.almanac.RigUse;
import oldtallow.core.almanac.ServiceHistory;
import oldtallow.core.almanac.Severity;
import oldtallow.core.endplay.EndPlayVerdict;
import oldtallow.core.hub.Construction;

/** What the dues of a rig are worked out from, but for the rules. */
public record Basis(UUID rigId, String owner, Set<Severity> severity, RigUse use, List<End> ends) {

    public Basis {
        severity = Set.copyOf(severity);
        ends = List.copyOf(ends);
    }

    /**
     * A wheel end.
     *
     * @param builtOn since when it is made as it is
     * @param verdict of its last setting; empty without one on record
     * @param awaitsSignOff whether that was an apprentice's and nobody answers for it yet
     */
    public record End(
            UUID id,
            UUID axleId,
            Construction construction,
            LocalDate builtOn,
            Optional<EndPlayVerdict> verdict,
            boolean awaitsSignOff,
            ServiceHistory history) {

        /** 0 outside its window, 1 awaits sign-off, 2 by date. */
        int urgency() {
            if (verdict.filter(last -> last != EndPlayVerdict.INSIDE).isPresent()) {
                return 0;
            }
            return awaitsSignOff ? 1 : 2;
        }
    }
}
