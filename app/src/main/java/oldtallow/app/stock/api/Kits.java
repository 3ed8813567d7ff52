package oldtallow.app.stock.api;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.register.api.FittedParts;
import oldtallow.app.register.model.FittedPart;
import oldtallow.app.register.model.PartPlace;
import oldtallow.app.stock.model.Stocked;
import oldtallow.core.hub.part.Part;
import oldtallow.core.procedure.job.Plan;
import oldtallow.core.stock.Kit;
import oldtallow.core.stock.StockKind;
import org.springframework.stereotype.Component;

/** What a job needs, held against what is fitted and what lies on the shelf. */
@Component
public class Kits {

    private final FittedParts fitted;

    Kits(FittedParts fitted) {
        this.fitted = fitted;
    }

    /**
     * The parts of a job.
     *
     * @param saved parts bought kits rarely hold: the old ones are saved
     */
    public record Held(List<KitLine> lines, List<Part> saved) {}

    /**
     * A part of a kit.
     *
     * @param designation as fitted now; empty where nobody has written it down
     * @param stocked the thing on the shelf it is; empty where the shelf keeps none
     */
    public record KitLine(Part part, StockKind kind, String designation, Optional<Stocked> stocked) {

        /** As it is asked for. */
        public String words() {
            return designation.isEmpty() ? part.words() + ", size not on record" : designation;
        }
    }

    /** The kit of a job on a wheel end. */
    public Held kit(Plan plan, UUID wheelEndId, List<Stocked> stock) {
        List<FittedPart> parts = fitted.fittedTo(wheelEndId);
        Kit kit = Kit.of(plan);
        return new Held(
                lines(kit.needs(), parts, stock),
                kit.lines().stream()
                        .filter(line -> !line.why().isBought())
                        .map(Kit.Line::part)
                        .toList());
    }

    /** Single parts of a wheel end; those no shop has a kind for are left out. */
    public List<KitLine> lines(List<Part> wanted, UUID wheelEndId, List<Stocked> stock) {
        return lines(Kit.needs(wanted), fitted.fittedTo(wheelEndId), stock);
    }

    private static List<KitLine> lines(List<Kit.Need> needs, List<FittedPart> parts, List<Stocked> stock) {
        return needs.stream().map(need -> line(need, parts, stock)).toList();
    }

    private static KitLine line(Kit.Need need, List<FittedPart> parts, List<Stocked> stock) {
        String designation = need.part() == Part.HUB
                ? hub(parts)
                : PartPlace.of(need.part()).flatMap(place -> at(place, parts)).orElse("");
        Optional<Stocked> stocked = stock.stream()
                .filter(one -> one.item().kind() == need.kind()
                        && one.item().designation().equalsIgnoreCase(designation))
                .findFirst();
        return new KitLine(need.part(), need.kind(), designation, stocked);
    }

    /** A hub goes by the bearings in it. */
    private static String hub(List<FittedPart> parts) {
        return at(PartPlace.INBOARD_BEARING, parts)
                .flatMap(inboard -> at(PartPlace.OUTBOARD_BEARING, parts)
                        .map(outboard -> "hub with " + inboard + " and " + outboard))
                .orElse("");
    }

    private static Optional<String> at(PartPlace place, List<FittedPart> parts) {
        return parts.stream().filter(part -> part.place() == place).findFirst().map(FittedPart::words);
    }
}
