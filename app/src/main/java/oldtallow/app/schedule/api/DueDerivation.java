package oldtallow.app.schedule.api;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import oldtallow.app.register.api.IntervalLadders;
import oldtallow.app.schedule.model.DueBasis;
import oldtallow.app.schedule.model.DueStore.NextDue;
import oldtallow.app.schedule.model.DueStore.Rank;
import oldtallow.core.schedule.almanac.Almanac;
import oldtallow.core.schedule.almanac.Due;
import oldtallow.core.schedule.almanac.GoverningRule;
import oldtallow.core.schedule.almanac.WorkTime;
import oldtallow.core.schedule.figure.FigureValue;
import oldtallow.core.schedule.figure.GoverningFigure;
import oldtallow.core.schedule.interval.Duty;
import oldtallow.core.schedule.interval.Severity;
import oldtallow.core.schedule.interval.Upkeep;

/** Works out dues by the rules of one moment. Rules that hold at many wheel ends alike are put together once. */
final class DueDerivation {

    private final Ladders ladders;
    /** By the ladder itself: one that holds at many wheel ends is the same object there. */
    private final IdentityHashMap<List<GoverningFigure<FigureValue>>, Map<Hard, List<GoverningRule>>> rules =
            new IdentityHashMap<>();

    private record Hard(Set<Severity> uses, Duty duty) {}

    DueDerivation(IntervalLadders ladders) {
        this(ladders::at);
    }

    /** By other rules than those on file. */
    DueDerivation(Ladders ladders) {
        this.ladders = ladders;
    }

    /** Intervals that could govern at a wheel end, the governing one first. */
    @FunctionalInterface
    interface Ladders {

        List<GoverningFigure<FigureValue>> at(UUID rigId, UUID axleId, UUID wheelEndId, Upkeep upkeep);
    }

    /** A wheel end with what falls due at it, most pressing first. */
    record EndDues(DueBasis.End end, List<GoverningRule> rules, List<Due> dues) {

        private LocalDate attentionOn() {
            return dues.isEmpty() ? end.builtOn() : dues.getFirst().attentionOn();
        }
    }

    List<EndDues> dues(DueBasis basis) {
        List<EndDues> dues = new ArrayList<>(basis.ends().size());
        for (DueBasis.End end : basis.ends()) {
            List<GoverningFigure<FigureValue>> ladder = ladders.at(basis.rigId(), end.axleId(), end.id(), end.upkeep());
            List<GoverningRule> governing = rules.computeIfAbsent(ladder, found -> new HashMap<>())
                    .computeIfAbsent(
                            new Hard(basis.severity(), end.upkeep().duty()),
                            hard -> GoverningRule.among(ladder, hard.uses(), hard.duty()));
            dues.add(new EndDues(end, governing, Almanac.dues(governing, end.history(), basis.use())));
        }
        return dues;
    }

    /** How a rig is sorted, and what is due first at its wheel ends. */
    Rank rank(DueBasis basis) {
        List<EndDues> dues = dues(basis);
        EndDues worst = dues.stream()
                .min(Comparator.comparing((EndDues one) -> one.end().urgency()).thenComparing(EndDues::attentionOn))
                .orElseThrow(() -> new IllegalStateException("a rig without wheel ends: " + basis.rigId()));
        return new Rank(
                worst.end().urgency(),
                worst.attentionOn(),
                basis.rigId(),
                dues.stream()
                        .filter(one -> !one.dues().isEmpty())
                        .map(one -> next(one.end(), one.dues().getFirst()))
                        .toList());
    }

    private static NextDue next(DueBasis.End end, Due due) {
        return new NextDue(end.id(), due.action(), due.when().likely(), (int)
                WorkTime.usual(due.action(), end.construction()).toMinutes());
    }
}
