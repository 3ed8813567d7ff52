package oldtallow.core.procedure.judge;

/** What a verdict is given on; cone and cup of a bearing are one. */
public enum JudgedItem {
    INBOARD_BEARING("inboard bearing"),
    OUTBOARD_BEARING("outboard bearing"),
    SPINDLE("spindle"),
    HUB("hub");

    private final String words;

    JudgedItem(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    public boolean isBearing() {
        return this == INBOARD_BEARING || this == OUTBOARD_BEARING;
    }
}
