package oldtallow.app.stock.web;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.stock.api.JobCosts;
import oldtallow.app.stock.api.JobCosts.Alternative;
import oldtallow.app.stock.api.JobCosts.Alternatives;
import oldtallow.core.procedure.brief.Choices.HubBrings;
import oldtallow.core.procedure.brief.Scope;
import oldtallow.core.refusal.FieldErrors;
import oldtallow.core.stock.JobCost;
import oldtallow.core.stock.Money;
import oldtallow.core.stock.PutOff;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
class JobCostController {

    private final JobCosts costs;

    JobCostController(JobCosts costs) {
        this.costs = costs;
    }

    /** What the jobs cost that this wheel end could have, a new hub bringing so much, and what waiting costs. */
    @GetMapping("/api/v1/wheel-ends/{id}/job-costs")
    JobCostsView of(
            @PathVariable UUID id,
            @RequestParam(defaultValue = "2") int waitingDays,
            @RequestParam(required = false) @Nullable HubBrings hubBrings) {
        Alternatives all = costs.of(id, Optional.ofNullable(hubBrings));
        var errors = new FieldErrors();
        @Nullable
        BigDecimal standing = errors.at(
                "waitingDays",
                () -> all.standing(waitingDays).map(Money::amount).orElse(null));
        errors.throwIfAny();
        return new JobCostsView(
                all.jobs().stream().map(one -> JobCostView.of(one, all)).toList(),
                all.rates().map(rates -> rates.hour().amount()).orElse(null),
                standing);
    }

    /** {@code hour} and {@code standing}, over the days asked about, are null where the workshop has set no rates. */
    record JobCostsView(
            List<JobCostView> jobs,
            @Nullable BigDecimal hour,
            @Nullable BigDecimal standing) {}

    /**
     * One of the jobs.
     *
     * @param labour null where no hourly rate is set
     * @param total of what has a price
     * @param whole whether nothing is left out of the total
     * @param missing what does not lie on the shelf
     */
    record JobCostView(
            Scope scope,
            String scopeWords,
            BigDecimal parts,
            BigDecimal consumables,
            @Nullable BigDecimal labour,
            BigDecimal total,
            boolean whole,
            List<String> unpriced,
            long minutes,
            int fromPastJobs,
            List<CostLineView> lines,
            List<String> missing,
            @Nullable PutOffView putOff) {

        static JobCostView of(Alternative one, Alternatives all) {
            JobCost cost = one.cost();
            return new JobCostView(
                    cost.scope(),
                    cost.scope().words(),
                    cost.of(JobCost.For.PART).amount(),
                    cost.of(JobCost.For.CONSUMABLE).amount(),
                    cost.labour().map(Money::amount).orElse(null),
                    cost.total().amount(),
                    cost.isWhole(),
                    cost.unpriced(),
                    Math.max(1, cost.time().toMinutes()),
                    one.fromPastJobs(),
                    cost.lines().stream().map(CostLineView::of).toList(),
                    one.missing(),
                    one.putOff()
                            .map(later -> PutOffView.of(
                                    later, all.dearer(one).map(Money::amount).orElse(null)))
                            .orElse(null));
        }
    }

    /** {@code price} is null where none is known. */
    record CostLineView(
            JobCost.For use, String what, @Nullable BigDecimal price) {

        static CostLineView of(JobCost.Line line) {
            return new CostLineView(
                    line.use(), line.what(), line.price().map(Money::amount).orElse(null));
        }
    }

    /** What it grows to when it is put off; {@code dearer} is null where that is not known. */
    record PutOffView(
            String thenWords, String why, @Nullable BigDecimal dearer) {

        static PutOffView of(PutOff later, @Nullable BigDecimal dearer) {
            return new PutOffView(later.then().words(), later.why(), dearer);
        }
    }
}
