package oldtallow.core.travel.trip;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import oldtallow.core.schedule.almanac.Due;
import oldtallow.core.schedule.interval.DueAction;
import oldtallow.core.schedule.interval.Trigger;

/**
 * When to do what falls due around a trip.
 *
 * @param due as the almanac has it, the trip counted in
 * @param when it is best done
 * @param leg on which, from 0; empty unless it is done on the way
 * @param why in a sentence
 */
public record TripAdvice(Due due, When when, Optional<Integer> leg, String why) {

    /** What falls due so soon after is done with the same dirty hands. This product's own. */
    private static final int SOON_AFTER_DAYS = 14;

    /** When it is best done. */
    public enum When {
        BEFORE_LEAVING("before leaving"),
        ON_THE_WAY("on the way"),
        ON_RETURN("on return"),
        LATER("not on this trip");

        private final String words;

        When(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * The advice for something due.
     *
     * @param from first day of the trip
     * @param to last day
     * @param legs in order; may be empty
     */
    public static TripAdvice of(Due due, LocalDate from, LocalDate to, List<Stretch> legs) {
        LocalDate earliest = due.when().earliest();
        if (!earliest.isAfter(from)) {
            return new TripAdvice(
                    due,
                    When.BEFORE_LEAVING,
                    Optional.empty(),
                    due.when().latest().isAfter(from)
                            ? "it may be due before the trip begins"
                            : "it is due before the trip begins");
        }
        if (!earliest.isAfter(to)) {
            return during(due, legs);
        }
        return due.when().likely().isAfter(to.plusDays(SOON_AFTER_DAYS))
                ? new TripAdvice(due, When.LATER, Optional.empty(), "it falls due well after the trip")
                : new TripAdvice(due, When.ON_RETURN, Optional.empty(), "it falls due as the trip ends");
    }

    private static TripAdvice during(Due due, List<Stretch> legs) {
        Trigger.Group by = due.governs().trigger().kind().group();
        if (by == Trigger.Group.TRIPS) {
            return new TripAdvice(due, When.ON_RETURN, Optional.empty(), "the trip itself brings it about");
        }
        Optional<Integer> at = legOf(due.when().earliest(), legs);
        if (isDoneAnywhere(due.action())) {
            return new TripAdvice(due, When.ON_THE_WAY, at, "it takes minutes and no parts, wherever the rig stands");
        }
        if (by == Trigger.Group.WATER) {
            return afterWater(due, at.orElse(0), legs);
        }
        if (at.isEmpty()) {
            return new TripAdvice(
                    due, When.BEFORE_LEAVING, Optional.empty(), "it falls due inside the trip, and nobody said where");
        }
        if (legs.get(at.get()).noHelp()) {
            return new TripAdvice(
                    due, When.BEFORE_LEAVING, Optional.empty(), "it falls due where nobody sells a bearing or tows");
        }
        return new TripAdvice(due, When.ON_THE_WAY, at, "it falls due inside the trip, where there is help");
    }

    /** What the water on the way brings about cannot be done beforehand. */
    private static TripAdvice afterWater(Due due, int wet, List<Stretch> legs) {
        Optional<Integer> help = IntStream.range(wet, legs.size())
                .filter(i -> !legs.get(i).noHelp())
                .boxed()
                .findFirst();
        return help.isPresent()
                ? new TripAdvice(due, When.ON_THE_WAY, help, "the water brings it about: at the next place with help")
                : new TripAdvice(
                        due, When.ON_RETURN, help, "the water brings it about, and nobody on the way there can help");
    }

    /** The last leg begun by a day. */
    private static Optional<Integer> legOf(LocalDate day, List<Stretch> legs) {
        return IntStream.range(0, legs.size())
                .filter(i -> !legs.get(i).on().isAfter(day))
                .boxed()
                .reduce((earlier, later) -> later)
                .or(() -> legs.isEmpty() ? Optional.empty() : Optional.of(0));
    }

    private static boolean isDoneAnywhere(DueAction action) {
        return action == DueAction.RETORQUE || action == DueAction.INSPECT || action == DueAction.TOP_UP;
    }
}
