package oldtallow.core.procedure.brief;

/**
 * Practices among which good mechanics choose, and what is known of the parts that will come. One that has no meaning on a
 * hub changes nothing there.
 *
 * @param cupRemoval how old cups leave the hub
 * @param hubBrings what a new hub comes with, on a hub exchange or a first build
 * @param wheel whether the wheel comes off by itself, and when it goes on again
 */
public record Choices(
        Cleaning cleaning,
        Reuse reuse,
        RaceFitting races,
        InboardCone inboardCone,
        Packing packing,
        CapFill capFill,
        CupRemoval cupRemoval,
        HubBrings hubBrings,
        WheelOn wheel) {

    /** What most do with hand tools (common practice). */
    public static final Choices USUAL = new Choices(
            Cleaning.SOLVENT,
            Reuse.WHAT_PASSES,
            RaceFitting.DRIVEN,
            InboardCone.LEVERED,
            Packing.BY_HAND,
            CapFill.FILM,
            CupRemoval.DRIFTED,
            HubBrings.BEARINGS,
            WheelOn.LAST);

    /** The same with another choice. */
    public Choices with(Way one) {
        return new Choices(
                one instanceof Cleaning is ? is : cleaning,
                one instanceof Reuse is ? is : reuse,
                one instanceof RaceFitting is ? is : races,
                one instanceof InboardCone is ? is : inboardCone,
                one instanceof Packing is ? is : packing,
                one instanceof CapFill is ? is : capFill,
                one instanceof CupRemoval is ? is : cupRemoval,
                one instanceof HubBrings is ? is : hubBrings,
                one instanceof WheelOn is ? is : wheel);
    }

    /** One of the ways among which is chosen. */
    public interface Way {

        /** The same in every language and version. */
        String name();

        String words();
    }

    /** How old grease gets out of the bearings. */
    public enum Cleaning implements Way {
        SOLVENT("rag, then solvent"),
        PURGE("push new grease through until no old colour comes");

        private final String words;

        Cleaning(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }

    /** What happens to bearings once they are apart. */
    public enum Reuse implements Way {
        WHAT_PASSES("reuse what passes"),
        NOTHING("renew everything once it is apart");

        private final String words;

        Reuse(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }

    /** How new cups go in. */
    public enum RaceFitting implements Way {
        DRIVEN("driven in"),
        WARMED("hub warmed, cup chilled"),
        PRESSED("pressed in");

        private final String words;

        RaceFitting(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }

    /** How seal and inboard cone leave the hub. */
    public enum InboardCone implements Way {
        LEVERED("seal levered out"),
        HOOKED("hooked off with the nut"),
        /** Harsh on what is struck: only where both are renewed. */
        KNOCKED("knocked through from the front"),
        /** Only where the cup is renewed too. */
        WITH_CUP("driven out together with their cup");

        private final String words;

        InboardCone(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }

    /** How cones are packed. */
    public enum Packing implements Way {
        BY_HAND("in the palm"),
        PACKER("with a packer"),
        /** Only where grease is fed behind the inboard bearing. */
        NIPPLE("through the nipple");

        private final String words;

        Packing(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }

    /** What goes into the cap. */
    public enum CapFill implements Way {
        FILM("a film against rust"),
        FILLED("filled");

        private final String words;

        CapFill(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }

    /** How old cups leave the hub. */
    public enum CupRemoval implements Way {
        DRIFTED("with a drift on the ledge"),
        /** No ledge to strike on, or the cup sits the wrong way round. */
        WELDED("no ledge: a bead of weld shrinks it loose"),
        GROUND("no ledge: slit with a grinder");

        private final String words;

        CupRemoval(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }

    /** What a new hub comes with. */
    public enum HubBrings implements Way {
        NOTHING("bare: no cups in it"),
        CUPS("cups in, no bearings"),
        BEARINGS("cups in, bearings loose with it"),
        READY("bearings in, greased and sealed");

        private final String words;

        HubBrings(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }

    /** Whether the wheel comes off by itself, and when it goes on again. */
    public enum WheelOn implements Way {
        LAST("off, and on once all is closed"),
        /** The bearing is rocked at the tyre while it is set; only where nothing is fitted between hub and wheel afterwards. */
        BEFORE_SETTING("on before the nut is set"),
        /** It comes off together with its hub: light wheels without a brake. */
        STAYS("stays on its hub");

        private final String words;

        WheelOn(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }
}
