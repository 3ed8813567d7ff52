package oldtallow.app.schedule.api;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.UnaryOperator;
import oldtallow.app.job.api.JobRecords;
import oldtallow.app.register.api.Figures;
import oldtallow.app.register.api.IntervalLadders;
import oldtallow.app.register.api.Register;
import oldtallow.app.register.model.Rig;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.app.schedule.model.DueBasis;
import oldtallow.app.schedule.model.DueStore;
import oldtallow.app.schedule.model.RigAlmanac;
import oldtallow.app.schedule.model.RigUsage;
import oldtallow.app.schedule.model.WheelEndStatus;
import oldtallow.core.refusal.InvalidInputException;
import oldtallow.core.schedule.almanac.RigUse;
import oldtallow.core.schedule.distance.Forecast;
import oldtallow.core.schedule.distance.Odometry;
import oldtallow.core.schedule.distance.UseRate;
import oldtallow.core.schedule.figure.Authority;
import oldtallow.core.schedule.figure.FigureValue;
import oldtallow.core.schedule.figure.FigureValue.Interval;
import oldtallow.core.schedule.figure.GoverningFigure;
import oldtallow.core.schedule.interval.DueRule;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Almanacs of rigs of the workshop that asks, as they are and as they would be. */
@Service
public class RigAlmanacs {

    private static final int MOST_TOLD = 40;
    private static final double LEAST_FACTOR = 0.1;
    private static final double MOST_FACTOR = 10;

    private final Register register;
    private final DueBases bases;
    private final Figures figures;
    private final JobRecords jobs;
    private final ServiceLog services;
    private final DueStore store;
    private final Clock clock;

    RigAlmanacs(
            Register register,
            DueBases bases,
            Figures figures,
            JobRecords jobs,
            ServiceLog services,
            DueStore store,
            Clock clock) {
        this.register = register;
        this.bases = bases;
        this.figures = figures;
        this.jobs = jobs;
        this.services = services;
        this.store = store;
        this.clock = clock;
    }

    /**
     * What could be otherwise.
     *
     * @param rules in place of those on file, for what they speak of; empty for those on file
     * @param useFactor how much more it is used than now, 0.1 to 10
     */
    public record WhatIf(List<DueRule> rules, double useFactor) {

        public static final WhatIf AS_IT_IS = new WhatIf(List.of(), 1);

        public WhatIf {
            rules = List.copyOf(rules);
            if (!(useFactor >= LEAST_FACTOR && useFactor <= MOST_FACTOR)) {
                throw new InvalidInputException("useFactor", useFactor, "must be 0.1 to 10 times its use now");
            }
        }
    }

    @Transactional(readOnly = true)
    public RigAlmanac of(UUID rigId) {
        return of(rigId, WhatIf.AS_IT_IS);
    }

    /** As it would be; nothing is kept. */
    @Transactional(readOnly = true)
    public RigAlmanac of(UUID rigId, WhatIf whatIf) {
        return of(rigId, whatIf, UnaryOperator.identity());
    }

    /** As it would be without one of its trips. */
    @Transactional(readOnly = true)
    public RigAlmanac without(UUID rigId, UUID tripId) {
        return of(rigId, WhatIf.AS_IT_IS, usage -> usage.without(tripId));
    }

    private RigAlmanac of(UUID rigId, WhatIf whatIf, UnaryOperator<RigUsage> otherwise) {
        Rig rig = register.rig(rigId);
        LocalDate today = LocalDate.now(clock);
        List<UUID> ends = rig.wheelEnds().map(WheelEnd::id).toList();
        IntervalLadders onFile = figures.intervals(List.of(rig.inPlan()));
        DueBases.Read read = used(
                Optional.ofNullable(bases.of(List.of(rig), otherwise).get(rigId))
                        .orElseThrow(),
                whatIf.useFactor());
        var reckoning =
                new DueDerivation((of, axle, end, upkeep) -> with(whatIf.rules(), onFile.at(of, axle, end, upkeep)));
        Map<UUID, WheelEndStatus> standings =
                WheelEndStatuses.of(rig.inPlan(), read.basis(), reckoning, jobs.openAt(ends), today);
        return new RigAlmanac(
                rig,
                today,
                read.usage(),
                read.odometry(),
                ends.stream()
                        .map(end -> Optional.ofNullable(standings.get(end)).orElseThrow())
                        .toList(),
                services.of(ends),
                store.told(rigId, MOST_TOLD));
    }

    private static List<GoverningFigure<FigureValue>> with(
            List<DueRule> rules, List<GoverningFigure<FigureValue>> ladder) {
        if (rules.isEmpty()) {
            return ladder;
        }
        List<GoverningFigure<FigureValue>> changed = new ArrayList<>();
        changed.add(new GoverningFigure<>(new Interval(rules), Authority.WORKSHOP, "what if"));
        changed.addAll(ladder);
        return changed;
    }

    private static DueBases.Read used(DueBases.Read read, double factor) {
        Odometry known = read.odometry();
        Optional<UseRate> rate = known.rate().map(one -> one.times(factor));
        DueBasis basis = read.basis();
        Forecast forecast = basis.use().forecast();
        var use = new RigUse(
                new Forecast(forecast.on(), forecast.km(), rate, forecast.trips(), forecast.past()),
                basis.use().water(),
                basis.use().trips());
        return new DueBases.Read(
                new DueBasis(basis.rigId(), basis.severity(), use, basis.ends()),
                read.usage(),
                new Odometry(known.line(), rate, known.trips()));
    }
}
