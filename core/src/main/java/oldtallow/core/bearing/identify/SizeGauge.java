package oldtallow.core.bearing.identify;

import oldtallow.core.quantity.Length;

/**
 * What a measurement was taken with, and how far it may be off in greasy hands.
 *
 * <p>Standard uncertainties (one sigma): common practice, no single source. Resolution alone would flatter them.
 */
public enum SizeGauge {
    TAPE("tape or rule", 500),
    CALLIPER("calliper", 30),
    MICROMETER("micrometer", 6),
    /** A socket, drill shank or bar of known size that just goes in. */
    GO_GAUGE("gauge of known size that goes in", 60),
    /** One that just does not. */
    NO_GO_GAUGE("gauge of known size that does not go in", 60);

    private final String words;
    private final Length standardUncertainty;

    SizeGauge(String words, double micrometres) {
        this.words = words;
        this.standardUncertainty = Length.ofMicrometres(micrometres);
    }

    public String words() {
        return words;
    }

    public Length standardUncertainty() {
        return standardUncertainty;
    }

    /** Whether it only says on which side of its size the measured one lies. */
    public boolean onlyBounds() {
        return this == GO_GAUGE || this == NO_GO_GAUGE;
    }
}
