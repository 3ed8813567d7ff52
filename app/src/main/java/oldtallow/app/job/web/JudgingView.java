package oldtallow.app.job.web;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.core.procedure.bench.Bench;
import oldtallow.core.procedure.bench.JobEntry.Judged;
import oldtallow.core.procedure.judge.Cause;
import oldtallow.core.procedure.judge.DamageMode;
import oldtallow.core.procedure.judge.Finding;
import oldtallow.core.procedure.judge.JudgedItem;
import oldtallow.core.procedure.judge.Looked;
import oldtallow.core.procedure.judge.Spot;
import oldtallow.core.procedure.judge.Verdict;
import oldtallow.core.procedure.judge.Verdict.Outcome;
import org.jspecify.annotations.Nullable;

/**
 * What was found on an item and what becomes of it.
 *
 * @param outcome what holds
 * @param reason the rules' reason
 * @param rule the rule that decided
 * @param overruled whether a mechanic decided otherwise than the rules
 */
record JudgingView(
        JudgedItem item,
        String words,
        Outcome outcome,
        String outcomeWords,
        String reason,
        String rule,
        boolean overruled,
        String overruleReason,
        List<CauseView> causes,
        List<String> alsoLookAt,
        List<FindingView> findings,
        @Nullable Looked looked) {

    static List<JudgingView> of(Bench<WheelEnd> bench) {
        return Stream.of(JudgedItem.values())
                .flatMap(item -> Optional.ofNullable(bench.judged().get(item)).stream())
                .map(judged -> of(judged, bench))
                .toList();
    }

    private static JudgingView of(Judged judged, Bench<WheelEnd> bench) {
        Verdict verdict = bench.verdict(judged.item()).orElseThrow();
        Outcome outcome = bench.outcome(judged.item()).orElseThrow();
        return new JudgingView(
                judged.item(),
                judged.item().words(),
                outcome,
                outcome.words(),
                verdict.reason(),
                verdict.rule().words(),
                judged.overruled() != null,
                judged.overruleReason(),
                verdict.causes().stream().map(CauseView::of).toList(),
                verdict.alsoLookAt(),
                judged.findings().stream().map(FindingView::of).toList(),
                judged.looked());
    }

    /** What probably did it, and what to change. */
    record CauseView(Cause cause, String words, String remedy) {

        static CauseView of(Cause cause) {
            return new CauseView(cause, cause.words(), cause.remedy());
        }
    }

    /** Damage found on a part, with the words for it. */
    record FindingView(DamageMode mode, Spot spot, Finding.Extent extent, Finding.Sense noticedBy, String words) {

        static FindingView of(Finding finding) {
            return new FindingView(
                    finding.mode(),
                    finding.spot(),
                    finding.extent(),
                    finding.noticedBy(),
                    finding.words() + (finding.extent() == Finding.Extent.TRACE ? ", a trace" : ""));
        }
    }
}
