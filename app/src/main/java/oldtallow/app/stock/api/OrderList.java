package oldtallow.app.stock.api;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Stream;
import oldtallow.app.register.api.Register;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.app.stock.api.Kits.KitLine;
import oldtallow.app.stock.model.JobForecasts;
import oldtallow.app.stock.model.PlannedJob;
import oldtallow.app.stock.model.PlannedJobStore;
import oldtallow.app.stock.model.Stocked;
import oldtallow.core.procedure.job.Plan;
import oldtallow.core.refusal.FieldErrors;
import oldtallow.core.stock.Money;
import oldtallow.core.stock.StockKind;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is to be ordered: for all planned jobs together, and to fill the shelf up again. */
@Service
public class OrderList {

    private final PlannedJobStore store;
    private final Shelf shelf;
    private final Register register;
    private final Kits kits;
    private final JobForecasts forecasts;
    private final Clock clock;

    OrderList(PlannedJobStore store, Shelf shelf, Register register, Kits kits, JobForecasts forecasts, Clock clock) {
        this.store = store;
        this.shelf = shelf;
        this.register = register;
        this.kits = kits;
        this.forecasts = forecasts;
        this.clock = clock;
    }

    /** A planned job and its kit. */
    public record Planned(PlannedJob job, WheelEnd wheelEnd, Kits.Held kit) {}

    /** A running job and what it called for on the way. */
    public record CalledFor(JobForecasts.CalledFor job, List<KitLine> lines) {}

    /** So many of a thing to order. */
    public record Line(StockKind kind, String designation, String supplier, Money price, int pieces) {

        public Money cost() {
            return price.times(pieces);
        }
    }

    /** Planned jobs, what running ones called for, and what is short with both counted in. */
    public record Orders(List<Planned> planned, List<CalledFor> calledFor, List<Line> lines) {}

    /** Plans a job; an earlier plan for the wheel end is replaced. */
    @Transactional
    public void plan(PlannedJob job) {
        WheelEnd end = register.wheelEnd(job.wheelEndId());
        var errors = new FieldErrors();
        if (job.wantedOn().isBefore(LocalDate.now(clock))) {
            errors.add("wantedOn", job.wantedOn(), "is over; give a day from today on");
        }
        if (!job.scope().isPossibleOn(end.construction(), end.fittings())) {
            errors.add(
                    "scope",
                    job.scope(),
                    "cannot be done on a " + end.construction().words());
        }
        errors.throwIfAny();
        store.put(job);
    }

    @Transactional
    public void drop(UUID id) {
        store.remove(id);
    }

    @Transactional(readOnly = true)
    public Orders orders() {
        List<Stocked> stock = shelf.all();
        List<Planned> planned =
                store.all().stream().map(job -> planned(job, stock)).toList();
        List<CalledFor> calledFor = forecasts.calledFor().stream()
                .map(job -> new CalledFor(job, kits.lines(job.parts(), job.end().id(), stock)))
                .toList();
        Map<UUID, Integer> needed = new HashMap<>();
        Map<KitLine, Integer> unknown = new HashMap<>();
        Stream.concat(
                        planned.stream().map(one -> one.kit().lines()),
                        calledFor.stream().map(CalledFor::lines))
                .flatMap(List::stream)
                .forEach(line -> line.stocked()
                        .ifPresentOrElse(
                                stocked -> needed.merge(stocked.item().id(), 1, Integer::sum),
                                () -> unknown.merge(line, 1, Integer::sum)));
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
        unknown.forEach((line, pieces) -> lines.add(new Line(line.kind(), line.words(), "", Money.ZERO, pieces)));
        return new Orders(planned, calledFor, List.copyOf(lines));
    }

    private Planned planned(PlannedJob job, List<Stocked> stock) {
        WheelEnd end = register.wheelEnd(job.wheelEndId());
        Plan plan = forecasts
                .forecast(end.id(), job.scope(), forecasts.usual().with(job.hubBrings()))
                .plan();
        return new Planned(job, end, kits.kit(plan, end.id(), stock));
    }
}
