package oldtallow.core.stock;

import java.time.Duration;
import java.util.List;

/**
 * How long a job takes, by common practice and by the workshop's own past jobs.
 *
 * <pre>
 * time = (TRUST · usual + n · median) / (TRUST + n)      n past jobs that can be believed
 * </pre>
 *
 * So one odd job moves the figure a little, and about five carry it. A job booked in a quarter of its usual time or in four
 * times as much was ticked off at the desk or stood overnight, and is left out. The weights are this product's own.
 *
 * @param takes what to reckon with
 * @param fromPastJobs how many past jobs are in it
 */
public record JobTime(Duration takes, int fromPastJobs) {

    /** So many past jobs weigh as much as common practice. */
    private static final int TRUST = 3;

    private static final double NONSENSE = 4;

    /**
     * Of a job whose past ones took so long.
     *
     * @param usual by common practice, more than 0
     */
    public static JobTime of(Duration usual, List<Duration> past) {
        List<Long> believed = past.stream()
                .map(Duration::getSeconds)
                .filter(seconds -> seconds * NONSENSE >= usual.getSeconds() && seconds <= usual.getSeconds() * NONSENSE)
                .sorted()
                .toList();
        int n = believed.size();
        if (n == 0) {
            return new JobTime(usual, 0);
        }
        double median = (believed.get((n - 1) / 2) + believed.get(n / 2)) / 2.0;
        double seconds = (TRUST * usual.getSeconds() + n * median) / (TRUST + n);
        return new JobTime(Duration.ofSeconds(Math.round(seconds)), n);
    }
}
