package oldtallow.core.sequence;

/** What to do with the hub during a step. */
public enum HubMotion {
    /** Turn it both ways throughout, so that the rollers seat against the big rib. */
    TURN_BOTH_WAYS,
    /** Do not let it turn, or the rollers lose the seat they have. */
    HOLD_STILL,
    /** Turn it slowly and feel. */
    TURN_AND_FEEL
}
