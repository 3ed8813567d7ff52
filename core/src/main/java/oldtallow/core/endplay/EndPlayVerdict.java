package oldtallow.core.endplay;

/** How an end play stands to its window. */
public enum EndPlayVerdict {
    /** Tighter than zero play and than the window: the bearings are squeezed. */
    PRELOAD,
    /** Some play, but less than the window asks. */
    TOO_TIGHT,
    INSIDE,
    TOO_LOOSE
}
