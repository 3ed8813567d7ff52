package oldtallow.app.schedule.api;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.app.schedule.model.RigAlmanac;
import oldtallow.app.schedule.model.Trip;
import oldtallow.app.schedule.model.TripPlan;
import oldtallow.app.schedule.model.TripPlan.Advised;
import oldtallow.app.schedule.model.TripPlan.Doubted;
import oldtallow.app.schedule.model.WheelEndStatus;
import oldtallow.core.schedule.almanac.Due;
import oldtallow.core.schedule.interval.DueAction;
import oldtallow.core.travel.trip.FeelStop;
import oldtallow.core.travel.trip.Stretch;
import oldtallow.core.travel.trip.TripAdvice;
import oldtallow.core.travel.trip.TripDoubt;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Plans trips of rigs of the workshop that asks. */
@Service
public class TripPlans {

    private final Usage usage;
    private final RigAlmanacs almanacs;
    private final WarmthLog warmth;
    private final CarryLists carrying;

    TripPlans(Usage usage, RigAlmanacs almanacs, WarmthLog warmth, CarryLists carrying) {
        this.usage = usage;
        this.almanacs = almanacs;
        this.warmth = warmth;
        this.carrying = carrying;
    }

    private record Alike(TripAdvice advice, Optional<LocalDate> without) {}

    private record At(UUID wheelEndId, DueAction action) {}

    @Transactional(readOnly = true)
    public TripPlan of(UUID tripId) {
        Trip trip = usage.trip(tripId);
        RigAlmanac almanac = almanacs.of(trip.rigId());
        List<Stretch> legs = trip.legs().stream().map(TripPlans::stretch).toList();
        List<Advised> advice = advice(trip, legs, almanac, likely(almanacs.without(trip.rigId(), tripId)));
        return new TripPlan(
                trip,
                almanac.rig(),
                almanac.today(),
                trip.state() == Trip.State.PLANNED ? doubts(almanac) : List.of(),
                advice,
                stops(trip, legs),
                warmth.ofTrip(tripId),
                carrying.of(almanac.rig(), advice, almanac.today()));
    }

    private static List<Doubted> doubts(RigAlmanac almanac) {
        Map<UUID, WheelEnd> ends = byId(almanac);
        Map<TripDoubt, List<WheelEnd>> alike = new EnumMap<>(TripDoubt.class);
        for (WheelEndStatus standing : almanac.standings()) {
            WheelEnd end =
                    Optional.ofNullable(ends.get(standing.wheelEnd().id())).orElseThrow();
            boolean isSet = standing.lastSetting().isPresent()
                    || !end.build().fittings().setsByNut();
            TripDoubt.of(standing.state(), isSet, standing.openJobId() != null)
                    .ifPresent(doubt -> alike.computeIfAbsent(doubt, one -> new ArrayList<>())
                            .add(end));
        }
        return alike.entrySet().stream()
                .map(one -> new Doubted(one.getValue(), one.getKey()))
                .toList();
    }

    private static Map<UUID, WheelEnd> byId(RigAlmanac almanac) {
        return almanac.rig().wheelEnds().collect(Collectors.toMap(WheelEnd::id, Function.identity()));
    }

    private static List<Advised> advice(Trip trip, List<Stretch> legs, RigAlmanac almanac, Map<At, LocalDate> without) {
        Map<UUID, WheelEnd> ends = byId(almanac);
        Map<Alike, List<WheelEnd>> alike = new LinkedHashMap<>();
        for (WheelEndStatus standing : almanac.standings()) {
            for (Due due : standing.dues()) {
                var advice = TripAdvice.of(due, trip.from(), trip.to(), legs);
                var before = Optional.ofNullable(
                        without.get(new At(standing.wheelEnd().id(), due.action())));
                alike.computeIfAbsent(new Alike(advice, before), one -> new ArrayList<>())
                        .add(Optional.ofNullable(ends.get(standing.wheelEnd().id()))
                                .orElseThrow());
            }
        }
        return alike.entrySet().stream()
                .map(one -> new Advised(
                        one.getValue(), one.getKey().advice(), one.getKey().without()))
                .sorted(Comparator.comparing((Advised one) -> one.advice().when())
                        .thenComparing(one -> one.advice().due().when().likely())
                        .thenComparing(one -> one.advice().due().action()))
                .toList();
    }

    private static Map<At, LocalDate> likely(RigAlmanac almanac) {
        Map<At, LocalDate> likely = new LinkedHashMap<>();
        almanac.standings()
                .forEach(standing -> standing.dues()
                        .forEach(due -> likely.put(
                                new At(standing.wheelEnd().id(), due.action()),
                                due.when().likely())));
        return likely;
    }

    /** A trip without legs is one stretch. */
    private static List<TripPlan.Stop> stops(Trip trip, List<Stretch> legs) {
        List<Stretch> driven =
                legs.isEmpty() ? List.of(new Stretch(trip.from(), Math.min(trip.km(), 20_000), false, false)) : legs;
        return FeelStop.of(driven).stream()
                .map(stop -> new TripPlan.Stop(
                        stop,
                        stop.afterKm()
                                + driven.stream()
                                        .limit(stop.leg())
                                        .mapToDouble(Stretch::km)
                                        .sum()))
                .toList();
    }

    private static Stretch stretch(Trip.Leg leg) {
        return new Stretch(leg.on(), leg.km(), leg.noHelp(), leg.crossings() + leg.dunkings() > 0);
    }
}
