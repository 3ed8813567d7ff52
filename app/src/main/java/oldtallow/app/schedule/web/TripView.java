package oldtallow.app.schedule.web;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import oldtallow.app.schedule.model.Trip;

/** A trip as it is kept. */
record TripView(
        UUID id,
        int version,
        UUID rigId,
        String name,
        Trip.State state,
        LocalDate from,
        LocalDate to,
        double km,
        String track,
        String note,
        List<LegView> legs) {

    static TripView of(Trip trip) {
        return new TripView(
                trip.id(),
                trip.version(),
                trip.rigId(),
                trip.name(),
                trip.state(),
                trip.from(),
                trip.to(),
                trip.km(),
                trip.track(),
                trip.note(),
                trip.legs().stream().map(LegView::of).toList());
    }

    /** A leg of a trip; also as it is entered. */
    record LegView(String to, LocalDate on, double km, int crossings, int dunkings, boolean noHelp) {

        static LegView of(Trip.Leg leg) {
            return new LegView(leg.to(), leg.on(), leg.km(), leg.crossings(), leg.dunkings(), leg.noHelp());
        }

        Trip.Leg toLeg() {
            return new Trip.Leg(to.strip(), on, km, crossings, dunkings, noHelp);
        }
    }
}
