package oldtallow.core.grease;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import oldtallow.core.quantity.EnteredQuantity;

/**
 * Grease by ISO 6743-9, such as ISO-L-XBEGB 00: four letters for cold, heat, water with rust, and load, then the NLGI grade
 * (from memory).
 *
 * @param low lowest temperature, °C; empty for E, below −40: how far is left open
 * @param high highest temperature, °C; empty for G, above 180
 * @param washing how much water it stands
 * @param rust against what it keeps rust away
 */
public record IsoGreaseCode(
        Optional<Integer> low,
        Optional<Integer> high,
        Washing washing,
        Rust rust,
        boolean extremePressure,
        NlgiGrade nlgi,
        List<Piece> pieces)
        implements GreaseCode {

    private static final Pattern HEAD = Pattern.compile("(ISO[- ])?L-X");
    private static final Pattern COLD = Pattern.compile("[A-E]");
    private static final Pattern HEAT = Pattern.compile("[A-G]");
    private static final Pattern WATER = Pattern.compile("[A-I]");
    private static final Pattern LOAD = Pattern.compile("[AB]");
    private static final Pattern GRADE = Pattern.compile("[ -]?(000|00|[0-6])");
    private static final List<Integer> COLDS = List.of(0, -20, -30, -40);
    private static final List<Integer> HEATS = List.of(60, 90, 120, 140, 160, 180);

    public IsoGreaseCode {
        pieces = List.copyOf(pieces);
    }

    /** Water it meets. */
    public enum Washing {
        DRY("dry"),
        HUMID("in damp air"),
        WASHED("under washing water");

        private final String words;

        Washing(String words) {
            this.words = words;
        }
    }

    /** Rust it keeps away. */
    public enum Rust {
        NONE("no rust protection"),
        FRESH_WATER("against rust from fresh water"),
        SALT_WATER("against rust from salt water");

        private final String words;

        Rust(String words) {
            this.words = words;
        }
    }

    /** Reads a code in capitals. */
    static IsoGreaseCode parse(String code) {
        var reader = new CodeReader(EnteredQuantity.ISO_6743_9_CODE, code);
        List<Piece> pieces = new ArrayList<>();
        pieces.add(new Piece(reader.require(HEAD, "ISO-L-X"), "lubricant, grease"));
        String cold = reader.require(COLD, "a letter for cold, A to E");
        Optional<Integer> low = at(COLDS, cold);
        pieces.add(
                new Piece(cold, low.map(celsius -> "down to " + celsius + " °C").orElse("below -40 °C")));
        String heat = reader.require(HEAT, "a letter for heat, A to G");
        Optional<Integer> high = at(HEATS, heat);
        pieces.add(
                new Piece(heat, high.map(celsius -> "up to " + celsius + " °C").orElse("above 180 °C")));
        String water = reader.require(WATER, "a letter for water and rust, A to I");
        int wet = water.charAt(0) - 'A';
        Washing washing = Washing.values()[wet / 3];
        Rust rust = Rust.values()[wet % 3];
        pieces.add(new Piece(water, washing.words + ", " + rust.words));
        String load = reader.require(LOAD, "A or B for load");
        boolean extremePressure = load.equals("B");
        pieces.add(new Piece(load, extremePressure ? "for extreme pressure" : "not for extreme pressure"));
        NlgiGrade grade = NlgiGrade.numbered(
                        reader.require(GRADE, "an NLGI grade, 000 to 6").replaceAll("[ -]", ""))
                .orElseThrow(() -> reader.broken("an NLGI grade, 000 to 6"));
        pieces.add(new Piece(grade.number(), "NLGI " + grade.number() + ", " + grade.words()));
        reader.end();
        return new IsoGreaseCode(low, high, washing, rust, extremePressure, grade, pieces);
    }

    /** The letter's figure; empty where the last letter leaves it open. */
    private static Optional<Integer> at(List<Integer> figures, String letter) {
        int place = letter.charAt(0) - 'A';
        return place < figures.size() ? Optional.of(figures.get(place)) : Optional.empty();
    }

    @Override
    public Optional<NlgiGrade> grade() {
        return Optional.of(nlgi);
    }

    @Override
    public Optional<Integer> coldest() {
        return low;
    }

    @Override
    public Optional<Integer> hottest() {
        return high;
    }

    @Override
    public Optional<Boolean> standsWater() {
        return Optional.of(washing == Washing.WASHED);
    }

    @Override
    public Optional<Boolean> standsPressure() {
        return Optional.of(extremePressure);
    }
}
