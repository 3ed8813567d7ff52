package oldtallow.core.grease;

import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** What a code on a tin says. */
public sealed interface GreaseCode permits DinGreaseCode, IsoGreaseCode, NlgiMark {

    /** Each piece of the code, and what it stands for, in order. */
    List<Piece> pieces();

    /** Consistency, where the code carries it. */
    Optional<NlgiGrade> grade();

    /** Lowest working temperature, °C, where the code carries it. */
    Optional<Integer> coldest();

    /** Highest working temperature, °C, where the code carries it. */
    Optional<Integer> hottest();

    /** Whether it stands water, where the code says so. */
    Optional<Boolean> standsWater();

    /** Whether it holds additives for extreme pressure, where the code says so. */
    Optional<Boolean> standsPressure();

    /** A piece of a code. */
    record Piece(String code, String words) {}

    /**
     * Reads any of the three kinds; throws {@link oldtallow.core.quantity.OutOfRangeException} that says where the code breaks.
     *
     * @param code such as KP2K-30, ISO-L-XCCHB 2, GC-LB or HPM+WR; spaces and small letters do not matter
     */
    static GreaseCode parse(String code) {
        String tidy = code.strip().toUpperCase(Locale.ROOT).replaceAll("\\s+", " ");
        if (tidy.startsWith("ISO") || tidy.startsWith("L-X")) {
            return IsoGreaseCode.parse(tidy);
        }
        return tidy.startsWith("K") ? DinGreaseCode.parse(tidy) : NlgiMark.parse(tidy);
    }
}
