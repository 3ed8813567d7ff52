package oldtallow.core.procedure.judge;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oldtallow.core.procedure.judge.Finding.Extent;
import oldtallow.core.procedure.judge.Spot.Item;
import oldtallow.core.procedure.judge.Verdict.Outcome;
import oldtallow.core.procedure.judge.Verdict.Rule;

/** Judges a bearing as one set: whatever ends the cone ends the cup. Rules: common practice of the trade. */
public final class BearingJudge {

    private BearingJudge() {}

    /**
     * The verdict on the bearing of one position.
     *
     * @param findings on this bearing; those on spindle and hub are judged by {@link SeatJudge}
     * @param renewsOnceApart whether the workshop's practice renews everything once it is apart
     */
    public static Verdict judge(List<Finding> findings, Looked looked, boolean renewsOnceApart) {
        List<Finding> own = findings.stream()
                .filter(finding -> finding.spot().item() == Item.BEARING)
                .toList();
        Optional<Finding> fatal = own.stream().filter(BearingJudge::endsIt).findFirst();
        if (fatal.isPresent()) {
            Finding worst = fatal.get();
            boolean rust = worst.mode() == DamageMode.MOISTURE_CORROSION;
            return verdict(
                    Outcome.RENEW,
                    worst.sentence() + (rust ? ": it does not heal." : ": it only gets worse from here."),
                    rust ? Rule.FIRST_RUST : Rule.DAMAGE_ENDS_IT,
                    own);
        }
        if (looked.noisy()) {
            return verdict(Outcome.RENEW, "It was heard when the hub was spun.", Rule.NOISY, own);
        }
        if (!looked.suffices()) {
            return verdict(
                    Outcome.CANNOT_TELL,
                    looked.cleaned()
                            ? "It was not looked at, felt and turned."
                            : "Old grease hides what there is to see.",
                    Rule.NOT_LOOKED_AT,
                    own);
        }
        if (renewsOnceApart) {
            return verdict(
                    Outcome.RENEW,
                    "Nothing wrong was found, but it is apart and parts cost little.",
                    Rule.RENEW_ONCE_APART,
                    own);
        }
        boolean marks = own.stream().anyMatch(finding -> finding.mode() != DamageMode.NORMAL_PATH);
        return verdict(
                Outcome.REUSE,
                marks ? "Light marks only, none where it runs." : "Clean, even path, nothing to feel.",
                marks ? Rule.LIGHT_MARKS : Rule.NOTHING_FOUND,
                own);
    }

    /** Whether a finding ends a bearing whatever the practice. */
    private static boolean endsIt(Finding finding) {
        Tolerance tolerance = finding.mode().tolerance();
        return switch (tolerance) {
            case ALWAYS -> false;
            case NONE -> true;
            case OFF_THE_RACE -> finding.spot().isRunning() || finding.extent() == Extent.CLEAR;
            case A_FEW_FINE -> finding.extent() == Extent.CLEAR || finding.noticedBy() != Finding.Sense.LOOKING;
        };
    }

    private static Verdict verdict(Outcome outcome, String reason, Rule rule, List<Finding> findings) {
        return new Verdict(outcome, reason, rule, CauseRanking.of(findings), alsoLookAt(findings));
    }

    /** What the table of modes sends the reader to (reference sheet, §13). */
    private static List<String> alsoLookAt(List<Finding> findings) {
        List<String> also = new ArrayList<>();
        for (Finding finding : findings) {
            switch (finding.mode()) {
                case ADHESIVE_WEAR, STRAW_TINT, BLUE_TINT -> also.add("spindle, for heat colour");
                case TRUE_BRINELLING -> also.add("spindle, for a bend");
                case THERMAL_CRACKING -> also.add("spindle, for cracks (crack test)");
                case FATIGUE_FRACTURE, FRETTING_CORROSION, CREEP -> also.add("spindle and hub seats, for wear");
                case FORCED_FRACTURE -> also.add("hub, for cracks");
                case ABRASIVE_WEAR, PARTICLE_DENTS -> also.add("seal and hub, for where the dirt came in");
                case MOISTURE_CORROSION -> also.add("seal and cap, for where the water came in");
                case UNEVEN_TRACK -> also.add("hub shoulder, for a burr or chip");
                default -> {}
            }
        }
        return also.stream().distinct().toList();
    }
}
