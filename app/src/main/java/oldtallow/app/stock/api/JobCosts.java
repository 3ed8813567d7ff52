package oldtallow.app.stock.api;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import oldtallow.app.identity.api.Workshops;
import oldtallow.app.identity.model.Rates;
import oldtallow.app.register.api.Assembly;
import oldtallow.app.register.api.GreaseFills;
import oldtallow.app.register.api.Register;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.app.stock.api.Kits.KitLine;
import oldtallow.app.stock.model.JobForecasts;
import oldtallow.app.stock.model.JobForecasts.JobForecast;
import oldtallow.app.stock.model.Stocked;
import oldtallow.core.grease.Filling;
import oldtallow.core.hub.Construction;
import oldtallow.core.hub.Fittings.CavityFill;
import oldtallow.core.procedure.brief.Choices;
import oldtallow.core.procedure.brief.Choices.HubBrings;
import oldtallow.core.procedure.brief.Scope;
import oldtallow.core.procedure.job.Plan;
import oldtallow.core.procedure.step.Supply;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.stock.JobCost;
import oldtallow.core.stock.JobCost.For;
import oldtallow.core.stock.JobCost.Line;
import oldtallow.core.stock.Money;
import oldtallow.core.stock.PutOff;
import oldtallow.core.stock.StockKind;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the jobs cost that a wheel end could have, by the prices of the shelf and the workshop's rates. */
@Service
public class JobCosts {

    private static final List<Scope> BESIDE_EACH_OTHER =
            List.of(Scope.ADJUST, Scope.REPACK, Scope.RENEW, Scope.EXCHANGE);

    private static final int MOST_DAYS = 365;

    private final Register register;
    private final Assembly assembly;
    private final JobForecasts forecasts;
    private final Shelf shelf;
    private final Kits kits;
    private final GreaseFills greasings;
    private final Workshops workshops;

    JobCosts(
            Register register,
            Assembly assembly,
            JobForecasts forecasts,
            Shelf shelf,
            Kits kits,
            GreaseFills greasings,
            Workshops workshops) {
        this.register = register;
        this.assembly = assembly;
        this.forecasts = forecasts;
        this.shelf = shelf;
        this.kits = kits;
        this.greasings = greasings;
        this.workshops = workshops;
    }

    /**
     * One of the jobs.
     *
     * @param fromPastJobs how many past jobs its time is the middle of; 0 for common practice
     * @param missing what does not lie on the shelf, so that the job waits for it
     * @param putOff what it grows to; empty where it cannot get worse
     */
    public record Alternative(JobCost cost, int fromPastJobs, List<String> missing, Optional<PutOff> putOff) {}

    /**
     * All of them.
     *
     * @param rates empty where the workshop has set none
     */
    public record Alternatives(List<Alternative> jobs, Optional<Rates> rates) {

        /** What it costs that the rig stands and waits for so many days, 0 to 365; empty where no rate is set. */
        public Optional<Money> standing(int days) {
            if (days < 0 || days > MOST_DAYS) {
                throw new OutOfRangeException(EnteredQuantity.DAYS_OF_WAITING, days, "0 to 365");
            }
            return rates.map(one -> one.standingDay().times(days));
        }

        /** By how much one that is put off gets dearer; empty where either is not known to the end. */
        public Optional<Money> dearer(Alternative now) {
            Optional<Alternative> then = now.putOff()
                    .flatMap(later -> jobs.stream()
                            .filter(one -> one.cost().scope() == later.then())
                            .findFirst());
            return then.filter(one -> one.cost().isWhole() && now.cost().isWhole())
                    .map(one -> one.cost().total().cents() - now.cost().total().cents())
                    .filter(cents -> cents > 0)
                    .map(Money::new);
        }
    }

    /**
     * What adjusting, repacking, renewing and exchanging would cost.
     *
     * @param hubBrings what a new hub would bring; as the workshop usually has it where nobody says
     */
    @Transactional(readOnly = true)
    public Alternatives of(UUID wheelEndId, Optional<HubBrings> hubBrings) {
        Choices usual = forecasts.usual();
        Choices choices = hubBrings.map(usual::with).orElse(usual);
        WheelEnd end = register.wheelEnd(wheelEndId);
        List<Stocked> stock = shelf.all();
        Optional<Rates> rates = workshops.rates();
        return new Alternatives(
                BESIDE_EACH_OTHER.stream()
                        .filter(scope -> scope.isPossibleOn(end.construction()))
                        .map(scope -> alternative(end, scope, choices, stock, rates))
                        .toList(),
                rates);
    }

    private Alternative alternative(
            WheelEnd end, Scope scope, Choices choices, List<Stocked> stock, Optional<Rates> rates) {
        JobForecast forecast = forecasts.forecast(end.id(), scope, choices);
        List<KitLine> kit = kits.kit(forecast.plan(), end.id(), stock).lines();
        List<Line> lines = new ArrayList<>();
        kit.forEach(line -> lines.add(new Line(
                For.PART,
                line.part().words() + (line.designation().isEmpty() ? "" : " " + line.designation()),
                line.stocked().map(one -> one.item().price()))));
        lines.addAll(consumables(end, forecast.plan(), stock, rates));
        return new Alternative(
                new JobCost(scope, lines, forecast.takes(), rates.map(Rates::hour)),
                forecast.fromPastJobs(),
                kit.stream()
                        .filter(line ->
                                line.stocked().filter(one -> one.good() > 0).isEmpty())
                        .map(KitLine::words)
                        .toList(),
                PutOff.of(scope, end.construction()));
    }

    private List<Line> consumables(WheelEnd end, Plan plan, List<Stocked> stock, Optional<Rates> rates) {
        List<Line> lines = new ArrayList<>();
        boolean usesGrease =
                plan.supplies().values().stream().anyMatch(supplies -> supplies.contains(Supply.WHEEL_BEARING_GREASE));
        if (usesGrease && end.build().fittings().cavity() != CavityFill.OIL) {
            double grams = Filling.of(
                            assembly.section(end.id()).shape(),
                            end.build().fittings().cavity(),
                            false,
                            end.construction() == Construction.GREASE_THROUGH)
                    .total()
                    .grams()
                    .middle();
            lines.add(new Line(
                    For.CONSUMABLE,
                    "grease, about " + Math.round(grams) + " g",
                    tin(end, stock).map(one -> price(one, grams))));
        }
        lines.add(new Line(For.CONSUMABLE, "rags, solvent, oil", rates.map(Rates::sundries)));
        return lines;
    }

    private static Money price(Stocked tin, double grams) {
        int content = tin.item().tin().orElseThrow().grams();
        return tin.item().price().share(grams, content);
    }

    /** The grease that is in it, where the shelf has that; else the first it has. */
    private Optional<Stocked> tin(WheelEnd end, List<Stocked> stock) {
        Optional<String> inIt =
                greasings.last(end.id()).map(fill -> fill.grease().name());
        Stream<Stocked> tins = stock.stream()
                .filter(one -> one.item().kind() == StockKind.GREASE
                        && one.item().tin().isPresent());
        List<Stocked> all = tins.toList();
        return all.stream()
                .filter(one ->
                        inIt.filter(one.item().designation()::equalsIgnoreCase).isPresent())
                .findFirst()
                .or(() -> all.stream().findFirst());
    }
}
