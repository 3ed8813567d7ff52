package oldtallow.app.schedule.web;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.app.schedule.model.CarryList;
import oldtallow.app.schedule.model.Trip;
import oldtallow.app.schedule.model.TripPlan;
import oldtallow.app.schedule.model.TripPlan.Advised;
import oldtallow.app.schedule.model.WarmthStop;
import oldtallow.core.procedure.step.Supply;
import oldtallow.core.procedure.step.Tool;
import oldtallow.core.schedule.almanac.Due;
import oldtallow.core.schedule.figure.Authority;
import oldtallow.core.schedule.interval.DueAction;
import oldtallow.core.stock.StockKind;
import oldtallow.core.travel.trip.TripAdvice;
import oldtallow.core.travel.trip.TripDoubt;
import org.jspecify.annotations.Nullable;

/**
 * A trip's plan.
 *
 * @param daysToGo until it begins; negative once it has
 * @param good whether every hub is good for it
 * @param doubts what speaks against hubs as they stand, worst first
 * @param advice before leaving first
 */
record TripPlanView(
        UUID tripId,
        UUID rigId,
        String rigName,
        String name,
        Trip.State state,
        LocalDate from,
        LocalDate to,
        double km,
        String note,
        long daysToGo,
        List<PlannedLegView> legs,
        boolean good,
        List<DoubtView> doubts,
        List<TripAdviceView> advice,
        List<FeelStopView> stops,
        List<PlannedEndView> ends,
        CarryView carry) {

    static TripPlanView of(TripPlan plan) {
        Trip trip = plan.trip();
        return new TripPlanView(
                trip.id(),
                trip.rigId(),
                plan.rig().name(),
                trip.name(),
                trip.state(),
                trip.from(),
                trip.to(),
                trip.km(),
                trip.note(),
                ChronoUnit.DAYS.between(plan.today(), trip.from()),
                trip.legs().stream().map(PlannedLegView::of).toList(),
                plan.isGood(),
                plan.doubts().stream().map(DoubtView::of).toList(),
                plan.advice().stream().map(one -> TripAdviceView.of(one, trip)).toList(),
                plan.stops().stream()
                        .map(stop -> FeelStopView.of(stop, trip, plan.felt()))
                        .toList(),
                plan.rig().wheelEnds().map(PlannedEndView::of).toList(),
                CarryView.of(plan.carry()));
    }

    record PlannedEndView(UUID wheelEndId, String name) {

        static PlannedEndView of(WheelEnd end) {
            return new PlannedEndView(end.id(), end.positionName());
        }
    }

    /** The same doubt about some wheel ends, in words that go on from their names. */
    record DoubtView(List<PlannedEndView> ends, TripDoubt doubt, String words) {

        static DoubtView of(TripPlan.Doubted doubted) {
            return new DoubtView(
                    doubted.ends().stream().map(PlannedEndView::of).toList(),
                    doubted.doubt(),
                    doubted.doubt().words());
        }
    }

    record PlannedLegView(String to, LocalDate on, double km, int crossings, int dunkings, boolean noHelp) {

        static PlannedLegView of(Trip.Leg leg) {
            return new PlannedLegView(leg.to(), leg.on(), leg.km(), leg.crossings(), leg.dunkings(), leg.noHelp());
        }
    }

    /**
     * When to do something around the trip.
     *
     * @param where of what is done on the way; else empty
     * @param without when it would be due without this trip; null where it would not be due at all
     * @param moved whether the trip makes it due on another day
     */
    record TripAdviceView(
            List<PlannedEndView> ends,
            DueAction action,
            String words,
            TripAdvice.When when,
            String whenWords,
            String where,
            String why,
            LocalDate likely,
            LocalDate earliest,
            String by,
            Authority authority,
            @Nullable LocalDate without,
            boolean moved,
            String ifLate) {

        static TripAdviceView of(Advised advised, Trip trip) {
            TripAdvice advice = advised.advice();
            Due due = advice.due();
            return new TripAdviceView(
                    advised.ends().stream().map(PlannedEndView::of).toList(),
                    due.action(),
                    due.action().words(),
                    advice.when(),
                    advice.when().words(),
                    advice.leg().map(leg -> leg(trip, leg)).orElse(""),
                    advice.why(),
                    due.when().likely(),
                    due.when().earliest(),
                    due.governs().trigger().words(),
                    due.governs().authority(),
                    advised.without().orElse(null),
                    advised.isMoved(),
                    due.action().ifLate());
        }
    }

    /**
     * A stop to feel the hubs at.
     *
     * @param km from where the trip began
     * @param on the day its leg is driven
     * @param where such as leg 2, to the ford
     * @param done whether a stop was logged there or further on
     */
    record FeelStopView(double km, LocalDate on, String where, String why, boolean done) {

        static FeelStopView of(TripPlan.Stop stop, Trip trip, List<WarmthStop> felt) {
            int leg = stop.stop().leg();
            double reached = felt.stream()
                    .flatMap(one -> Optional.ofNullable(one.tripKm()).stream())
                    .max(Comparator.naturalOrder())
                    .orElse(-1.0);
            return new FeelStopView(
                    stop.km(),
                    trip.legs().isEmpty() ? trip.from() : trip.legs().get(leg).on(),
                    leg(trip, leg),
                    stop.stop().why(),
                    reached >= stop.km() - 1);
        }
    }

    private static String leg(Trip trip, int leg) {
        if (trip.legs().isEmpty()) {
            return "";
        }
        String to = trip.legs().get(leg).to();
        return "leg " + (leg + 1) + (to.isEmpty() ? "" : ", to " + to);
    }

    record CarryView(List<CarriedPartView> parts, List<BagView> bags, List<String> tools, List<String> supplies) {

        static CarryView of(CarryList carry) {
            return new CarryView(
                    carry.parts().stream().map(CarriedPartView::of).toList(),
                    carry.bags().stream().map(BagView::of).toList(),
                    carry.tools().stream().sorted().map(Tool::words).toList(),
                    carry.supplies().stream().sorted().map(Supply::words).toList());
        }
    }

    /**
     * A part to carry.
     *
     * @param itemId what it is on the shelf; null where the shelf keeps none
     * @param onShelf good ones there
     */
    record CarriedPartView(
            StockKind kind,
            String kindWords,
            String words,
            int pieces,
            @Nullable UUID itemId,
            int onShelf,
            int missing,
            List<String> why) {

        static CarriedPartView of(CarryList.CarriedPart part) {
            return new CarriedPartView(
                    part.kind(),
                    part.kind().words(),
                    part.words(),
                    part.pieces(),
                    part.stocked().map(one -> one.item().id()).orElse(null),
                    part.stocked().map(one -> one.good()).orElse(0),
                    part.missing(),
                    part.why().stream().sorted().toList());
        }
    }

    record BagView(String label, String what, String note, String history, LocalDate keepsUntil, boolean outdated) {

        static BagView of(CarryList.Bag bag) {
            return new BagView(
                    bag.batch().batch(),
                    bag.item().designation(),
                    bag.batch().note(),
                    bag.batch().history(),
                    bag.batch().keepsUntil(),
                    bag.outdated());
        }
    }
}
