package oldtallow.core.stock;

import java.time.LocalDate;
import java.time.Period;

/** How long things keep on the shelf, dry, dark and cool. Common practice except where said. */
public enum ShelfLife {
    /** Nitrile rubber, group B of ISO 2230: 7 years packed (from memory). */
    NITRILE_SEAL("nitrile seal", 84),
    GREASE_IN_ITS_TIN("grease in its tin", 60),
    WRAPPED_BEARING("bearing in its wrapping", 60),
    PACKED_BEARING_BAGGED("packed bearing in a sealed bag", 24),
    METAL_PART("metal part, oiled", 240);

    private final String words;
    private final int months;

    ShelfLife(String words, int months) {
        this.words = words;
        this.months = months;
    }

    public String words() {
        return words;
    }

    public int months() {
        return months;
    }

    /** The last day it is good, packed or cured on {@code from}. */
    public LocalDate until(LocalDate from) {
        return from.plus(Period.ofMonths(months));
    }
}
