package oldtallow.app.shelf;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.fitted.FittedPart;
import oldtallow.app.fitted.FittedParts;
import oldtallow.app.fitted.PartPlace;
import oldtallow.app.job.Jobs;
import oldtallow.app.platform.FieldErrors;
import oldtallow.app.platform.NotFoundException;
import oldtallow.app.register.Register;
import oldtallow.app.register.WheelEnd;
import oldtallow.app.shelf.Shelf.Stocked;
import oldtallow.app.walls.Asker;
import oldtallow.core.job.Choices;
import oldtallow.core.part.Part;
import oldtallow.core.store.Kit;
import oldtallow.core.store.Money;
import oldtallow.core.store.StockKind;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is to be ordered: for all planned jobs together, and to fill the shelf up again. */
@Service
public class OrderList {

    private final PlannedJobStore store;
    private final Shelf shelf;
    private final Register register;
    private final FittedParts fitted;
    private final Jobs jobs;
    private final Clock clock;

    OrderList(PlannedJobStore store, Shelf shelf, Register register, FittedParts fitted, Jobs jobs, Clock clock) {
        this.store = store;
        this.shelf = shelf;
        this.register = register;
        this.fitted = fitted;
        this.jobs = jobs;
        this.clock = clock;
    }

    /**
     * A planned job and its kit.
     *
     * @param saved parts bought kits rarely hold: the old ones are saved
     */
    public record Planned(PlannedJob job, WheelEnd wheelEnd, List<KitLine> kit, List<Part> saved) {}

    /**
     * A part of a kit.
     *
     * @param designation as fitted now; empty where nobody has written it down
     * @param stocked the thing on the shelf it is; empty where the shelf keeps none
     */
    public record KitLine(Part part, StockKind kind, String designation, Optional<Stocked> stocked) {}

    /** So many of a thing to order. */
    public record Line(StockKind kind, String designation, String supplier, Money price, int pieces) {

        public Money cost() {
            return price.times(pieces);
        }
    }

    /** Planned jobs, and what is short with them counted in. */
    public record Orders(List<Planned> planned, List<Line> lines) {}

    /** Plans a job; an earlier plan for the wheel end is replaced. */
    @Transactional
    public void plan(PlannedJob job) {
        WheelEnd end = register.wheelEnd(job.wheelEndId());
        var errors = new FieldErrors();
        if (job.wantedOn().isBefore(LocalDate.now(clock))) {
            errors.add("wantedOn", job.wantedOn(), "is over; give a day from today on");
        }
        if (!job.scope().isPossibleOn(end.construction())) {
            errors.add(
                    "scope",
                    job.scope(),
                    "cannot be done on a " + end.construction().words());
        }
        errors.throwIfAny();
        store.put(Asker.now().workshopId(), job);
    }

    @Transactional
    public void drop(UUID id) {
        if (!store.remove(Asker.now().workshopId(), id)) {
            throw new NotFoundException("planned job", id);
        }
    }

    @Transactional(readOnly = true)
    public Orders orders() {
        List<Stocked> stock = shelf.all();
        List<Planned> planned = store.all(Asker.now().workshopId()).stream()
                .map(job -> planned(job, stock))
                .toList();
        Map<UUID, Integer> needed = new HashMap<>();
        Map<KitLine, Integer> unknown = new HashMap<>();
        for (Planned one : planned) {
            for (KitLine line : one.kit()) {
                line.stocked()
                        .ifPresentOrElse(
                                stocked -> needed.merge(stocked.item().id(), 1, Integer::sum),
                                () -> unknown.merge(line, 1, Integer::sum));
            }
        }
        List<Line> lines = new ArrayList<>();
        for (Stocked one : stock) {
            int pieces = needed.getOrDefault(one.item().id(), 0) + one.item().want() - one.good();
            if (pieces > 0) {
                lines.add(new Line(
                        one.item().kind(),
                        one.item().designation(),
                        one.item().supplier(),
                        one.item().price(),
                        pieces));
            }
        }
        unknown.forEach((line, pieces) -> lines.add(new Line(
                line.kind(),
                line.designation().isEmpty() ? line.part().words() + ", size not on record" : line.designation(),
                "",
                Money.ZERO,
                pieces)));
        return new Orders(planned, List.copyOf(lines));
    }

    private Planned planned(PlannedJob job, List<Stocked> stock) {
        WheelEnd end = register.wheelEnd(job.wheelEndId());
        List<FittedPart> parts = fitted.fittedTo(end.id());
        Kit kit = Kit.of(jobs.preview(end.id(), job.scope(), Choices.USUAL).plan());
        return new Planned(
                job,
                end,
                kit.needs().stream().map(need -> line(need, parts, stock)).toList(),
                kit.lines().stream()
                        .filter(line -> !line.why().isBought())
                        .map(Kit.Line::part)
                        .toList());
    }

    private static KitLine line(Kit.Need need, List<FittedPart> parts, List<Stocked> stock) {
        String designation = place(need.part())
                .flatMap(place ->
                        parts.stream().filter(part -> part.place() == place).findFirst())
                .map(FittedPart::words)
                .orElse("");
        Optional<Stocked> stocked = stock.stream()
                .filter(one -> one.item().kind() == need.kind()
                        && one.item().designation().equalsIgnoreCase(designation))
                .findFirst();
        return new KitLine(need.part(), need.kind(), designation, stocked);
    }

    private static Optional<PartPlace> place(Part part) {
        return switch (part) {
            case INBOARD_CONE -> Optional.of(PartPlace.INBOARD_BEARING);
            case OUTBOARD_CONE -> Optional.of(PartPlace.OUTBOARD_BEARING);
            case SEAL -> Optional.of(PartPlace.SEAL);
            case WASHER -> Optional.of(PartPlace.WASHER);
            case NUT -> Optional.of(PartPlace.NUT);
            case COTTER, TAB_WASHER, RETAINER, TANG_WASHER, LOCK_PLATE -> Optional.of(PartPlace.LOCK);
            case CAP -> Optional.of(PartPlace.CAP);
            case SPACER -> Optional.of(PartPlace.SPACER);
            default -> Optional.empty();
        };
    }
}
