package oldtallow.app.schedule.web;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.io.InputStream;
import java.time.Clock;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import oldtallow.app.register.api.Register;
import oldtallow.app.register.model.Rig;
import oldtallow.app.schedule.api.Usage;
import oldtallow.app.schedule.model.Trip;
import oldtallow.app.schedule.model.TripEntry;
import oldtallow.app.schedule.track.RecordedTrack;
import oldtallow.app.schedule.web.TripView.LegView;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Trips of rigs, and recorded tracks that tell how long they were. */
@RestController
class TripController {

    private final Usage usage;
    private final Register register;
    private final Clock clock;

    TripController(Usage usage, Register register, Clock clock) {
        this.usage = usage;
        this.register = register;
        this.clock = clock;
    }

    /** Trips that are planned and not over, within a year; those that leave first. */
    @GetMapping("/api/v1/trips")
    List<ComingTripView> coming() {
        LocalDate today = LocalDate.now(clock);
        List<Trip> trips = usage.coming();
        Map<UUID, String> names = register
                .rigs(trips.stream().map(Trip::rigId).distinct().toList())
                .stream()
                .collect(Collectors.toMap(Rig::id, Rig::name));
        return trips.stream()
                .map(trip -> new ComingTripView(
                        trip.id(),
                        trip.name(),
                        trip.rigId(),
                        names.getOrDefault(trip.rigId(), ""),
                        trip.from(),
                        trip.to(),
                        trip.km(),
                        ChronoUnit.DAYS.between(today, trip.from())))
                .toList();
    }

    /** A trip with what is to be done around it. */
    @GetMapping("/api/v1/trips/{id}")
    TripView trip(@PathVariable UUID id) {
        return TripView.of(usage.trip(id));
    }

    /** Enters a trip, or changes it: planned, driven, cancelled. */
    @PutMapping("/api/v1/rigs/{rigId}/trips/{id}")
    TripView put(@PathVariable UUID rigId, @PathVariable UUID id, @RequestBody TripForm form) {
        return TripView.of(usage.putTrip(id, rigId, form.version(), form.toEntry()));
    }

    /** How far a recorded track went; nothing is kept. The body is a GPX 1.1 file, read as it comes. */
    @PostMapping(
            path = "/api/v1/tracks/gpx",
            consumes = {"application/gpx+xml", MediaType.APPLICATION_XML_VALUE})
    TrackView measure(HttpServletRequest request) throws IOException {
        try (InputStream gpx = request.getInputStream()) {
            return TrackView.of(RecordedTrack.read(gpx, clock.getZone()));
        }
    }

    /** @param daysToGo until it begins; negative once it has */
    record ComingTripView(
            UUID id, String name, UUID rigId, String rigName, LocalDate from, LocalDate to, double km, long daysToGo) {}

    /**
     * A trip as entered.
     *
     * @param version as it was read; 0 for a new one
     * @param km in all; left out where its legs tell
     * @param track how that was measured, in the words of the track; left out where it was not
     */
    record TripForm(
            int version,
            String name,
            Trip.State state,
            LocalDate from,
            LocalDate to,
            @Nullable Double km,
            @Nullable String track,
            @Nullable String note,
            List<LegView> legs) {

        TripEntry toEntry() {
            return new TripEntry(
                    name,
                    state,
                    from,
                    to,
                    km,
                    track == null ? "" : track,
                    note == null ? "" : note,
                    legs.stream().map(LegView::toLeg).toList());
        }
    }

    /**
     * What a recorded track says.
     *
     * @param words how it was measured, in a sentence to keep with the trip
     * @param warnings what was left out or bridged
     */
    record TrackView(
            double kilometres,
            @Nullable LocalDate from,
            @Nullable LocalDate to,
            int fixes,
            String words,
            List<String> warnings) {

        static TrackView of(RecordedTrack track) {
            return new TrackView(
                    track.length().kilometres(),
                    track.from().orElse(null),
                    track.to().orElse(null),
                    track.length().fixes(),
                    track.words(),
                    track.warnings());
        }
    }
}
