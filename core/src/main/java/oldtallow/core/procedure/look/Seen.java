package oldtallow.core.procedure.look;

import oldtallow.core.hub.part.Part;

/** What can be seen, heard and felt at a first look; names are common practice of the trade. */
public sealed interface Seen {

    /** What it says to the reader: "growl when spun". */
    String words();

    /** What the spun hub sounds like. */
    enum Spin implements Seen {
        SILENT("spins silent and free"),
        GROWL("growls when spun"),
        GRIND("grinds when spun"),
        RATTLE("rattles when spun"),
        THUMP("thumps once a turn");

        private final String words;

        Spin(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }

        public boolean isDamage() {
            return this == GROWL || this == GRIND || this == RATTLE;
        }
    }

    /** The same once the half shaft or drive flange is out: a driven axle hides a growl. */
    record SpinWithoutShaft(Spin spin) implements Seen {

        @Override
        public String words() {
            return spin.words() + " without its shaft";
        }
    }

    /** Rock at twelve and six. */
    enum Rock implements Seen {
        NONE("no rock"),
        SLIGHT("rocks slightly"),
        LOOSE("rocks loosely");

        private final String words;

        Rock(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }

    /** What became of the rock when the nut was taken up. */
    enum TakenUp implements Seen {
        GONE("the rock goes when the nut is taken up"),
        STAYS("the rock stays with the nut tight");

        private final String words;

        TakenUp(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }

    /** The grease as it was found. */
    enum GreaseFound implements Seen {
        CLEAN("clean", "as it went in, its own colour"),
        BLACK_THICK("black but thick", "old, still fair"),
        THIN_RUNNY("thin and runny", "broken down by heat, or two kinds that do not go together"),
        MILKY("milky", "water worked into it"),
        RUSTY("rusty", "water stood in it"),
        GONE("next to none", "dry, or thrown out past the seal");

        private final String words;
        private final String means;

        GreaseFound(String words, String means) {
            this.words = words;
            this.means = means;
        }

        @Override
        public String words() {
            return "grease " + words;
        }

        /** Its name on a swatch. */
        public String swatch() {
            return words;
        }

        public String means() {
            return means;
        }
    }

    /** Grease or oil past the seal. */
    enum Leak implements Seen {
        DRY("dry behind the wheel"),
        /** What such a cap is made for, and no failed seal; common practice. */
        AT_SPRING_CAP("a trace of grease past the spring-loaded cap"),
        DAMP("grease on the backing plate or tyre"),
        ON_LININGS("grease on the linings");

        private final String words;

        Leak(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }

    /** The lock and the nut as found. */
    enum Locked implements Seen {
        AS_IT_SHOULD("lock in place, nut held"),
        NUT_LOOSE("nut loose by hand"),
        LOCK_MISSING("lock missing"),
        LOCK_BROKEN("lock broken or used twice");

        private final String words;

        Locked(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }

    /** A part that was not where or how it belongs. */
    record Misplaced(Part part, Misplacement how) implements Seen {

        @Override
        public String words() {
            return part.words() + " " + how.words();
        }
    }

    /** How parts are found in the wrong place. */
    enum Misplacement {
        MISSING("missing"),
        WRONG_WAY_ROUND("the wrong way round"),
        WRONG_SIDE("from the other place"),
        WRONG_PART("of another kind");

        private final String words;

        Misplacement(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }
}
