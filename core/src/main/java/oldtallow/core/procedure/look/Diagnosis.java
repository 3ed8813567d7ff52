package oldtallow.core.procedure.look;

import java.util.List;

/**
 * What a first look points to.
 *
 * @param suspicions likeliest first, never empty
 * @param drive whether the rig should be driven at all
 * @param driveReason why
 */
public record Diagnosis(List<Suspected> suspicions, Drive drive, String driveReason) {

    public Diagnosis {
        suspicions = List.copyOf(suspicions);
    }

    /**
     * A suspicion with what speaks for it.
     *
     * @param weight how strongly, against the others; this product's own scale
     */
    public record Suspected(Suspicion suspicion, double weight, List<String> because) {

        public Suspected {
            because = List.copyOf(because);
        }
    }

    /** Whether it may be driven; road-worthiness is decided by whoever is licensed to. */
    public enum Drive {
        YES("may be driven"),
        TO_THE_WORKSHOP("slowly, to the workshop and no further"),
        NO("do not drive it");

        private final String words;

        Drive(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }
}
