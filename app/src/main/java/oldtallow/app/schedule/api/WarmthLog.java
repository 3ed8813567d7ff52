package oldtallow.app.schedule.api;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import oldtallow.app.identity.access.CurrentPerson;
import oldtallow.app.job.api.Jobs;
import oldtallow.app.platform.problem.ConflictException;
import oldtallow.app.register.api.Register;
import oldtallow.app.register.model.Rig;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.app.schedule.model.HubTemperatures;
import oldtallow.app.schedule.model.WarmthStop;
import oldtallow.app.schedule.model.WarmthStore;
import oldtallow.core.refusal.FieldErrors;
import oldtallow.core.travel.warmth.Felt;
import oldtallow.core.travel.warmth.StopReading;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Hub temperatures of rigs of the workshop that asks. */
@Service
public class WarmthLog {

    private static final int MOST_NOTE = 300;
    private static final int MOST_STOPS = 200;
    private static final double MOST_TRIP_KM = 100_000;
    /** Clocks of telephones differ. */
    private static final Duration AHEAD = Duration.ofMinutes(10);

    private final WarmthStore store;
    private final Register register;
    private final Usage usage;
    private final Clock clock;

    WarmthLog(WarmthStore store, Register register, Usage usage, Clock clock) {
        this.store = store;
        this.register = register;
        this.usage = usage;
        this.clock = clock;
    }

    /**
     * A rig's log.
     *
     * @param stops in the order they were made, the last two hundred
     * @param hubs from the front, left first
     */
    public record RigWarmth(Rig rig, List<WarmthStop> stops, List<HubTemperatures> hubs) {

        public RigWarmth {
            stops = List.copyOf(stops);
            hubs = List.copyOf(hubs);
        }
    }

    @Transactional(readOnly = true)
    public RigWarmth of(UUID rigId) {
        Rig rig = register.rig(rigId);
        List<WarmthStop> stops = store.last(rigId, MOST_STOPS);
        return new RigWarmth(
                rig,
                stops,
                rig.wheelEnds()
                        .map(end -> new HubTemperatures(end, readings(rig, end, stops)))
                        .toList());
    }

    /** Of one trip, in the order they were made. */
    @Transactional(readOnly = true)
    public List<WarmthStop> ofTrip(UUID tripId) {
        return store.ofTrip(tripId);
    }

    /** Writes a stop down; sent again under the same id it is the same stop. */
    @Transactional
    public RigWarmth record(WarmthStop stop) {
        Rig rig = register.rig(stop.rigId());
        var errors = new FieldErrors();
        if (stop.at().isAfter(clock.instant().plus(AHEAD))) {
            errors.add("at", stop.at(), "is in the future; give the time it was felt");
        }
        errors.atMost("note", stop.note(), MOST_NOTE);
        @Nullable Double km = stop.tripKm();
        if (km != null && !(km >= 0 && km <= MOST_TRIP_KM)) {
            errors.add("tripKm", km, "must be 0 to 100,000 km from where the trip began");
        }
        checkHubs(rig, stop, errors);
        @Nullable UUID trip = stop.tripId();
        if (trip != null && !usage.trip(trip).rigId().equals(rig.id())) {
            errors.add("tripId", trip, "is another rig's trip; log the stop on that rig");
        }
        errors.at(
                "dayCelsius",
                () -> stop.hubs().isEmpty() ? null : reading(stop, stop.hubs().getFirst(), rig));
        errors.throwIfAny();
        if (!store.add(stop) && store.last(rig.id(), MOST_STOPS).stream().noneMatch(stop::isSameAs)) {
            throw ConflictException.idIsTaken();
        }
        return of(rig.id());
    }

    /** Takes back a stop that was written down by mistake. */
    @Transactional
    public RigWarmth remove(UUID rigId, UUID id) {
        store.remove(id);
        return of(rigId);
    }

    /** What was measured by mistake does not count against the next drive. */
    @EventListener
    @Transactional
    public void follow(Jobs.TakenBack entry) {
        store.remove(entry.entryId());
    }

    /** What a job measures after its drive is in the log as well. */
    @EventListener
    @Transactional
    public void follow(Jobs.HubMeasured measured) {
        WheelEnd end = measured.end();
        List<WarmthStop.Hub> hubs = new ArrayList<>();
        hubs.add(new WarmthStop.Hub(end.id(), Felt.measured(measured.celsius())));
        measured.otherSideCelsius()
                .flatMap(other -> otherSide(register.rig(end.rigId()), end)
                        .map(beside -> new WarmthStop.Hub(beside.id(), Felt.measured(other))))
                .ifPresent(hubs::add);
        store.add(new WarmthStop(
                measured.entryId(),
                end.rigId(),
                clock.instant(),
                null,
                null,
                measured.jobId(),
                null,
                hubs,
                CurrentPerson.now().name(),
                measured.stepWords()));
    }

    private static void checkHubs(Rig rig, WarmthStop stop, FieldErrors errors) {
        Set<UUID> ends = rig.wheelEnds().map(WheelEnd::id).collect(Collectors.toSet());
        Set<UUID> seen = new HashSet<>();
        if (stop.hubs().isEmpty()) {
            errors.add("hubs", "none", "must be one at least; say how each hub felt");
        }
        for (WarmthStop.Hub hub : stop.hubs()) {
            if (!ends.contains(hub.wheelEndId())) {
                errors.add("hubs", hub.wheelEndId(), "is no wheel end of this rig; look at the rig again");
            } else if (!seen.add(hub.wheelEndId())) {
                errors.add("hubs", hub.wheelEndId(), "is there twice; each hub once a stop");
            }
        }
    }

    private static List<StopReading> readings(Rig rig, WheelEnd end, List<WarmthStop> stops) {
        return stops.stream()
                .flatMap(stop -> stop.hubs().stream()
                        .filter(hub -> hub.wheelEndId().equals(end.id()))
                        .map(hub -> reading(stop, hub, rig)))
                .toList();
    }

    private static StopReading reading(WarmthStop stop, WarmthStop.Hub hub, Rig rig) {
        Optional<Felt> other = rig.wheelEnds()
                .filter(end -> end.id().equals(hub.wheelEndId()))
                .findFirst()
                .flatMap(end -> otherSide(rig, end))
                .flatMap(beside -> stop.hubs().stream()
                        .filter(one -> one.wheelEndId().equals(beside.id()))
                        .findFirst())
                .map(WarmthStop.Hub::felt);
        Instant at = stop.at();
        return new StopReading(at, hub.felt(), other, Optional.ofNullable(stop.dayCelsius()));
    }

    private static Optional<WheelEnd> otherSide(Rig rig, WheelEnd end) {
        return rig.wheelEnds()
                .filter(one -> one.axleId().equals(end.axleId()) && !one.id().equals(end.id()))
                .findFirst();
    }
}
