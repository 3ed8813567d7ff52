package oldtallow.core.schedule.distance;

import java.time.LocalDate;

/**
 * A day in the future as far as it can be told.
 *
 * @param earliest in one of ten cases it is sooner than this
 * @param latest in one of ten cases it is later than this
 */
public record DueRange(LocalDate earliest, LocalDate likely, LocalDate latest) {

    public DueRange {
        if (likely.isBefore(earliest) || latest.isBefore(likely)) {
            throw new IllegalArgumentException(
                    "out of order: " + earliest + ", " + likely + ", " + latest + "; earliest first");
        }
    }

    /** A day that is certain. */
    public static DueRange exactly(LocalDate day) {
        return new DueRange(day, day, day);
    }

    public boolean isCertain() {
        return earliest.equals(latest);
    }

    /** The sooner of both: whatever comes first, at each of the three. */
    public DueRange soonerOf(DueRange other) {
        return new DueRange(min(earliest, other.earliest), min(likely, other.likely), min(latest, other.latest));
    }

    private static LocalDate min(LocalDate a, LocalDate b) {
        return a.isBefore(b) ? a : b;
    }
}
