package oldtallow.app.job.api;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import oldtallow.app.job.model.NewEntry;
import oldtallow.app.platform.problem.ConflictException;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.core.procedure.bench.Bench;
import oldtallow.core.procedure.bench.Job;
import oldtallow.core.procedure.bench.JobEntry;
import oldtallow.core.procedure.bench.JobEntry.RunDone;
import oldtallow.core.procedure.bench.JobEntry.StepDone;
import oldtallow.core.procedure.bench.JobEntry.Taken;
import oldtallow.core.procedure.bench.RecordedEntry;
import oldtallow.core.procedure.round.RigRound;
import oldtallow.core.procedure.run.Reach;
import oldtallow.core.procedure.step.Step;
import oldtallow.core.quantity.ReadingKind;
import oldtallow.core.refusal.InvalidInputException;

/** What one press writes at which hub of a rig. */
final class Presses {

    private final RigRound<WheelEnd> round;
    private final Bench<WheelEnd> here;
    private final UUID personId;

    Presses(RigRound<WheelEnd> round, Bench<WheelEnd> here, UUID personId) {
        this.round = round;
        this.here = here;
        this.personId = personId;
    }

    /** What is written at a hub. */
    record AtHub(Bench<WheelEnd> hub, JobEntry entry) {

        boolean isAt(Bench<WheelEnd> other) {
            return hub.job().id().equals(other.job().id());
        }

        private Stream<StepDone> steps() {
            return switch (entry) {
                case StepDone done -> Stream.of(done);
                case RunDone run -> run.steps().stream();
                default -> Stream.empty();
            };
        }

        private AtHub with(List<StepDone> steps) {
            return entry instanceof RunDone run ? new AtHub(hub, new RunDone(steps, run.added(), run.judged())) : this;
        }
    }

    /** The hub where it was pressed comes first. */
    List<AtHub> of(NewEntry sent) {
        List<AtHub> all = new ArrayList<>();
        all.add(new AtHub(here, sent.entry()));
        switch (sent.entry()) {
            case JobEntry.Undone(UUID entryId) -> all.addAll(takenBack(entryId));
            case JobEntry.Closed closed ->
                others(Job.State.OPEN).map(hub -> new AtHub(hub, closed)).forEach(all::add);
            case JobEntry.SignedOff signed ->
                others(Job.State.AWAITS_SIGN_OFF)
                        .map(hub -> new AtHub(hub, signed))
                        .forEach(all::add);
            default -> {
                sent.alongside().forEach((jobId, entry) -> all.add(new AtHub(hub(jobId), entry)));
                all.replaceAll(one -> withOnceRead(one, all.getFirst()));
                List<AtHub> read = List.copyOf(all);
                all.replaceAll(one -> withOtherSide(one, read));
                refuseBeforeOthers(all);
            }
        }
        return all;
    }

    private Stream<Bench<WheelEnd>> others(Job.State state) {
        return others().filter(hub -> hub.job().state() == state);
    }

    private Stream<Bench<WheelEnd>> others() {
        return round.hubs().stream()
                .filter(hub -> !hub.job().id().equals(here.job().id()));
    }

    private Bench<WheelEnd> hub(UUID jobId) {
        return others(Job.State.OPEN)
                .filter(hub -> hub.job().id().equals(jobId))
                .findFirst()
                .orElseThrow(() -> new InvalidInputException(
                        "alongside.jobId", jobId, "is no other open hub of this job; look at the bench again"));
    }

    /** A press is taken back at all its hubs, by whoever made it. */
    private List<AtHub> takenBack(UUID entryId) {
        RecordedEntry wanted = here.entries().stream()
                .filter(one -> one.id().equals(entryId))
                .findFirst()
                .orElseThrow(() -> new InvalidInputException(
                        "entryId", entryId, "is no entry of this job; look at the bench again"));
        if (!wanted.personId().equals(personId)) {
            throw new ConflictException(
                    "That was " + wanted.by() + "'s press: only who made it takes it back. Ask " + wanted.by() + ".");
        }
        return others().flatMap(hub -> hub.standing().stream()
                        .filter(one -> one.pressId().equals(wanted.pressId()))
                        .map(one -> new AtHub(hub, new JobEntry.Undone(one.id()))))
                .toList();
    }

    /** What is read once for the rig holds at each of its hubs. */
    private static AtHub withOnceRead(AtHub one, AtHub pressed) {
        return one.with(one.steps()
                .map(step -> pressed.steps()
                        .filter(read ->
                                Reach.isOnce(step.stepId()) && read.stepId().equals(step.stepId()))
                        .findFirst()
                        .filter(read -> step.readings().isEmpty())
                        .map(read -> with(step, read.readings()))
                        .orElse(step))
                .toList());
    }

    /** The other end of its axle was felt in the same round: that is what a hub's warmth is held against. */
    private static AtHub withOtherSide(AtHub one, List<AtHub> all) {
        Optional<Taken> other = all.stream()
                .filter(each -> !each.isAt(one.hub())
                        && each.hub().end().axleId().equals(one.hub().end().axleId()))
                .flatMap(AtHub::steps)
                .flatMap(step -> step.readings().stream())
                .filter(taken -> taken.kind() == ReadingKind.HUB_TEMPERATURE)
                .findFirst();
        return one.with(one.steps()
                .map(step -> other.filter(taken -> isOneSideAlone(step))
                        .map(taken -> withOther(step, taken))
                        .orElse(step))
                .toList());
    }

    private static boolean isOneSideAlone(StepDone step) {
        return step.reading(ReadingKind.HUB_TEMPERATURE).isPresent()
                && step.reading(ReadingKind.OTHER_HUB_TEMPERATURE).isEmpty();
    }

    private static StepDone withOther(StepDone step, Taken other) {
        List<Taken> readings = new ArrayList<>(step.readings());
        readings.add(new Taken(ReadingKind.OTHER_HUB_TEMPERATURE, other.value(), other.typed()));
        return with(step, readings);
    }

    private static StepDone with(StepDone step, List<Taken> readings) {
        return new StepDone(step.stepId(), step.checksMet(), readings, step.note());
    }

    /** The rig comes down once all hubs are on again: whoever is not as far is named. */
    private void refuseBeforeOthers(List<AtHub> all) {
        Set<UUID> pressed = all.stream().map(one -> one.hub().job().id()).collect(Collectors.toSet());
        for (AtHub one : all) {
            Set<String> ids = one.steps().map(StepDone::stepId).collect(Collectors.toSet());
            for (Step step : one.hub().rest()) {
                if (ids.contains(step.id())) {
                    round.behind(one.hub().job().id(), step).stream()
                            .filter(behind -> !pressed.contains(behind.job().id()))
                            .findFirst()
                            .ifPresent(behind -> refuse(step, behind));
                }
            }
        }
    }

    private static void refuse(Step step, Bench<WheelEnd> behind) {
        throw new ConflictException("\"" + step.what() + "\" is for the whole rig, and "
                + behind.end().positionName()
                + " is not as far: next there is \""
                + behind.now().map(Step::what).orElse("nothing")
                + "\". Finish that hub first, or let it go from this job.");
    }
}
