package oldtallow.app.schedule.model;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import oldtallow.core.refusal.FieldErrors;
import org.jspecify.annotations.Nullable;

/**
 * A trip as entered.
 *
 * @param km in all; null where its legs tell
 */
public record TripEntry(
        String name,
        Trip.State state,
        LocalDate from,
        LocalDate to,
        @Nullable Double km,
        String track,
        String note,
        List<Trip.Leg> legs) {

    private static final int MOST_DAYS = 400;
    private static final int MOST_LEGS = 60;
    private static final double MOST_KM = 100_000;
    private static final double MOST_LEG_KM = 20_000;
    private static final int MOST_TIMES = 50;

    public TripEntry {
        name = name.strip();
        note = note.strip();
        legs = List.copyOf(legs);
    }

    /** Its distance: as given, else by its legs. */
    public double distance() {
        return km == null ? legs.stream().mapToDouble(Trip.Leg::km).sum() : km;
    }

    public void check(FieldErrors errors, LocalDate today) {
        errors.atMost("name", name, 80);
        if (name.isEmpty()) {
            errors.add("name", name, "is missing; call it something, such as where it goes");
        }
        errors.atMost("note", note, 1000);
        errors.atMost("track", track, 300);
        if (to.isBefore(from)) {
            errors.add("to", to, "is before the first day, " + from + "; swap them");
        } else if (ChronoUnit.DAYS.between(from, to) > MOST_DAYS) {
            errors.add("to", to, "is more than " + MOST_DAYS + " days after the first; enter it as several trips");
        }
        if (state == Trip.State.DRIVEN && to.isAfter(today)) {
            errors.add("to", to, "is in the future; a trip is driven once it is over, plan it until then");
        }
        if (!(distance() > 0 && distance() <= MOST_KM)) {
            errors.add(
                    "km",
                    km,
                    distance() == 0
                            ? "is missing; a trip needs its distance, or legs that have one"
                            : "must be above 0, to 100,000 km");
        }
        if (legs.size() > MOST_LEGS) {
            errors.add("legs", legs.size(), "must be at most " + MOST_LEGS + "; join some days");
        }
        for (int i = 0; i < legs.size(); i++) {
            check("legs[" + i + "]", legs.get(i), errors);
        }
    }

    private void check(String path, Trip.Leg leg, FieldErrors errors) {
        errors.atMost(path + ".to", leg.to(), 80);
        if (leg.on().isBefore(from) || leg.on().isAfter(to)) {
            errors.add(path + ".on", leg.on(), "is outside the trip, " + from + " to " + to);
        }
        if (!(leg.km() >= 0 && leg.km() <= MOST_LEG_KM)) {
            errors.add(path + ".km", leg.km(), "must be 0 to 20,000 km");
        }
        times(path + ".crossings", leg.crossings(), errors);
        times(path + ".dunkings", leg.dunkings(), errors);
    }

    private static void times(String field, int times, FieldErrors errors) {
        if (times < 0 || times > MOST_TIMES) {
            errors.add(field, times, "must be 0 to " + MOST_TIMES + " times");
        }
    }
}
