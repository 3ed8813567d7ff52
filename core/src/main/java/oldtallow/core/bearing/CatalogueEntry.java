package oldtallow.core.bearing;

/**
 * A set as a catalogue lists it.
 *
 * @param confidence how sure its dimensions are
 * @param source standard, manual or measurement it was taken from, in words; never blank
 */
public record CatalogueEntry(BearingSet set, Confidence confidence, String source) {

    /** How sure the dimensions are. */
    public enum Confidence {
        HIGH,
        /** Guidance only: measure before relying on it. */
        UNCERTAIN
    }

    public CatalogueEntry {
        if (source.isBlank()) {
            throw new IllegalArgumentException("a catalogue entry needs its source in words");
        }
    }
}
