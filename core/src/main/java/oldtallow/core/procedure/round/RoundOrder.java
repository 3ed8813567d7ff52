package oldtallow.core.procedure.round;

/** In which order the hubs of a rig are gone round; as the mechanic likes, and changed at any time. */
public enum RoundOrder {
    STAGE_BY_STAGE("all off first, then the next stage"),
    HUB_BY_HUB("one hub, then the next");

    private final String words;

    RoundOrder(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
