package oldtallow.core.fastening.thread;

/** Which way a nut turns to tighten, seen from outside the hub. */
public enum ThreadHand {
    /** Clockwise tightens. */
    RIGHT,
    /** Anticlockwise tightens. */
    LEFT
}
