package oldtallow.core.grease;

import java.util.Optional;
import java.util.stream.Stream;

/**
 * The oil a grease is made of; it decides with which others it goes before the thickener does. Letters of DIN 51502, from memory.
 */
public enum BaseOil {
    MINERAL("mineral oil", ""),
    HYDROCARBON("synthetic hydrocarbon oil", "HC"),
    ESTER("ester oil", "E"),
    POLYGLYCOL("polyglycol oil", "PG"),
    SILICONE("silicone oil", "SI"),
    PERFLUORINATED("perfluorinated oil", "FK"),
    PHOSPHATE_ESTER("phosphate ester oil", "PH"),
    OTHER("other synthetic oil", "X"),
    /** The tin's code does not say, or nobody wrote it down. */
    NOT_SAID("base oil not on record", "-");

    private final String words;
    private final String letters;

    BaseOil(String words, String letters) {
        this.words = words;
        this.letters = letters;
    }

    public String words() {
        return words;
    }

    /** Whether it mixes with no oil but its own kind. Common practice. */
    public boolean keepsApart() {
        return switch (this) {
            case POLYGLYCOL, SILICONE, PERFLUORINATED, PHOSPHATE_ESTER, OTHER -> true;
            case MINERAL, HYDROCARBON, ESTER, NOT_SAID -> false;
        };
    }

    /** By the letters of a DIN code, such as HC. */
    static Optional<BaseOil> lettered(String letters) {
        return Stream.of(values())
                .filter(oil -> !letters.isEmpty() && oil.letters.equals(letters))
                .findFirst();
    }
}
