package oldtallow.core.fastening.sequence;

/** What to do with the hub during a step. */
public enum HubMotion {
    /** Turn it both ways throughout, so that the rollers seat against the big rib. */
    TURN_BOTH_WAYS("hub turning both ways"),
    /** Do not let it turn, or the rollers lose the seat they have. */
    HOLD_STILL("hub held still"),
    /** Turn it slowly and feel. */
    TURN_AND_FEEL("turn the hub and feel");

    private final String words;

    HubMotion(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
