package oldtallow.app.schedule.model;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import oldtallow.app.register.model.Rig;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.core.travel.trip.FeelStop;
import oldtallow.core.travel.trip.TripAdvice;
import oldtallow.core.travel.trip.TripDoubt;

/**
 * What a trip asks of a rig and whoever drives it.
 *
 * @param doubts what speaks against its hubs as they stand, worst first; none once it is driven or called off
 * @param advice before leaving first
 * @param stops in order
 * @param felt stops that were made, in order
 */
public record TripPlan(
        Trip trip,
        Rig rig,
        LocalDate today,
        List<Doubted> doubts,
        List<Advised> advice,
        List<Stop> stops,
        List<WarmthStop> felt,
        CarryList carry) {

    public TripPlan {
        doubts = List.copyOf(doubts);
        advice = List.copyOf(advice);
        stops = List.copyOf(stops);
        felt = List.copyOf(felt);
    }

    /** Whether every hub is set, inside its window, signed off, whole, and not due before the trip ends. */
    public boolean isGood() {
        boolean fallsDue = advice.stream()
                .anyMatch(one -> !one.advice().due().when().earliest().isAfter(trip.to()));
        return doubts.isEmpty() && !fallsDue && rig.wheelEnds().findAny().isPresent();
    }

    /**
     * The same doubt about some wheel ends.
     *
     * @param ends from the front, left first
     */
    public record Doubted(List<WheelEnd> ends, TripDoubt doubt) {

        public Doubted {
            ends = List.copyOf(ends);
        }
    }

    /**
     * Advice that is the same for some wheel ends.
     *
     * @param ends from the front, left first
     * @param without when it would be due without this trip; empty where it would not be due at all
     */
    public record Advised(List<WheelEnd> ends, TripAdvice advice, Optional<LocalDate> without) {

        public Advised {
            ends = List.copyOf(ends);
        }

        /** Whether the trip makes it due on another day. */
        public boolean isMoved() {
            return without.filter(advice.due().when().likely()::equals).isEmpty();
        }
    }

    /**
     * A stop to feel the hubs at.
     *
     * @param km from where the trip began
     */
    public record Stop(FeelStop stop, double km) {}
}
