package oldtallow.core.procedure.judge;

import java.util.List;
import java.util.Optional;
import oldtallow.core.procedure.judge.Finding.Extent;
import oldtallow.core.procedure.judge.Spot.Item;
import oldtallow.core.procedure.judge.Verdict.Outcome;
import oldtallow.core.procedure.judge.Verdict.Rule;

/** Judges spindle and hub. Rules: common practice of the trade; licensed practice governs where it applies. */
public final class SeatJudge {

    private SeatJudge() {}

    /** The verdict on spindle or hub. */
    public static Verdict judge(Item item, List<Finding> findings) {
        List<Finding> own = findings.stream()
                .filter(finding -> finding.spot().item() == item)
                .toList();
        return worst(own, Outcome.RENEW)
                .or(() -> worst(own, Outcome.REPAIR))
                .map(finding -> new Verdict(
                        outcome(finding),
                        reason(finding),
                        outcome(finding) == Outcome.RENEW ? Rule.NEIGHBOUR_WORN : Rule.LIGHT_MARKS,
                        CauseRanking.of(own),
                        List.of()))
                .orElseGet(() -> new Verdict(
                        Outcome.REUSE, "Nothing that a fingernail catches.", Rule.NOTHING_FOUND, List.of(), List.of()));
    }

    private static Optional<Finding> worst(List<Finding> findings, Outcome outcome) {
        return findings.stream().filter(finding -> outcome(finding) == outcome).findFirst();
    }

    /** A seal land can be sleeved and a burr dressed; a grooved seat, heat and cracks cannot be put right at the bench. */
    private static Outcome outcome(Finding finding) {
        return switch (finding.mode()) {
            case FATIGUE_FRACTURE, THERMAL_CRACKING, BLUE_TINT, STRAW_TINT, THREAD_DAMAGE, TEETH_DAMAGED ->
                Outcome.RENEW;
            case GROOVE -> finding.spot() == Spot.SEAL_LAND ? Outcome.REPAIR : Outcome.RENEW;
            case CREEP ->
                finding.spot() == Spot.SPINDLE_SEAT && finding.extent() == Extent.TRACE
                        ? Outcome.REPAIR
                        : Outcome.RENEW;
            case FRETTING_CORROSION, MOISTURE_CORROSION ->
                finding.extent() == Extent.CLEAR && finding.spot() != Spot.THREAD && finding.spot() != Spot.SEAL_LAND
                        ? Outcome.RENEW
                        : Outcome.REPAIR;
            default -> Outcome.REPAIR;
        };
    }

    private static String reason(Finding finding) {
        String start = finding.sentence();
        if (outcome(finding) == Outcome.RENEW) {
            return start + ": the next bearing would not last on it.";
        }
        return start
                + (finding.spot() == Spot.SEAL_LAND
                        ? ": a sleeve, or the new seal set back to fresh metal."
                        : ": clean it, dress it, and look again.");
    }
}
