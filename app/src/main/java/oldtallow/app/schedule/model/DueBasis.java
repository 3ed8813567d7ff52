package oldtallow.app.schedule.model;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import oldtallow.core.fastening.endplay.EndPlayVerdict;
import oldtallow.core.hub.Construction;
import oldtallow.core.quantity.Length;
import oldtallow.core.schedule.almanac.RigUse;
import oldtallow.core.schedule.almanac.ServiceHistory;
import oldtallow.core.schedule.interval.Severity;
import oldtallow.core.schedule.interval.Upkeep;

/** What the dues of a rig are worked out from, but for the rules. */
public record DueBasis(UUID rigId, Set<Severity> severity, RigUse use, List<End> ends) {

    public DueBasis {
        severity = Set.copyOf(severity);
        ends = List.copyOf(ends);
    }

    /**
     * The last setting of a wheel end.
     *
     * @param endPlay it was left with, measured where it was measured
     * @param awaitsSignOff whether it was an apprentice's and nobody answers for it yet
     */
    public record LastSetting(Instant at, Length endPlay, EndPlayVerdict verdict, boolean awaitsSignOff) {}

    /**
     * A wheel end.
     *
     * @param builtOn since when it is made as it is
     * @param lastSetting empty without a setting on record
     */
    public record End(
            UUID id,
            UUID axleId,
            Construction construction,
            Upkeep upkeep,
            LocalDate builtOn,
            Optional<LastSetting> lastSetting,
            ServiceHistory history) {

        public Optional<EndPlayVerdict> verdict() {
            return lastSetting.map(LastSetting::verdict);
        }

        public boolean awaitsSignOff() {
            return lastSetting.filter(LastSetting::awaitsSignOff).isPresent();
        }

        public Urgency urgency() {
            if (verdict().filter(last -> !last.isAcceptable()).isPresent()) {
                return Urgency.OUTSIDE_WINDOW;
            }
            return awaitsSignOff() ? Urgency.AWAITS_SIGN_OFF : Urgency.BY_DATE;
        }
    }
}
