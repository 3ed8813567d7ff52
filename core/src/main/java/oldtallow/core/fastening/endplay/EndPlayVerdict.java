package oldtallow.core.fastening.endplay;

/** How an end play stands to its window. */
public enum EndPlayVerdict {
    /** Tighter than zero play and than the window: the bearings are squeezed. */
    PRELOAD,
    /** Some play, but less than the window asks. */
    TOO_TIGHT,
    INSIDE,
    /** Looser than good, and still usable where the window is graded: to be told, with what it costs. */
    USABLE,
    TOO_LOOSE;

    /** Whether a hub may be left so. */
    public boolean isAcceptable() {
        return this == INSIDE || this == USABLE;
    }
}
