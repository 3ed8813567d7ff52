package oldtallow.app.job.api;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import oldtallow.core.procedure.brief.JobBrief;
import oldtallow.core.procedure.choice.ChoiceOpen;
import oldtallow.core.procedure.job.Plan;
import oldtallow.core.procedure.job.Planner;

/**
 * Plans by their brief. A job is read at every press, and most of reading it would be planning: the same plan over and over,
 * since a brief says all there is to it.
 */
final class Plans {

    /** A plan takes some 70 kB. */
    private static final int MOST = 128;

    private static final float LOAD = 0.75f;

    private static final Latest<Plan> PLANS = new Latest<>(Planner::plan);

    private static final Latest<List<ChoiceOpen>> CHOICES =
            new Latest<>(brief -> ChoiceOpen.of(of(brief), Planner::plan));

    private Plans() {}

    static Plan of(JobBrief brief) {
        return PLANS.get(brief);
    }

    /** In which ways a job could go; found by planning it in each. */
    static List<ChoiceOpen> choices(JobBrief brief) {
        return CHOICES.get(brief);
    }

    /** What was worked out of the briefs asked for last. Two who ask at once may both work it out. */
    private static final class Latest<V> {

        private final Function<JobBrief, V> work;
        private final Map<JobBrief, V> known = new LinkedHashMap<>(MOST, LOAD, true) {
            @Override
            protected boolean removeEldestEntry(Map.Entry<JobBrief, V> eldest) {
                return size() > MOST;
            }
        };

        private Latest(Function<JobBrief, V> work) {
            this.work = work;
        }

        private V get(JobBrief brief) {
            V kept;
            synchronized (known) {
                kept = known.get(brief);
            }
            if (kept != null) {
                return kept;
            }
            V worked = work.apply(brief);
            synchronized (known) {
                known.put(brief, worked);
            }
            return worked;
        }
    }
}
