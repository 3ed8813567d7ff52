package oldtallow.app.register.api;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.Collectors;
import oldtallow.app.platform.problem.ConflictException;
import oldtallow.app.platform.problem.NotFoundException;
import oldtallow.app.register.model.RegisterStore;
import oldtallow.app.register.model.Rig;
import oldtallow.app.register.model.RigEntry;
import oldtallow.app.register.model.RigPlan;
import oldtallow.app.register.model.Side;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.app.register.model.WheelEndBuild;
import oldtallow.app.register.model.WheelEndName;
import oldtallow.core.refusal.FieldErrors;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The register of the workshop that asks. */
@Service
public class Register {

    private static final int BATCH = 500;
    private static final int MOST_AXLES = 8;

    private final RegisterStore store;
    private final ApplicationEventPublisher events;
    private final Clock clock;

    Register(RegisterStore store, ApplicationEventPublisher events, Clock clock) {
        this.store = store;
        this.events = events;
        this.clock = clock;
    }

    /** One rig; throws {@link NotFoundException} if this workshop has none of that id. */
    @Transactional(readOnly = true)
    public Rig rig(UUID id) {
        return rigs(List.of(id)).stream().findFirst().orElseThrow(() -> new NotFoundException("rig", id));
    }

    /** Rigs of these ids, in that order. */
    @Transactional(readOnly = true)
    public List<Rig> rigs(Collection<UUID> ids) {
        return store.rigs(ids);
    }

    /** The same for lists: wheel ends by their names alone. */
    @Transactional(readOnly = true)
    public List<RigPlan> plans(Collection<UUID> ids) {
        return store.plans(ids);
    }

    /** One rig for a list; throws {@link NotFoundException} if this workshop has none of that id. */
    @Transactional(readOnly = true)
    public RigPlan plan(UUID id) {
        return plans(List.of(id)).stream().findFirst().orElseThrow(() -> new NotFoundException("rig", id));
    }

    /** Rigs of an owner, named in full. */
    @Transactional(readOnly = true)
    public List<UUID> idsOfOwner(String owner) {
        return store.idsOfOwner(owner);
    }

    /** Goes through every rig of the workshop, some hundred at a time. */
    @Transactional(readOnly = true)
    public void everyRig(Consumer<List<Rig>> batch) {
        @Nullable UUID last = null;
        while (true) {
            List<UUID> ids = store.idsAfter(last, BATCH);
            if (ids.isEmpty()) {
                return;
            }
            batch.accept(rigs(ids));
            last = ids.getLast();
        }
    }

    @Transactional(readOnly = true)
    public boolean isEmpty() {
        return store.idsAfter(null, 1).isEmpty();
    }

    /** One wheel end; throws {@link NotFoundException} if this workshop has none of that id. */
    @Transactional(readOnly = true)
    public WheelEnd wheelEnd(UUID id) {
        return store.wheelEnd(id).orElseThrow(() -> new NotFoundException("wheel end", id));
    }

    /** What wheel ends are called; those of other workshops are not there. */
    @Transactional(readOnly = true)
    public Map<UUID, WheelEndName> names(Collection<UUID> ids) {
        return store.names(ids).stream().collect(Collectors.toMap(WheelEndName::id, Function.identity()));
    }

    /** Whose axle it is. */
    @Transactional(readOnly = true)
    public Optional<UUID> rigOfAxle(UUID axleId) {
        return store.rigOfAxle(axleId);
    }

    /** What a wheel end was made of, the latest first. */
    @Transactional(readOnly = true)
    public List<WheelEndBuild> builds(UUID wheelEndId) {
        return store.builds(wheelEndId);
    }

    /** Where an axle stands and what is at its two ends. */
    public record AxleEntry(
            @Nullable Integer fromFrontMillimetres,
            @Nullable Integer trackMillimetres,
            WheelEndBuild left,
            WheelEndBuild right) {}

    /** Enters a rig with its axles, the first in front. The id is the caller's, so that a try repeated is one rig. */
    @Transactional
    public Rig enter(UUID id, RigEntry entry, List<AxleEntry> axles) {
        var errors = new FieldErrors();
        entry.check(errors, LocalDate.now(clock));
        if (axles.isEmpty() || axles.size() > MOST_AXLES) {
            errors.add("axles", axles.size(), "must be 1 to " + MOST_AXLES + " axles");
        }
        checkPlate(id, entry, errors);
        errors.throwIfAny();
        Rig rig = new Rig(
                id,
                1,
                store.nextYardNumber(),
                entry.kind(),
                entry.name(),
                entry.plate(),
                entry.owner(),
                entry.builtIn(),
                entry.uses(),
                entry.distance(),
                entry.plan(),
                axles(id, entry, axles));
        store.add(rig);
        touched(id);
        return rig;
    }

    /** Changes a rig as it was read at a version; throws {@link ConflictException} if it is no longer that. */
    @Transactional
    public Rig change(UUID rigId, int version, RigEntry entry) {
        Rig now = rig(rigId);
        if (now.version() != version && now.isEnteredAs(entry)) {
            return now; // sent twice
        }
        var errors = new FieldErrors();
        entry.check(errors, LocalDate.now(clock));
        checkPlate(rigId, entry, errors);
        errors.throwIfAny();
        if (!store.change(rigId, version, entry)) {
            throw ConflictException.staleEdit("this rig");
        }
        touched(rigId);
        return rig(rigId);
    }

    /**
     * Dates a new build of a wheel end; the ones before stay for what was true then. Throws {@link ConflictException} if the
     * wheel end is no longer as it was read.
     */
    @Transactional
    public void changeBuild(WheelEnd end, int version, WheelEndBuild build) {
        if (end.version() != version && end.build().equals(store.asKept(build))) {
            return; // sent twice
        }
        var errors = new FieldErrors();
        LocalDate today = LocalDate.now(clock);
        LocalDate earliest = store.builds(end.id()).stream()
                .map(WheelEndBuild::since)
                .max(LocalDate::compareTo)
                .orElse(LocalDate.MIN);
        if (build.since().isAfter(today)) {
            errors.add("since", build.since(), "is in the future; give the day it was changed, today at the latest");
        } else if (build.since().isBefore(earliest)) {
            errors.add(
                    "since",
                    build.since(),
                    "is before the last change of " + earliest + "; give that day or a later one");
        }
        errors.throwIfAny();
        if (!store.changeBuild(end.id(), version, build)) {
            throw ConflictException.staleEdit("this wheel end");
        }
        touched(end.rigId());
    }

    /** Others who change the same rig wait until this transaction is over: what is derived from it is never half of each. */
    public void hold(UUID rigId) {
        store.hold(rigId);
    }

    /** Tells those who derive something from a rig that it changed. */
    public void touched(UUID rigId) {
        touched(rigId, "");
    }

    /** As above; {@code why} is told on the almanac, where dates may move. */
    public void touched(UUID rigId, String why) {
        hold(rigId);
        events.publishEvent(new RigTouched(rigId, why));
    }

    private void checkPlate(UUID rigId, RigEntry entry, FieldErrors errors) {
        if (entry.plate().isEmpty()) {
            return;
        }
        store.rigWithPlate(entry.plate(), rigId)
                .ifPresent(other -> errors.add(
                        "plate",
                        entry.plate(),
                        "is the plate of " + other + " already; open that rig, or correct the plate"));
    }

    private static List<Rig.Axle> axles(UUID rigId, RigEntry entry, List<AxleEntry> entries) {
        List<Integer> lines = entry.kind().axleLines(entries.size(), entry.plan());
        List<Rig.Axle> axles = new ArrayList<>();
        for (int i = 0; i < entries.size(); i++) {
            AxleEntry axle = entries.get(i);
            int position = i + 1;
            UUID axleId = partOf(rigId, "axle " + position);
            int count = entries.size();
            axles.add(new Rig.Axle(
                    axleId,
                    position,
                    axle.fromFrontMillimetres() == null ? lines.get(i) : axle.fromFrontMillimetres(),
                    axle.trackMillimetres() == null ? entry.plan().usualTrackMillimetres() : axle.trackMillimetres(),
                    List.of(
                            end(rigId, entry.name(), axleId, position, count, Side.LEFT, axle.left()),
                            end(rigId, entry.name(), axleId, position, count, Side.RIGHT, axle.right()))));
        }
        return axles;
    }

    /** The same id for the same place, so that a save tried twice enters one rig. */
    private static UUID partOf(UUID whole, String place) {
        return UUID.nameUUIDFromBytes((whole + " " + place).getBytes(StandardCharsets.UTF_8));
    }

    private static WheelEnd end(
            UUID rigId, String rigName, UUID axleId, int position, int count, Side side, WheelEndBuild build) {
        return new WheelEnd(partOf(axleId, side.name()), 1, rigId, rigName, axleId, position, count, side, build);
    }
}
