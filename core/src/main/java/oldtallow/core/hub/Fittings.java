package oldtallow.core.hub;

/** What closes, turns with and surrounds the bearings of a wheel end. */
public record Fittings(SealKind seal, CapKind cap, BrakeKind brake, CavityFill cavity, WasherKind washer) {

    /** Seals of wheel hubs. */
    public enum SealKind {
        LIP,
        DOUBLE_LIP,
        /** Lip in the hub, sleeve on the spindle. */
        MARINE_TWO_PIECE,
        /** Lip and sleeve in one; its inner sleeve turns. */
        UNITIZED
    }

    /** What closes the hub outboard. */
    public enum CapKind {
        PLAIN,
        /** Spring-loaded piston keeps the grease under slight pressure. */
        SPRING_LOADED,
        /** Plug over the nipple. */
        RUBBER_PLUG,
        /** With a window for the oil level. */
        OIL_WINDOW,
        /** A drive flange or locking hub closes it. */
        DRIVE_FLANGE,
        NONE
    }

    /** Brake at the hub. */
    public enum BrakeKind {
        NONE,
        DRUM,
        DISC
    }

    /** How the hub's cavity is filled. */
    public enum CavityFill {
        EMPTY,
        RING,
        THIRD,
        FULL,
        OIL
    }

    /** The washer under the nut, which must not turn. */
    public enum WasherKind {
        FLAT,
        D_SHAPED,
        KEYED,
        TANGED
    }
}
