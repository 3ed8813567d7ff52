package oldtallow.app.outlet.api;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import oldtallow.app.outlet.model.CalendarEntry;
import oldtallow.app.register.model.Rig;
import oldtallow.app.register.model.RigPlan;
import oldtallow.app.register.model.WheelEndName;
import oldtallow.app.schedule.api.DueList;
import oldtallow.app.schedule.model.Trip;
import oldtallow.app.schedule.model.WheelEndStatus;
import oldtallow.core.schedule.almanac.Due;
import oldtallow.core.schedule.interval.DueAction;

/** What there is to tell a calendar of a rig, as of today. */
final class CalendarDraft {

    private static final int DAYS_AHEAD = 366;
    /** A trip that is over stays so long. */
    private static final int DAYS_BACK = 30;

    private static final int LEAD_DAYS = 7;

    private final LocalDate today;
    private final Instant now;

    CalendarDraft(LocalDate today, Instant now) {
        this.today = today;
        this.now = now;
    }

    /** By what day something is due that a calendar shows. */
    static LocalDate horizon(LocalDate today) {
        return today.plusDays(DAYS_AHEAD);
    }

    /** The trips of a rig that are not long over, nor far ahead. */
    List<CalendarEntry> trips(Rig rig, List<Trip> trips) {
        return trips.stream()
                .filter(trip -> trip.counts()
                        && trip.to().isAfter(today.minusDays(DAYS_BACK))
                        && !trip.from().isAfter(horizon(today)))
                .map(trip -> trip(rig, trip))
                .toList();
    }

    /** What is late stands on today: on the day it was due nobody looks any more. */
    CalendarEntry due(DueList.Item item) {
        RigPlan rig = item.rig();
        Due due = item.due();
        List<WheelEndName> ends =
                item.standings().stream().map(WheelEndStatus::wheelEnd).toList();
        LocalDate likely = due.when().likely();
        boolean late = likely.isBefore(today);
        LocalDate on = late ? today : likely;
        String where = ends.stream().map(WheelEndName::positionName).collect(Collectors.joining(", "));
        String range = due.when().isCertain()
                ? ""
                : "\nAn estimate: between " + due.when().earliest() + " and "
                        + due.when().latest() + " in eight cases of ten.";
        return new CalendarEntry(
                id("due", ends.getFirst().id(), due.action(), due.since().on()),
                rig.id(),
                on,
                on,
                (late ? "LATE since " + likely + ": " : "") + rig.name() + ": "
                        + due.action().words() + " (" + where + ")",
                due.governs().trigger().words() + ", " + due.governs().source() + ", counted from "
                        + due.since().on() + "." + range + "\n" + due.action().ifLate(),
                "/rigs/" + rig.id() + "/almanac",
                due.action() == DueAction.RETORQUE ? 0 : LEAD_DAYS,
                0,
                false,
                now);
    }

    private CalendarEntry trip(Rig rig, Trip trip) {
        return new CalendarEntry(
                id("trip", trip.id()),
                rig.id(),
                trip.from(),
                trip.to(),
                rig.name() + ": trip, " + trip.name(),
                Math.round(trip.km()) + " km. See what falls due before it or on it, what to carry, and where to feel"
                        + " the hubs.",
                "/trips/" + trip.id(),
                LEAD_DAYS,
                0,
                false,
                now);
    }

    private static UUID id(Object... of) {
        return UUID.nameUUIDFromBytes(Stream.of(of)
                .map(Object::toString)
                .collect(Collectors.joining("|"))
                .getBytes(StandardCharsets.UTF_8));
    }
}
