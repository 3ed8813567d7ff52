package oldtallow.core.fastening.sequence;

/** What a step of a nut sequence does. */
public enum StepKind {
    SEAT,
    RELEASE,
    /** The fine setting, from which the stops are counted. */
    FINAL,
    BACK_OFF_TO_STOP,
    LOCK_AND_CHECK
}
