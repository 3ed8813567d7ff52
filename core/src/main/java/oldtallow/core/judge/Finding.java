package oldtallow.core.judge;

import oldtallow.core.quantity.OutOfRangeException;

/** Something found on a part. */
public record Finding(DamageMode mode, Spot spot, Extent extent, Sense noticedBy) {

    public Finding {
        if (!mode.spots().contains(spot)) {
            throw new OutOfRangeException(
                    "place of " + mode.words(),
                    spot.words(),
                    "one of " + mode.spots().stream().map(Spot::words).sorted().toList());
        }
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
