package oldtallow.core.schedule.distance;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;

/**
 * What was run up to a day, to date what fell due before it.
 *
 * @param points by day; straight between them
 * @param read whether they are readings of a meter; else they are reckoned from a guess and from trips
 * @param reckonedBack whether the first of them is no reading yet
 */
public record Past(List<DistanceLine.Point> points, boolean read, boolean reckonedBack) {

    public static final Past UNKNOWN = new Past(List.of(), false, false);
    private static final double GUESSED = 0.3;

    public Past {
        points = List.copyOf(points);
    }

    /**
     * When so much had been run: between the two readings that hold it, and no later reading moves that. Empty where it had not,
     * or where nothing goes back so far.
     */
    Optional<DueRange> reached(double wanted) {
        for (int i = 1; i < points.size(); i++) {
            DistanceLine.Point before = points.get(i - 1);
            DistanceLine.Point after = points.get(i);
            if (after.km() >= wanted && before.km() < wanted) {
                double share = (wanted - before.km()) / (after.km() - before.km());
                long days = ChronoUnit.DAYS.between(before.on(), after.on());
                LocalDate likely = before.on().plusDays((long) Math.ceil(share * days));
                return Optional.of(
                        i == 1 && reckonedBack
                                ? about(likely, after.on())
                                : new DueRange(before.on().plusDays(1), likely, after.on()));
            }
        }
        return Optional.empty();
    }

    /** Reckoned back from the first reading: as sure as a guess is. */
    private static DueRange about(LocalDate likely, LocalDate reading) {
        long off = (long) Math.ceil(GUESSED * ChronoUnit.DAYS.between(likely, reading));
        return new DueRange(likely.minusDays(off), likely, likely.plusDays(off));
    }

    /** Only what is needed to date what is counted from so many kilometres on. */
    public Past from(double km) {
        int first = 0;
        while (first + 1 < points.size() && points.get(first + 1).km() < km) {
            first++;
        }
        return new Past(points.subList(first, points.size()), read, reckonedBack && first == 0);
    }
}
