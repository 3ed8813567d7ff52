package oldtallow.core.grease;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * Certification mark on a tin: GC, LB and their like by ASTM D4950, or HPM with its additions (both from memory).
 *
 * @param marks as they stand on the tin
 */
public record NlgiMark(Set<Mark> marks, List<Piece> pieces) implements GreaseCode {

    private static final Pattern HPM = Pattern.compile("HPM");
    private static final Pattern ADDITION = Pattern.compile("[ ]?\\+[ ]?(WR|CR|HL|LT)");
    private static final Pattern SERVICE = Pattern.compile("LA|LB|GA|GB|GC");
    private static final Pattern JOIN = Pattern.compile("[- /]");

    public NlgiMark {
        marks = Set.copyOf(marks);
        pieces = List.copyOf(pieces);
    }

    /** A mark. */
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

    /** Reads a mark in capitals. */
    static NlgiMark parse(String code) {
        var reader = new CodeReader("NLGI", code);
        Set<Mark> marks = EnumSet.noneOf(Mark.class);
        List<Piece> pieces = new ArrayList<>();
        if (reader.next(HPM).isPresent()) {
            add(marks, pieces, "HPM");
            for (var more = reader.next(ADDITION); more.isPresent(); more = reader.next(ADDITION)) {
                add(marks, pieces, more.get().replaceAll("[ +]", ""));
            }
        } else {
            add(marks, pieces, reader.require(SERVICE, "GA, GB, GC, LA, LB or HPM"));
            if (reader.next(JOIN).isPresent()) {
                add(marks, pieces, reader.require(SERVICE, "GA, GB, GC, LA or LB"));
            }
        }
        reader.end();
        return new NlgiMark(marks, pieces);
    }

    private static void add(Set<Mark> marks, List<Piece> pieces, String name) {
        Mark mark = Mark.valueOf(name);
        marks.add(mark);
        pieces.add(new Piece(name, mark.words));
    }

    @Override
    public Optional<NlgiGrade> grade() {
        return Optional.empty();
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
