package oldtallow.core.hub;

/**
 * What closes, turns with and surrounds the bearings of a wheel end.
 *
 * @param spacing what sets the play
 * @param wheel what holds the wheel
 */
public record Fittings(
        SealKind seal,
        CapKind cap,
        BrakeKind brake,
        CavityFill cavity,
        WasherKind washer,
        Spacing spacing,
        SnapRing snapRing,
        WheelFixing wheel) {

    /** Whether the nut sets the play; otherwise a spacer does, and the nut only gets its torque. */
    public boolean setsByNut() {
        return spacing == Spacing.NUT_SETS;
    }

    /** The same with another seal, cap, brake, filling, washer, spacing, snap ring or wheel fixing. */
    public Fittings with(Object one) {
        return new Fittings(
                one instanceof SealKind is ? is : seal,
                one instanceof CapKind is ? is : cap,
                one instanceof BrakeKind is ? is : brake,
                one instanceof CavityFill is ? is : cavity,
                one instanceof WasherKind is ? is : washer,
                one instanceof Spacing is ? is : spacing,
                one instanceof SnapRing is ? is : snapRing,
                one instanceof WheelFixing is ? is : wheel);
    }

    /** What lies between the cones. */
    public enum Spacing {
        /** Nothing: the nut sets the play. */
        NUT_SETS,
        /** A spacer ground for this pair or hub sets it; the nut only gets its torque. */
        SPACER
    }

    /** Snap ring that holds the inboard bearing in the hub. */
    public enum SnapRing {
        NONE,
        /** It comes out before the inboard cone. */
        BEFORE_CONE,
        /** It lies behind the cone and holds the cup: cone out first. */
        BEFORE_CUP
    }

    /** What holds the wheel on the hub. */
    public enum WheelFixing {
        NUTS("wheel nuts", "wheel nut"),
        BOLTS("wheel bolts", "wheel bolt");

        private final String words;
        private final String one;

        WheelFixing(String words, String one) {
            this.words = words;
            this.one = one;
        }

        public String words() {
            return words;
        }

        public String one() {
            return one;
        }
    }

    /** Seals of wheel hubs. */
    public enum SealKind {
        LIP,
        DOUBLE_LIP,
        /** Lip in the hub, sleeve on the spindle; they come as one and are always new together. */
        MARINE_TWO_PIECE,
        /** Lip and sleeve in one; its inner sleeve turns. */
        UNITIZED
    }

    /** What closes the hub outboard. */
    public enum CapKind {
        PLAIN,
        /** Spring-loaded piston keeps the grease under slight pressure; filled through its own nipple once it is on. */
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
