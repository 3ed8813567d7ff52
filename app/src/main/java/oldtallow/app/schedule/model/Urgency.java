package oldtallow.app.schedule.model;

/** What sorts rigs before any day does, the most urgent first. The database and the mark between two pages keep the rank. */
public enum Urgency {
    /** Set outside its window. */
    OUTSIDE_WINDOW(0),
    /** An apprentice's setting nobody has answered for. */
    AWAITS_SIGN_OFF(1),
    /** Sorted by the day it wants attention. */
    BY_DATE(2);

    private final int rank;

    Urgency(int rank) {
        this.rank = rank;
    }

    public int rank() {
        return rank;
    }

    /** Throws {@link IllegalArgumentException} for a number that is none's. */
    public static Urgency ofRank(int rank) {
        for (Urgency one : values()) {
            if (one.rank == rank) {
                return one;
            }
        }
        throw new IllegalArgumentException("no urgency has the rank " + rank);
    }
}
