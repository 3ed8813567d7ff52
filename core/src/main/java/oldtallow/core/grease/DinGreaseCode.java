package oldtallow.core.grease;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import oldtallow.core.quantity.EnteredQuantity;

/**
 * Rolling-bearing grease by DIN 51825, marked by DIN 51502, such as KP2K-30 or KPHC2N-40 (both from memory).
 *
 * @param extremePressure P: wear and extreme-pressure additives
 * @param solidLubricant F: graphite, molybdenum disulfide or the like
 * @param oil it is made of; mineral where no letters stand
 * @param grades its consistency, or both it lies between
 * @param top letter for the highest temperature and the behaviour in water
 * @param low lowest temperature, °C
 */
public record DinGreaseCode(
        boolean extremePressure,
        boolean solidLubricant,
        BaseOil oil,
        List<NlgiGrade> grades,
        Top top,
        Optional<Integer> low,
        List<Piece> pieces)
        implements GreaseCode {

    private static final Pattern HEAD = Pattern.compile("K");
    private static final Pattern ADDITIVES = Pattern.compile("PF(?!K)|FP|F(?!K)|P(?!G|H(?!C))");
    private static final Pattern BASE_OIL = Pattern.compile("HC|PG|SI|FK|PH|E|X");
    private static final Pattern GRADE = Pattern.compile("000|00|[0-6]");
    private static final Pattern NEXT_GRADE = Pattern.compile("/(000|00|[0-6])");
    private static final Pattern TOP = Pattern.compile("[CDEFGHKMNPRSTU]");
    private static final Pattern LOW = Pattern.compile("-?[1-6]0");

    public DinGreaseCode {
        grades = List.copyOf(grades);
        pieces = List.copyOf(pieces);
    }

    /** Highest temperature and behaviour in water (DIN 51807-1, classes 0 none to 3 strong change, at 40 or 90 °C). */
    public enum Top {
        C(60, "0 or 1 at 40 °C"),
        D(60, "2 or 3 at 40 °C"),
        E(80, "0 or 1 at 40 °C"),
        F(80, "2 or 3 at 40 °C"),
        G(100, "0 or 1 at 90 °C"),
        H(100, "2 or 3 at 90 °C"),
        K(120, "0 or 1 at 90 °C"),
        M(120, "2 or 3 at 90 °C"),
        N(140, AGREED),
        P(160, AGREED),
        R(180, AGREED),
        S(200, AGREED),
        T(220, AGREED),
        U(220, AGREED);

        private final int celsius;
        private final String water;

        Top(int celsius, String water) {
            this.celsius = celsius;
            this.water = water;
        }

        public int celsius() {
            return celsius;
        }

        /** Whether water hardly changes it. */
        public boolean standsWater() {
            return water.startsWith("0");
        }

        String words() {
            return (this == U ? "above 220" : "to " + celsius) + " °C; water class " + water;
        }
    }

    private static final String AGREED = "by agreement: ask its data sheet";

    /** Reads a code in capitals. */
    static DinGreaseCode parse(String code) {
        var reader = new CodeReader(EnteredQuantity.DIN_51825_CODE, code);
        List<Piece> pieces = new ArrayList<>();
        pieces.add(new Piece(reader.require(HEAD, "K for a rolling-bearing grease"), "rolling-bearing grease"));
        String additives = reader.next(ADDITIVES).orElse("");
        if (additives.contains("P")) {
            pieces.add(new Piece("P", "additives against wear and for extreme pressure"));
        }
        if (additives.contains("F")) {
            pieces.add(new Piece("F", "solid lubricant, such as graphite or molybdenum disulfide"));
        }
        BaseOil oil = reader.next(BASE_OIL)
                .map(letters -> {
                    BaseOil lettered = BaseOil.lettered(letters).orElseThrow();
                    pieces.add(new Piece(letters, lettered.words()));
                    return lettered;
                })
                .orElse(BaseOil.MINERAL);
        List<NlgiGrade> grades = new ArrayList<>();
        grades.add(grade(reader, reader.require(GRADE, "an NLGI grade, 000 to 6")));
        reader.next(NEXT_GRADE).ifPresent(next -> grades.add(grade(reader, next.substring(1))));
        NlgiGrade first = grades.getFirst();
        pieces.add(
                grades.size() == 1
                        ? new Piece(first.number(), "NLGI " + first.number() + ", " + first.words())
                        : new Piece(
                                first.number() + "/" + grades.getLast().number(),
                                "between NLGI " + first.number() + " and "
                                        + grades.getLast().number()));
        Top top = Top.valueOf(reader.require(
                TOP,
                "a temperature letter, one of "
                        + Stream.of(Top.values()).map(Top::name).collect(Collectors.joining(" "))));
        pieces.add(new Piece(top.name(), top.words()));
        Optional<Integer> low = reader.next(LOW).map(DinGreaseCode::degrees);
        low.ifPresent(celsius -> pieces.add(new Piece(celsius.toString(), "down to " + celsius + " °C")));
        reader.end();
        return new DinGreaseCode(additives.contains("P"), additives.contains("F"), oil, grades, top, low, pieces);
    }

    private static NlgiGrade grade(CodeReader reader, String number) {
        return NlgiGrade.numbered(number).orElseThrow(() -> reader.broken("an NLGI grade, 000 to 6"));
    }

    private static int degrees(String low) {
        return -Integer.parseInt(low.replace("-", ""));
    }

    /** Empty where it lies between two. */
    @Override
    public Optional<NlgiGrade> grade() {
        return grades.size() == 1 ? Optional.of(grades.getFirst()) : Optional.empty();
    }

    @Override
    public Optional<Boolean> forWheelBearings() {
        return Optional.of(true); // K: for rolling bearings
    }

    @Override
    public Optional<Integer> coldest() {
        return low;
    }

    @Override
    public Optional<Integer> hottest() {
        return top == Top.U ? Optional.empty() : Optional.of(top.celsius()); // above 220, by how much is left open
    }

    @Override
    public Optional<Boolean> standsWater() {
        return Optional.of(top.standsWater());
    }

    @Override
    public Optional<Boolean> standsPressure() {
        return Optional.of(extremePressure);
    }
}
