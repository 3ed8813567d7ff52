package oldtallow.phone.kept;

import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import oldtallow.app.register.model.RegisterStore;
import oldtallow.app.register.model.Rig;
import oldtallow.app.register.model.RigEntry;
import oldtallow.app.register.model.RigPlan;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.app.register.model.WheelEndBuild;
import oldtallow.app.register.model.WheelEndName;
import oldtallow.app.trackside.model.TakenAlong;
import org.jspecify.annotations.Nullable;

/** The rigs taken along; they are read here, and changed on the server. */
final class KeptRegister implements RegisterStore {

    private final Rows<Rig> rigs;
    private final Map<UUID, List<WheelEndBuild>> builds;

    KeptRegister(TakenAlong.Register taken) {
        this.rigs = new Rows<>(Rig::id, taken.rigs());
        this.builds = taken.builds();
    }

    @Override
    public List<Rig> rigs(Collection<UUID> ids) {
        return ids.stream().flatMap(id -> rigs.find(id).stream()).toList();
    }

    @Override
    public List<RigPlan> plans(Collection<UUID> ids) {
        return rigs(ids).stream().map(Rig::inPlan).toList();
    }

    @Override
    public List<UUID> idsOfOwner(String owner) {
        return rigs.all()
                .filter(rig -> rig.owner().name().equals(owner))
                .map(Rig::id)
                .toList();
    }

    @Override
    public List<UUID> idsAfter(@Nullable UUID after, int most) {
        return rigs.all()
                .map(Rig::id)
                .sorted(Comparator.comparing(UUID::toString))
                .filter(id -> after == null || id.toString().compareTo(after.toString()) > 0)
                .limit(most)
                .toList();
    }

    @Override
    public Optional<WheelEnd> wheelEnd(UUID wheelEndId) {
        return ends().filter(end -> end.id().equals(wheelEndId)).findFirst();
    }

    @Override
    public List<WheelEndName> names(Collection<UUID> wheelEndIds) {
        return ends().filter(end -> wheelEndIds.contains(end.id()))
                .map(WheelEnd::named)
                .toList();
    }

    @Override
    public Optional<UUID> rigOfAxle(UUID axleId) {
        return ends().filter(end -> end.axleId().equals(axleId))
                .map(WheelEnd::rigId)
                .findFirst();
    }

    private Stream<WheelEnd> ends() {
        return rigs.all().flatMap(Rig::wheelEnds);
    }

    @Override
    public List<WheelEndBuild> builds(UUID wheelEndId) {
        return builds.getOrDefault(wheelEndId, List.of());
    }

    @Override
    public WheelEndBuild asKept(WheelEndBuild build) {
        return build;
    }

    /** Nobody else writes here. */
    @Override
    public void hold(UUID rigId) {}

    @Override
    public Optional<String> rigWithPlate(String plate, UUID exceptRigId) {
        throw Rows.needsServer();
    }

    @Override
    public int nextYardNumber() {
        throw Rows.needsServer();
    }

    @Override
    public void add(Rig rig) {
        throw Rows.needsServer();
    }

    @Override
    public boolean change(UUID rigId, int version, RigEntry entry) {
        throw Rows.needsServer();
    }

    @Override
    public boolean changeBuild(UUID wheelEndId, int version, WheelEndBuild build) {
        throw Rows.needsServer();
    }
}
