package oldtallow.core.procedure.bench;

import java.util.EnumSet;
import oldtallow.core.procedure.bench.JobEntry.Judged;
import oldtallow.core.procedure.brief.Choices.Reuse;
import oldtallow.core.procedure.judge.BearingJudge;
import oldtallow.core.procedure.judge.Finding.Sense;
import oldtallow.core.procedure.judge.Looked;
import oldtallow.core.procedure.judge.SeatJudge;
import oldtallow.core.procedure.judge.Spot;
import oldtallow.core.procedure.judge.Verdict;
import oldtallow.core.procedure.judge.Verdict.Outcome;
import org.jspecify.annotations.Nullable;

/** What the rules say of what was found, and what holds in the end. */
final class Verdicts {

    private static final Looked NOT_AT_ALL = new Looked(false, EnumSet.noneOf(Sense.class), false);

    private Verdicts() {}

    /** The rules' verdict. */
    static Verdict of(Judged judged, Reuse reuse) {
        @Nullable Looked looked = judged.looked();
        return switch (judged.item()) {
            case INBOARD_BEARING, OUTBOARD_BEARING ->
                BearingJudge.judge(judged.findings(), looked == null ? NOT_AT_ALL : looked, reuse == Reuse.NOTHING);
            case SPINDLE -> SeatJudge.judge(Spot.Item.SPINDLE, judged.findings());
            case HUB -> SeatJudge.judge(Spot.Item.HUB, judged.findings());
        };
    }

    /** What holds: a mechanic's own verdict over the rules'. */
    static Outcome outcome(Judged judged, Reuse reuse) {
        @Nullable Outcome overruled = judged.overruled();
        return overruled == null ? of(judged, reuse).outcome() : overruled;
    }
}
