package oldtallow.core.procedure.judge;

import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.OutOfRangeException;

/** Something found on a part. */
public record Finding(DamageMode mode, Spot spot, Extent extent, Sense noticedBy) {

    public Finding {
        if (!mode.spots().contains(spot)) {
            throw new OutOfRangeException(
                    EnteredQuantity.PLACE_OF_FINDING,
                    mode.words() + " on " + spot.words(),
                    "one of " + mode.spots().stream().map(Spot::words).sorted().toList());
        }
    }

    /** What and where: rust, water stain on cup, raceway. */
    public String words() {
        return mode.words() + " on " + spot.words();
    }

    /** The same, to begin a sentence with. */
    String sentence() {
        return Character.toUpperCase(words().charAt(0)) + words().substring(1);
    }

    /** How much of it there is. */
    public enum Extent {
        /** A stain that cleans off, or single marks that the nail does not catch. */
        TRACE,
        CLEAR
    }

    /** How it was noticed. */
    public enum Sense {
        LOOKING,
        FINGERNAIL,
        TURNING
    }
}
