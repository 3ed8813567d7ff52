package oldtallow.app.schedule.api;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import oldtallow.app.platform.problem.ConflictException;
import oldtallow.app.platform.problem.NotFoundException;
import oldtallow.app.register.api.Register;
import oldtallow.app.register.api.RigTouched;
import oldtallow.app.register.model.Rig;
import oldtallow.app.schedule.model.KeptEntry;
import oldtallow.app.schedule.model.RigUsage;
import oldtallow.app.schedule.model.Trip;
import oldtallow.app.schedule.model.TripEntry;
import oldtallow.app.schedule.model.UsageStore;
import oldtallow.app.schedule.model.WaterNote;
import oldtallow.core.refusal.FieldErrors;
import oldtallow.core.schedule.almanac.WaterEntry;
import oldtallow.core.schedule.distance.DistanceLine;
import oldtallow.core.schedule.distance.MeterEntry;
import oldtallow.core.schedule.distance.MeterSlip;
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.EventListener;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How rigs of the workshop that asks are used. */
@Service
public class Usage {

    private static final int MOST_NOTE = 300;
    private static final int MOST_COMING = 300;
    /** Trips are planned at most so far ahead. */
    private static final int MOST_YEARS_AHEAD = 5;

    private final UsageStore store;
    private final Register register;
    private final Clock clock;

    Usage(UsageStore store, Register register, Clock clock) {
        this.store = store;
        this.register = register;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public RigUsage of(UUID rigId) {
        return of(register.rig(rigId));
    }

    @Transactional(readOnly = true)
    public RigUsage of(Rig rig) {
        return Optional.ofNullable(of(List.of(rig)).get(rig.id())).orElseThrow();
    }

    /** How these rigs are used, by the rig's id. */
    @Transactional(readOnly = true)
    public Map<UUID, RigUsage> of(Collection<Rig> rigs) {
        List<UUID> ids = rigs.stream().map(Rig::id).toList();
        Map<UUID, List<KeptEntry>> meters = byRig(store.meters(ids), KeptEntry::rigId);
        Map<UUID, List<Trip>> trips = byRig(store.trips(ids), Trip::rigId);
        Map<UUID, List<WaterNote>> water = byRig(store.water(ids), WaterNote::rigId);
        Map<UUID, RigUsage> usages = new HashMap<>();
        for (Rig rig : rigs) {
            usages.put(
                    rig.id(),
                    new RigUsage(
                            rig,
                            meters.getOrDefault(rig.id(), List.of()),
                            trips.getOrDefault(rig.id(), List.of()),
                            water.getOrDefault(rig.id(), List.of())));
        }
        return usages;
    }

    /**
     * Writes down what a meter shows, or corrects it.
     *
     * @param version 0 for a new one
     */
    @Transactional
    public RigUsage putMeter(KeptEntry kept, int version) {
        Rig rig = register.rig(kept.rigId());
        register.hold(rig.id());
        var errors = new FieldErrors();
        LocalDate today = LocalDate.now(clock);
        if (kept.entry().on().isAfter(today)) {
            errors.add("on", kept.entry().on(), "is in the future; give the day it was read, today at the latest");
        }
        errors.atMost("note", kept.note(), MOST_NOTE);
        errors.throwIfAny();
        Optional<KeptEntry> earlier = store.meterEntry(kept.id());
        if (earlier.filter(one -> one.entry().equals(kept.entry())
                        && one.note().equals(kept.note().strip()))
                .isPresent()) {
            return of(rig); // sent twice
        }
        if (earlier.map(KeptEntry::version).orElse(0) != version) {
            throw ConflictException.staleEdit("this reading");
        }
        List<KeptEntry> others = store.meters(List.of(rig.id())).stream()
                .filter(one -> !one.id().equals(kept.id()))
                .toList();
        refuseSlips(others, kept.entry());
        if (!store.put(new KeptEntry(
                kept.id(), version, rig.id(), kept.entry(), kept.note().strip()))) {
            throw ConflictException.staleEdit("this reading");
        }
        register.touched(rig.id(), "the meter showed " + Math.round(kept.entry().shows()) + " km");
        return of(rig);
    }

    @Transactional
    public void removeMeter(UUID id, int version) {
        Optional<KeptEntry> found = store.meterEntry(id);
        if (found.isEmpty()) {
            return; // taken back twice
        }
        KeptEntry kept = found.get();
        register.hold(kept.rigId());
        List<MeterEntry> left = store.meters(List.of(kept.rigId())).stream()
                .filter(one -> !one.id().equals(id))
                .map(KeptEntry::entry)
                .toList();
        var errors = new FieldErrors();
        DistanceLine.slips(left).forEach(slip -> errors.add("on", slip.on(), "the meter " + slip.says()));
        errors.throwIfAny();
        if (!store.removeMeterEntry(id, version)) {
            throw ConflictException.staleEdit("this reading");
        }
        register.touched(kept.rigId(), "a reading was taken back");
    }

    /** Enters a trip; the same id again changes it as it was read at a version, 0 for a new one. */
    @Transactional
    public Trip putTrip(UUID id, UUID rigId, int version, TripEntry entry) {
        Rig rig = register.rig(rigId);
        register.hold(rigId);
        var errors = new FieldErrors();
        LocalDate today = LocalDate.now(clock);
        entry.check(errors, today);
        if (entry.to().isAfter(today.plusYears(MOST_YEARS_AHEAD))) {
            errors.add("to", entry.to(), "is more than five years ahead; plan it nearer the time");
        }
        if (entry.state() != Trip.State.CANCELLED) {
            refuseOverlap(store.trips(List.of(rigId)), id, entry, errors);
        }
        errors.throwIfAny();
        Optional<Trip> earlier = store.trip(id);
        if (earlier.isPresent() && !earlier.get().rigId().equals(rigId)) {
            throw new ConflictException("This trip is another rig's. Enter it anew.");
        }
        var trip = new Trip(
                id,
                version,
                rigId,
                entry.name(),
                entry.state(),
                entry.from(),
                entry.to(),
                entry.distance(),
                entry.track(),
                entry.note(),
                entry.legs());
        if (earlier.filter(kept -> kept.withVersion(version).equals(trip)).isPresent()) {
            return earlier.get(); // sent twice
        }
        if (!store.put(trip)) {
            throw ConflictException.staleEdit("this trip");
        }
        register.touched(rig.id(), words(entry));
        return trip(id);
    }

    @Transactional(readOnly = true)
    public Trip trip(UUID id) {
        return store.trip(id).orElseThrow(() -> new NotFoundException("trip", id));
    }

    /** Trips that are planned and not over, within a year; those that leave first. */
    @Transactional(readOnly = true)
    public List<Trip> coming() {
        LocalDate today = LocalDate.now(clock);
        return store.coming(today, today.plusYears(1), MOST_COMING);
    }

    /** Writes down that hubs went under water; sent again under the same id it is the same time. */
    @Transactional
    public RigUsage addWater(WaterNote water) {
        Rig rig = register.rig(water.rigId());
        var errors = new FieldErrors();
        if (water.entry().on().isAfter(LocalDate.now(clock))) {
            errors.add("on", water.entry().on(), "is in the future; plan a trip with it instead");
        }
        errors.atMost("note", water.note(), MOST_NOTE);
        errors.throwIfAny();
        if (!store.add(water) && !store.water(List.of(rig.id())).contains(water)) {
            throw ConflictException.idIsTaken();
        }
        register.touched(
                rig.id(),
                water.entry().kind() == WaterEntry.Kind.DUNKING ? "the hubs were dunked" : "a water crossing");
        return of(rig);
    }

    @Transactional
    public void removeWater(UUID id) {
        store.removeWater(id).ifPresent(rigId -> register.touched(rigId, "a water entry was taken back"));
    }

    /** The distance a rig is entered with is its meter's first entry. */
    @EventListener
    @Order(Ordered.HIGHEST_PRECEDENCE)
    @Transactional
    public void begin(RigTouched touched) {
        Rig rig = register.rig(touched.rigId());
        @Nullable Integer km = rig.distance().km();
        @Nullable LocalDate on = rig.distance().readOn();
        if (km != null && on != null && store.meters(List.of(rig.id())).isEmpty()) {
            store.put(new KeptEntry(UUID.randomUUID(), 0, rig.id(), MeterEntry.read(on, km), "as the rig was entered"));
        }
    }

    private static void refuseSlips(List<KeptEntry> others, MeterEntry entry) {
        List<MeterEntry> all =
                new ArrayList<>(others.stream().map(KeptEntry::entry).toList());
        var errors = new FieldErrors();
        all.stream()
                .filter(one -> one.on().equals(entry.on()))
                .findFirst()
                .ifPresent(same -> errors.add(
                        "on",
                        entry.on(),
                        "has a reading of " + Math.round(same.shows()) + " km already; correct that one"));
        errors.throwIfAny();
        all.add(entry);
        List<MeterSlip> slips = DistanceLine.slips(all);
        if (!slips.isEmpty()) {
            errors.add(
                    "shows",
                    Math.round(entry.shows()) + " km",
                    "the meter " + slips.getFirst().says());
        }
        errors.throwIfAny();
    }

    /** A rig is on one trip at a time; one may begin the day another ends. */
    private static void refuseOverlap(List<Trip> trips, UUID id, TripEntry entry, FieldErrors errors) {
        trips.stream()
                .filter(other -> other.counts() && !other.id().equals(id))
                .filter(other ->
                        entry.from().isBefore(other.to()) && other.from().isBefore(entry.to()))
                .min(Comparator.comparing(Trip::from))
                .ifPresent(other -> errors.add(
                        "from",
                        entry.from(),
                        "overlaps " + other.name() + ", " + other.from() + " to " + other.to()
                                + "; move one of them, or cancel it"));
    }

    private static String words(TripEntry entry) {
        return switch (entry.state()) {
            case PLANNED -> "a trip is planned: " + entry.name();
            case DRIVEN -> "a trip was driven: " + entry.name();
            case CANCELLED -> "a trip was cancelled: " + entry.name();
        };
    }

    private static <T> Map<UUID, List<T>> byRig(List<T> all, Function<T, UUID> rig) {
        return all.stream().collect(Collectors.groupingBy(rig));
    }
}
