package oldtallow.core.procedure.round;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import oldtallow.core.hub.Construction;
import oldtallow.core.procedure.bench.Bench;
import oldtallow.core.procedure.bench.JobEntry;
import oldtallow.core.procedure.bench.JobInHand;
import oldtallow.core.procedure.bench.JobInHand.Hub;
import oldtallow.core.procedure.brief.Scope;
import oldtallow.core.procedure.round.RigRound.Asker;
import oldtallow.core.procedure.run.Run;
import oldtallow.core.procedure.step.Step;

/** One job on several hubs that are alike, walked press by press. */
final class RigInHand {

    private final RoundOrder order;
    private final List<JobInHand> hubs;
    private Instant now = JobInHand.BEGAN.plusSeconds(3600); // whoever opened it has gone to a hub since
    private final List<Press> presses = new ArrayList<>();

    /** What was pressed at which hub, and at how many. */
    record Press(int hub, List<Step> steps, int hubs) {}

    RigInHand(RoundOrder order, int hubs, Construction construction, Scope scope) {
        this.order = order;
        this.hubs = Stream.generate(() -> new JobInHand(construction, scope))
                .limit(hubs)
                .toList();
    }

    JobInHand hub(int at) {
        return hubs.get(at);
    }

    UUID id(int at) {
        return hubs.get(at).bench().job().id();
    }

    int at(UUID jobId) {
        return hubs.stream().map(hub -> hub.bench().job().id()).toList().indexOf(jobId);
    }

    RigRound<Hub> round() {
        return new RigRound<>(order, hubs.stream().map(JobInHand::bench).toList());
    }

    Asker asker(UUID person) {
        return new Asker(person, now);
    }

    List<Press> presses() {
        return presses;
    }

    /** Presses at a hub, a minute after the press before. */
    void press(int at, UUID person) {
        now = now.plusSeconds(60);
        RigRound<Hub> round = round();
        Run run = round.run(id(at)).orElseThrow().run();
        List<HubRun<Hub>> alongside = round.alongside(id(at), asker(person));
        UUID press = enter(at, JobInHand.run(run.steps()), person);
        for (HubRun<Hub> other : alongside) {
            hub(at(other.bench().job().id()))
                    .press(UUID.randomUUID(), press, JobInHand.run(other.run().steps()), person, now);
        }
        presses.add(new Press(at, run.steps(), 1 + alongside.size()));
    }

    private UUID enter(int at, JobEntry entry, UUID person) {
        UUID id = UUID.randomUUID();
        hub(at).press(id, id, entry, person, now);
        return id;
    }

    /** Where to go on after a press; the hub itself where nothing says otherwise. */
    int next(int at, UUID person) {
        return round().next(id(at), asker(person))
                .map(Bench::job)
                .map(job -> at(job.id()))
                .orElse(at);
    }

    boolean isDone() {
        return hubs.stream().allMatch(hub -> hub.bench().rest().isEmpty());
    }

    /** One person from the first card to the last, going where they are sent. */
    RigInHand walked() {
        int at = 0;
        while (!isDone()) {
            if (!round().behind(id(at)).isEmpty() || round().run(id(at)).isEmpty()) {
                int next = next(at, JobInHand.INES);
                if (next == at) {
                    throw new IllegalStateException("stuck at hub " + at);
                }
                at = next;
            }
            press(at, JobInHand.INES);
            at = next(at, JobInHand.INES);
        }
        return this;
    }
}
