package oldtallow.core.grease;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import oldtallow.core.quantity.EnteredQuantity;

/**
 * Certification mark on a tin: GC, LB and their like by ASTM D4950, or HPM with its additions (both from memory).
 *
 * @param marks as they stand on the tin; none where only a grade does
 * @param grade of NLGI, where it stands beside them
 */
public record NlgiMark(Set<Mark> marks, Optional<NlgiGrade> grade, List<Piece> pieces) implements GreaseCode {

    private static final Pattern GRADE = Pattern.compile("NLGI ?(?:GRADE |NO\\.? ?)?#? ?(000|00|[0-6])(?![0-9])");

    private static final Pattern HPM = Pattern.compile("HPM");
    private static final Pattern ADDITION = Pattern.compile("[ ]?\\+[ ]?(WR|CR|HL|LT)");
    private static final Pattern SERVICE = Pattern.compile("LA|LB|GA|GB|GC");
    private static final Pattern JOIN = Pattern.compile("[- /]*(?=[LG])");

    private static final Set<Mark> WHEEL = EnumSet.of(Mark.GA, Mark.GB, Mark.GC);
    private static final Set<Mark> CHASSIS = EnumSet.of(Mark.LA, Mark.LB);

    public NlgiMark {
        marks = Set.copyOf(marks);
        pieces = List.copyOf(pieces);
    }

    /** Service categories of ASTM D4950: L for chassis, G for wheel bearings. */
    public enum Mark {
        LA("chassis, mild service", Optional.empty(), Optional.empty()),
        LB("chassis, mild to severe service, -40 to 120 °C", Optional.of(-40), Optional.empty()),
        GA("wheel bearings, mild service, -20 to 70 °C", Optional.of(-20), Optional.of(70)),
        GB("wheel bearings, moderate service, -40 to 120 °C", Optional.of(-40), Optional.of(120)),
        GC("wheel bearings, severe service with disc brakes, -40 to 160 °C", Optional.of(-40), Optional.of(160)),
        HPM("high-performance multiuse", Optional.empty(), Optional.empty()),
        WR("stands water", Optional.empty(), Optional.empty()),
        CR("keeps rust away", Optional.empty(), Optional.empty()),
        HL("for high loads", Optional.empty(), Optional.empty()),
        LT("for cold", Optional.empty(), Optional.empty());

        private final String words;
        private final Optional<Integer> coldest;
        private final Optional<Integer> hottest;

        Mark(String words, Optional<Integer> coldest, Optional<Integer> hottest) {
            this.words = words;
            this.coldest = coldest;
            this.hottest = hottest;
        }
    }

    /** Reads a mark in capitals, an NLGI grade before or after it. */
    static NlgiMark parse(String code) {
        List<Piece> pieces = new ArrayList<>();
        Matcher graded = GRADE.matcher(code);
        Optional<NlgiGrade> grade = graded.find() ? NlgiGrade.numbered(graded.group(1)) : Optional.empty();
        grade.ifPresent(one -> pieces.add(new Piece("NLGI " + one.number(), one.words())));
        String rest = grade.isEmpty() ? code : graded.replaceFirst("").strip();
        Set<Mark> marks = EnumSet.noneOf(Mark.class);
        if (grade.isPresent() && rest.isEmpty()) {
            return new NlgiMark(marks, grade, pieces);
        }
        var reader = new CodeReader(EnteredQuantity.NLGI_CODE, rest);
        if (reader.next(HPM).isPresent()) {
            add(marks, pieces, "HPM");
            for (var more = reader.next(ADDITION); more.isPresent(); more = reader.next(ADDITION)) {
                add(marks, pieces, more.get().replaceAll("[ +]", ""));
            }
        } else {
            add(marks, pieces, reader.require(SERVICE, "GA, GB, GC, LA, LB or HPM"));
            reader.next(JOIN);
            reader.next(SERVICE).ifPresent(second -> add(marks, pieces, second));
        }
        reader.end();
        return new NlgiMark(marks, grade, pieces);
    }

    private static void add(Set<Mark> marks, List<Piece> pieces, String name) {
        Mark mark = Mark.valueOf(name);
        marks.add(mark);
        pieces.add(new Piece(name, mark.words));
    }

    /** Chassis greases alone are not: LA and LB. */
    @Override
    public Optional<Boolean> forWheelBearings() {
        if (marks.stream().anyMatch(WHEEL::contains)) {
            return Optional.of(true);
        }
        return marks.stream().anyMatch(CHASSIS::contains) ? Optional.of(false) : Optional.empty();
    }

    @Override
    public Optional<Integer> coldest() {
        return marks.stream().flatMap(mark -> mark.coldest.stream()).min(Integer::compareTo);
    }

    @Override
    public Optional<Integer> hottest() {
        return marks.stream().flatMap(mark -> mark.hottest.stream()).max(Integer::compareTo);
    }

    @Override
    public Optional<Boolean> standsWater() {
        return marks.contains(Mark.WR) ? Optional.of(true) : Optional.empty();
    }

    @Override
    public Optional<Boolean> standsPressure() {
        return marks.contains(Mark.HL) ? Optional.of(true) : Optional.empty();
    }
}
