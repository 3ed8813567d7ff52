package oldtallow.core.grease;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/** What a code on a tin says. */
public sealed interface GreaseCode permits DinGreaseCode, IsoGreaseCode, NlgiMark {

    /** Hyphens, dashes and the minus sign. */
    Pattern DASHES = Pattern.compile("[\u2010-\u2015\u2212\uFE58\uFE63\uFF0D]");
    /** The standard's own name before the code. */
    Pattern STANDARD = Pattern.compile("^(DIN ?51 ?(825|502)|ASTM ?D ?-?4950|ISO ?6743-9)[ :,-]*");

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

    /** The oil it is made of, where the code says so. */
    default BaseOil oil() {
        return BaseOil.NOT_SAID;
    }

    /** Whether it is meant for wheel bearings, where the code says so. */
    default Optional<Boolean> forWheelBearings() {
        return Optional.empty();
    }

    /** A piece of a code. */
    record Piece(String code, String words) {}

    /**
     * Reads any of the three kinds; throws {@link oldtallow.core.quantity.OutOfRangeException} that says where the code breaks.
     *
     * @param code as people print it: KP2K-30, KP 2 K-30, DIN 51825 KP2K-30, ISO-L-XCCHB 2, GC-LB, NLGI #2 GCLB or HPM+WR; spaces,
     *     small letters and any kind of dash do not matter
     */
    static GreaseCode parse(String code) {
        String tidy = DASHES.matcher(code.strip().toUpperCase(Locale.ROOT).replaceAll("\\s+", " "))
                .replaceAll("-");
        String plain = STANDARD.matcher(tidy).replaceFirst("");
        if (plain.startsWith("ISO") || plain.startsWith("L-X")) {
            return IsoGreaseCode.parse(plain);
        }
        return plain.startsWith("K") ? DinGreaseCode.parse(plain.replace(" ", "")) : NlgiMark.parse(plain);
    }
}
