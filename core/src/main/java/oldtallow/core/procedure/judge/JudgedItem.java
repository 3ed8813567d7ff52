package oldtallow.core.procedure.judge;

import java.util.Set;
import oldtallow.core.hub.part.Part;

/** What a verdict is given on; cone and cup of a bearing are one. */
public enum JudgedItem {
    INBOARD_BEARING("inboard bearing", Part.INBOARD_CONE, Part.INBOARD_CUP),
    OUTBOARD_BEARING("outboard bearing", Part.OUTBOARD_CONE, Part.OUTBOARD_CUP),
    /** It does not come off. */
    SPINDLE("spindle"),
    HUB("hub", Part.HUB);

    private final String words;
    private final Set<Part> parts;

    JudgedItem(String words, Part... parts) {
        this.words = words;
        this.parts = Set.of(parts);
    }

    /** What of it can be renewed. */
    public Set<Part> parts() {
        return parts;
    }

    public String words() {
        return words;
    }

    public boolean isBearing() {
        return this == INBOARD_BEARING || this == OUTBOARD_BEARING;
    }
}
