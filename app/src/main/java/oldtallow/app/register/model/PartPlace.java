package oldtallow.app.register.model;

import java.util.Optional;
import oldtallow.core.hub.part.Part;

/** Where a part belongs in a wheel end. Cup and cone of a position are one set and have one place. */
public enum PartPlace {
    INBOARD_BEARING("inboard bearing"),
    OUTBOARD_BEARING("outboard bearing"),
    SEAL("seal"),
    WASHER("washer"),
    NUT("nut"),
    LOCK("lock"),
    CAP("cap"),
    SPACER("spacer");

    private final String words;

    PartPlace(String words) {
        this.words = words;
    }

    /** The place of a part in the hand; empty where none is kept on record, as for a cup, which comes with its cone. */
    public static Optional<PartPlace> of(Part part) {
        return switch (part) {
            case INBOARD_CONE -> Optional.of(INBOARD_BEARING);
            case OUTBOARD_CONE -> Optional.of(OUTBOARD_BEARING);
            case SEAL -> Optional.of(SEAL);
            case WASHER -> Optional.of(WASHER);
            case NUT -> Optional.of(NUT);
            case COTTER, TAB_WASHER, RETAINER, TANG_WASHER, LOCK_PLATE -> Optional.of(LOCK);
            case CAP -> Optional.of(CAP);
            case SPACER -> Optional.of(SPACER);
            default -> Optional.empty();
        };
    }

    public String words() {
        return words;
    }

    public boolean isBearing() {
        return this == INBOARD_BEARING || this == OUTBOARD_BEARING;
    }
}
