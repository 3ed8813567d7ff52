package oldtallow.core.stock;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import oldtallow.core.hub.part.Part;
import oldtallow.core.procedure.brief.Scope;
import oldtallow.core.procedure.job.Plan;
import oldtallow.core.procedure.step.PartMove;

/** The parts a job needs to have here before it starts, always-new ones first. */
public record Kit(List<Line> lines) {

    /** Parts of the old hub that bought kits rarely hold (common practice). */
    private static final Set<Part> KITS_LACK =
            Set.of(Part.WASHER, Part.NUT, Part.RETAINER, Part.TANG_WASHER, Part.LOCK_PLATE, Part.OUTER_NUT);

    public Kit {
        lines = List.copyOf(lines);
    }

    /** Why a part is on the list. */
    public enum Why {
        ALWAYS_NEW("always new"),
        RENEWED("renewed by this job"),
        FIRST("first build: everything is new"),
        /** Not bought: the old one is saved and cleaned. */
        SAVED("not in bought kits: save and clean the old one");

        private final String words;

        Why(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }

        public boolean isBought() {
            return this != SAVED;
        }
    }

    /** A part of the kit. */
    public record Line(Part part, Why why) {}

    /**
     * What is bought for it, by kind; cone and cup of one bearing are one set.
     *
     * @param part the cone of a set, else the part itself
     */
    public record Need(StockKind kind, Part part) {}

    /** What has to come from the shelf, always-new parts first. */
    public List<Need> needs() {
        return needs(lines.stream()
                .filter(line -> line.why().isBought())
                .map(Line::part)
                .toList());
    }

    /** What single parts come to on the shelf; those that no shelf keeps are left out. */
    public static List<Need> needs(List<Part> parts) {
        return parts.stream()
                .filter(part -> part != Part.INBOARD_CUP && part != Part.OUTBOARD_CUP)
                .flatMap(part -> StockKind.of(part).map(kind -> new Need(kind, part)).stream())
                .toList();
    }

    public static Kit of(Plan plan) {
        List<Part> always = plan.alwaysNew();
        List<Part> bought = plan.newParts();
        List<Line> lines = new ArrayList<>();
        bought.stream().filter(always::contains).forEach(part -> lines.add(new Line(part, Why.ALWAYS_NEW)));
        Why rest = plan.brief().scope() == Scope.FIRST_BUILD ? Why.FIRST : Why.RENEWED;
        bought.stream().filter(part -> !always.contains(part)).forEach(part -> lines.add(new Line(part, rest)));
        plan.steps().stream()
                .flatMap(step -> step.moves().stream())
                .filter(move -> move.kind() == PartMove.Kind.REFIT && KITS_LACK.contains(move.part()))
                .forEach(move -> lines.add(new Line(move.part(), Why.SAVED)));
        return new Kit(lines);
    }
}
