package oldtallow.app.register.model;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Where rigs and wheel ends are kept. */
public interface RegisterStore {

    /** Rigs of these ids in that order, axles from the front, left before right. */
    List<Rig> rigs(Collection<UUID> ids);

    /** The same for lists: wheel ends by their names alone. */
    List<RigPlan> plans(Collection<UUID> ids);

    /** Rigs of an owner, named in full. */
    List<UUID> idsOfOwner(String owner);

    /** The next ids in the order of ids, for going through all of them. */
    List<UUID> idsAfter(@Nullable UUID after, int most);

    Optional<WheelEnd> wheelEnd(UUID wheelEndId);

    /** Names alone, for lists of many. */
    List<WheelEndName> names(Collection<UUID> wheelEndIds);

    Optional<UUID> rigOfAxle(UUID axleId);

    /** Name of the rig that already has a plate, letter case and dashes aside. */
    Optional<String> rigWithPlate(String plate, UUID exceptRigId);

    /** The next free yard number; others who ask wait until this transaction is over. */
    int nextYardNumber();

    /** Waits for whoever holds this rig, and holds it until the transaction is over. */
    void hold(UUID rigId);

    void add(Rig rig);

    /** Changes everything but the axles; false if the version is stale. */
    boolean change(UUID rigId, int version, RigEntry entry);

    /** Every build of a wheel end, the latest first. */
    List<WheelEndBuild> builds(UUID wheelEndId);

    /** A build as it reads once it was written down: lengths to the last digit that is kept. */
    WheelEndBuild asKept(WheelEndBuild build);

    /** Dates a new build; a second one of a day replaces the first. False if the version is stale. */
    boolean changeBuild(UUID wheelEndId, int version, WheelEndBuild build);
}
