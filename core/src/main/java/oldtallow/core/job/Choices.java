package oldtallow.core.job;

/** Schools among which good mechanics choose. */
public record Choices(
        Cleaning cleaning, Reuse reuse, RaceFitting races, InboardCone inboardCone, Packing packing, CapFill capFill) {

    /** What most do with hand tools (common practice). */
    public static final Choices USUAL = new Choices(
            Cleaning.SOLVENT,
            Reuse.WHAT_PASSES,
            RaceFitting.DRIVEN,
            InboardCone.LEVERED,
            Packing.BY_HAND,
            CapFill.FILM);

    /** How old grease gets out of the bearings. */
    public enum Cleaning {
        SOLVENT("rag, then solvent"),
        PURGE("push new grease through until no old colour comes");

        private final String words;

        Cleaning(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** What happens to bearings once they are apart. */
    public enum Reuse {
        WHAT_PASSES("reuse what passes"),
        NOTHING("renew everything once it is apart");

        private final String words;

        Reuse(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** How new cups go in. */
    public enum RaceFitting {
        DRIVEN("driven in"),
        WARMED("hub warmed, cup chilled"),
        PRESSED("pressed in");

        private final String words;

        RaceFitting(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** How seal and inboard cone leave the hub. */
    public enum InboardCone {
        LEVERED("seal levered out"),
        HOOKED("hooked off with the nut");

        private final String words;

        InboardCone(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** How cones are packed. */
    public enum Packing {
        BY_HAND("in the palm"),
        PACKER("with a packer");

        private final String words;

        Packing(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** What goes into the cap. */
    public enum CapFill {
        FILM("a film against rust"),
        FILLED("filled");

        private final String words;

        CapFill(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }
}
