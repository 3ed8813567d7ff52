package oldtallow.core.procedure.round;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import oldtallow.core.hub.BuiltHub;
import oldtallow.core.procedure.bench.Bench;
import oldtallow.core.procedure.bench.Job;
import oldtallow.core.procedure.bench.RecordedEntry;
import oldtallow.core.procedure.run.Reach;
import oldtallow.core.procedure.run.Run;
import oldtallow.core.procedure.run.Stop;
import oldtallow.core.procedure.step.Stage;
import oldtallow.core.procedure.step.Step;

/**
 * One job on several hubs of a rig.
 *
 * @param hubs each with its own plan, tray and entries, in the order in which they are gone round; 1 or more
 */
public record RigRound<H extends BuiltHub>(RoundOrder order, List<Bench<H>> hubs) {

    /** Whoever has written nothing for so long has left a hub; common practice. */
    private static final Duration AT_A_HUB = Duration.ofMinutes(20);

    /** What somebody decides at a hub is said of that hub. */
    private static final Set<Stop> OF_ONE_HUB = EnumSet.of(Stop.VERDICT, Stop.CHOICE, Stop.SETTING);

    /** What one press may say of several hubs in the middle of a job: that things were done, or looked at. */
    private static final Set<Stop> OF_SEVERAL_HUBS = EnumSet.of(Stop.NONE, Stop.LOOK);

    public RigRound {
        hubs = List.copyOf(hubs);
    }

    /** Who is at the bench and when. */
    public record Asker(UUID personId, Instant at) {}

    /** What the hands do now at a hub; empty where nothing is left there, or it waits for a part. */
    public Optional<HubRun<H>> run(UUID jobId) {
        return at(jobId).flatMap(this::run);
    }

    private Optional<HubRun<H>> run(Bench<H> hub) {
        if (hub.job().state() != Job.State.OPEN || hub.waits().isPresent()) {
            return Optional.empty();
        }
        return Run.of(hub.rest(), isOfSeveral()).stream().findFirst().map(run -> new HubRun<>(hub, run));
    }

    private Optional<Bench<H>> at(UUID jobId) {
        return hubs.stream().filter(hub -> hub.job().id().equals(jobId)).findFirst();
    }

    private boolean isOfSeveral() {
        return hubs.stream().filter(hub -> hub.job().state() == Job.State.OPEN).count() > 1;
    }

    /** What the same press does at other hubs: what is done once for the rig, and in {@link RoundOrder#STAGE_BY_STAGE} also what was done at each. */
    public List<HubRun<H>> alongside(UUID jobId, Asker asker) {
        Optional<HubRun<H>> here = run(jobId);
        if (here.isEmpty()) {
            return List.of();
        }
        Run mine = here.get().run();
        return others(jobId).stream()
                .flatMap(other -> run(other).stream())
                .filter(other -> isAsFar(mine, other, asker))
                .toList();
    }

    private boolean isAsFar(Run mine, HubRun<H> other, Asker asker) {
        Run theirs = other.run();
        if (theirs.stage() != mine.stage() || theirs.stop() != mine.stop() || OF_ONE_HUB.contains(mine.stop())) {
            return false;
        }
        if (Reach.isRoundAtOnce(mine.stage())) {
            return true;
        }
        if (!ids(theirs).equals(ids(mine))) {
            return false;
        }
        boolean isOnce = mine.steps().stream().allMatch(step -> Reach.of(step) == Reach.RIG);
        return isOnce
                || (order == RoundOrder.STAGE_BY_STAGE
                        && OF_SEVERAL_HUBS.contains(mine.stop())
                        && by(other.bench(), asker).isEmpty());
    }

    private static List<String> ids(Run run) {
        return run.steps().stream().map(Step::id).toList();
    }

    /** Hubs for which the next step at this one waits: the rig comes down and drives with all wheels on. */
    public List<Bench<H>> behind(UUID jobId) {
        return run(jobId).stream()
                .flatMap(here -> behind(jobId, here.run().steps().getFirst()).stream())
                .toList();
    }

    /** Hubs for which a step at this one waits. */
    public List<Bench<H>> behind(UUID jobId, Step step) {
        if (!Reach.waitsForOthers(step)) {
            return List.of();
        }
        return others(jobId).stream()
                .filter(other -> other.job().state() == Job.State.OPEN)
                .filter(other ->
                        other.rest().stream().anyMatch(left -> left.id().equals(step.id())))
                .filter(other -> !other.rest().getFirst().id().equals(step.id()))
                .toList();
    }

    /** The hub to go to now, where nobody else is or was just sent; empty where it goes on at this one, or nowhere. */
    public Optional<Bench<H>> next(UUID jobId, Asker asker) {
        List<UUID> sent = peopleAtOtherHubs(asker).stream()
                .flatMap(one -> next(one.hub().job().id(), one.asker(), List.of()).stream())
                .map(hub -> hub.job().id())
                .toList();
        return next(jobId, asker, sent);
    }

    private record AtHub<H extends BuiltHub>(Bench<H> hub, Asker asker) {}

    /** Whoever else is at a hub, by what they wrote last. */
    private List<AtHub<H>> peopleAtOtherHubs(Asker asker) {
        return hubs.stream()
                .flatMap(hub ->
                        by(hub, asker).map(last -> new AtHub<>(hub, new Asker(last.personId(), asker.at()))).stream())
                .toList();
    }

    private Optional<Bench<H>> next(UUID jobId, Asker asker, List<UUID> taken) {
        Optional<HubRun<H>> here = run(jobId);
        List<Bench<H>> free = others(jobId).stream()
                .filter(other -> !taken.contains(other.job().id()))
                .filter(other -> run(other).isPresent() && by(other, asker).isEmpty())
                .toList();
        if (here.isEmpty()) {
            return free.stream()
                    .filter(other -> behind(other.job().id()).isEmpty())
                    .findFirst();
        }
        List<UUID> behind = behind(jobId).stream().map(hub -> hub.job().id()).toList();
        if (!behind.isEmpty()) {
            return free.stream()
                    .filter(other -> behind.contains(other.job().id()))
                    .findFirst();
        }
        Run mine = here.get().run();
        return order == RoundOrder.HUB_BY_HUB
                ? Optional.empty()
                : free.stream()
                        .filter(other -> stage(other).compareTo(mine.stage()) < 0 || comesToIt(mine, other))
                        .reduce((one, other) -> stage(other).compareTo(stage(one)) < 0 ? other : one);
    }

    /** Before what is done at several hubs in one go, such as washing, those that are a little behind catch up. */
    private boolean comesToIt(Run mine, Bench<H> other) {
        String first = mine.steps().getFirst().id();
        return OF_SEVERAL_HUBS.contains(mine.stop())
                && stage(other) == mine.stage()
                && other.rest().stream().skip(1).anyMatch(step -> step.id().equals(first));
    }

    private Stage stage(Bench<H> hub) {
        return hub.rest().getFirst().stage();
    }

    /** What somebody else wrote last, at this hub of all; empty where nobody else is there, or has not been for a while. */
    public Optional<RecordedEntry> by(Bench<H> hub, Asker asker) {
        return hub.entries().stream()
                .filter(one -> isPressedHere(one) && !one.personId().equals(asker.personId()))
                .filter(one -> one.at().plus(AT_A_HUB).isAfter(asker.at()))
                .filter(one -> others(hub.job().id()).stream()
                        .flatMap(other -> other.entries().stream())
                        .noneMatch(later -> isPressedHere(later)
                                && later.personId().equals(one.personId())
                                && later.at().isAfter(one.at())))
                .reduce((earlier, later) -> later);
    }

    /** A press at another hub writes here, too. */
    private static boolean isPressedHere(RecordedEntry one) {
        return one.id().equals(one.pressId());
    }

    /** The other hubs, from this one round. */
    private List<Bench<H>> others(UUID jobId) {
        List<Bench<H>> round = new ArrayList<>(hubs);
        int here = hubs.indexOf(at(jobId).orElseThrow());
        Collections.rotate(round, -here);
        return round.subList(1, round.size());
    }
}
