package oldtallow.app.job.api;

import java.util.List;
import oldtallow.core.procedure.brief.JobBrief;
import oldtallow.core.procedure.choice.ChoiceOpen;
import oldtallow.core.procedure.job.Plan;
import oldtallow.core.procedure.job.Planner;
import org.springframework.util.ConcurrentLruCache;

/**
 * Plans by their brief. A job is read at every press, and most of reading it would be planning: the same plan over and over,
 * since a brief says all there is to it.
 */
final class Plans {

    /** A plan takes some 70 kB. */
    private static final int MOST = 128;

    private static final ConcurrentLruCache<JobBrief, Plan> PLANS = new ConcurrentLruCache<>(MOST, Planner::plan);

    private static final ConcurrentLruCache<JobBrief, List<ChoiceOpen>> CHOICES =
            new ConcurrentLruCache<>(MOST, brief -> ChoiceOpen.of(of(brief), Planner::plan));

    private Plans() {}

    static Plan of(JobBrief brief) {
        return PLANS.get(brief);
    }

    /** In which ways a job could go; found by planning it in each. */
    static List<ChoiceOpen> choices(JobBrief brief) {
        return CHOICES.get(brief);
    }
}
