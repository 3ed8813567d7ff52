package oldtallow.app.job;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import oldtallow.app.job.JobEntry.FirstLooked;
import oldtallow.app.job.JobEntry.Greased;
import oldtallow.app.job.JobEntry.Item;
import oldtallow.app.job.JobEntry.Judged;
import oldtallow.app.job.JobEntry.Waits;
import oldtallow.app.register.WheelEnd;
import oldtallow.core.hub.Fastening;
import oldtallow.core.hub.Fittings.BrakeKind;
import oldtallow.core.interval.DueAction;
import oldtallow.core.job.Choices;
import oldtallow.core.job.JobBrief;
import oldtallow.core.job.Ledger;
import oldtallow.core.job.Plan;
import oldtallow.core.job.Planner;
import oldtallow.core.job.Replan;
import oldtallow.core.job.Scope;
import oldtallow.core.judge.Verdict;
import oldtallow.core.judge.Verdict.Outcome;
import oldtallow.core.look.Diagnosis;
import oldtallow.core.look.FirstLook;
import oldtallow.core.look.HubHeat;
import oldtallow.core.part.Part;
import oldtallow.core.sequence.SchoolId;
import oldtallow.core.step.Check;
import oldtallow.core.step.PartMove;
import oldtallow.core.step.ReadingKind;
import oldtallow.core.step.Stage;
import oldtallow.core.step.Step;
import oldtallow.core.step.Supply;

/**
 * How a job stands: its entries, read in their order.
 *
 * @param done steps as they were done
 * @param rest steps still to do
 * @param waivedChecks ids of checks a mechanic let go
 * @param greased which grease goes in; empty until somebody says
 * @param school by which the nut is set, where somebody chose one on this job
 * @param waits what it waits for; empty while work goes on
 */
public record JobBench(
        Job job,
        WheelEnd end,
        List<Recorded> entries,
        Plan plan,
        List<Done> done,
        List<Step> rest,
        Ledger ledger,
        Set<String> metChecks,
        Set<String> waivedChecks,
        Optional<FirstLooked> firstLook,
        Map<Item, Judged> judged,
        Optional<Greased> greased,
        Optional<SchoolId> school,
        Optional<Waits> waits) {

    private static final Set<Part> SETS_THE_PLAY = EnumSet.of(
            Part.INBOARD_CUP,
            Part.OUTBOARD_CUP,
            Part.INBOARD_CONE,
            Part.OUTBOARD_CONE,
            Part.WASHER,
            Part.NUT,
            Part.HUB);

    /** A step that was done, as the plan had it then. */
    public record Done(Step step, JobEntry.StepDone entry, Recorded recorded) {}

    /** Reads a job. */
    static JobBench read(Job job, WheelEnd end, List<Recorded> entries) {
        return new Reading(job, end).through(entries);
    }

    /** The step to do now; empty when none is left. */
    public Optional<Step> now() {
        return rest.stream().findFirst();
    }

    /** What the job cannot close without and that has neither been met nor let go. */
    public List<Check> open() {
        return plan.steps().stream()
                .flatMap(step -> step.checks().stream())
                .filter(check -> check.must() && !metChecks.contains(check.id()) && !waivedChecks.contains(check.id()))
                .toList();
    }

    /** Cups that were put in on this job. */
    public Set<Part> cupsFitted() {
        Set<Part> fitted = EnumSet.noneOf(Part.class);
        done.stream()
                .flatMap(one -> one.step().moves().stream())
                .filter(move -> move.kind() != PartMove.Kind.REMOVE)
                .map(PartMove::part)
                .filter(part -> part == Part.INBOARD_CUP || part == Part.OUTBOARD_CUP)
                .forEach(fitted::add);
        return fitted;
    }

    /** Parts that run in this hub and do not go back as they were. */
    public Set<Part> renewedInPlan() {
        Set<Part> renewed = EnumSet.noneOf(Part.class);
        plan.steps().stream()
                .flatMap(step -> step.moves().stream())
                .filter(move -> move.kind() == PartMove.Kind.RENEW || move.kind() == PartMove.Kind.FIT)
                .map(PartMove::part)
                .filter(SETS_THE_PLAY::contains)
                .forEach(renewed::add);
        return renewed;
    }

    /** What it does to the wheel end, as the almanac counts it. */
    DueAction does() {
        if (!plan.brief().scope().opens()) {
            return DueAction.ADJUST;
        }
        return renewedInPlan().containsAll(EnumSet.of(Part.INBOARD_CONE, Part.OUTBOARD_CONE))
                ? DueAction.RENEW
                : DueAction.REPACK;
    }

    /** Whether the wheel is on again after it was off. */
    boolean hasTorquedWheelNuts() {
        return done.stream()
                .flatMap(one -> one.step().readings().stream())
                .anyMatch(kind -> kind == ReadingKind.WHEEL_NUT_TORQUE);
    }

    /** Whether it has put grease into the hub. */
    boolean hasGreased() {
        return done.stream()
                .anyMatch(one -> one.step().stage() == Stage.GREASE
                        && one.step().supplies().contains(Supply.WHEEL_BEARING_GREASE));
    }

    /** From when on a setting of the nut counts: since it was last taken off or opened again, or the job began. */
    Instant nutLooseSince() {
        Instant off = done.stream()
                .filter(one -> one.step().moves().contains(new PartMove(Part.NUT, PartMove.Kind.REMOVE)))
                .map(one -> one.recorded().at())
                .reduce((earlier, later) -> later)
                .orElse(job.openedAt());
        return entries.stream()
                .filter(one -> one.entry() instanceof JobEntry.SettingReopened)
                .map(Recorded::at)
                .reduce(off, (earlier, later) -> later.isAfter(earlier) ? later : earlier);
    }

    /** Whether the nut has been set, so that the setting can be opened again. */
    public boolean hasSetting() {
        return done.stream().anyMatch(one -> one.step().stage() == Stage.SET_NUT)
                && rest.stream().noneMatch(step -> step.stage() == Stage.SET_NUT);
    }

    /** What the first look points to, its temperatures among them. */
    public Optional<Diagnosis> diagnosis() {
        boolean hasBrake = end.build().fittings().brake() != BrakeKind.NONE;
        Optional<HubHeat> heat = done.stream()
                .filter(one -> one.step().stage() == Stage.FIRST_LOOK)
                .flatMap(one -> heat(one.entry()).stream())
                .reduce((earlier, later) -> later);
        if (firstLook.isEmpty() && heat.isEmpty()) {
            return Optional.empty();
        }
        var look = new FirstLook(firstLook.map(FirstLooked::seen).orElse(List.of()), heat, hasBrake);
        return Optional.of(look.diagnosis());
    }

    private static Optional<HubHeat> heat(JobEntry.StepDone entry) {
        return entry.reading(ReadingKind.HUB_TEMPERATURE)
                .map(celsius -> new HubHeat(celsius, entry.reading(ReadingKind.OTHER_HUB_TEMPERATURE)));
    }

    /** What holds of a verdict: a mechanic's own over the rules'. */
    public Optional<Outcome> outcome(Item item) {
        return Optional.ofNullable(judged.get(item))
                .map(one -> Verdicts.outcome(one, plan.brief().choices().reuse()));
    }

    /** The rules' own verdict. */
    public Optional<Verdict> verdict(Item item) {
        return Optional.ofNullable(judged.get(item))
                .map(one -> Verdicts.of(one, plan.brief().choices().reuse()));
    }

    /** One pass over the entries; the brief changes on the way, and a step is what the plan of its time said. */
    private static final class Reading {

        private final Job job;
        private final WheelEnd end;
        private final List<JobBrief> brief = new ArrayList<>(1);
        private final List<Scope> asked = new ArrayList<>(1);
        private final List<Done> done = new ArrayList<>();
        private final Set<String> met = new HashSet<>();
        private final Set<String> waived = new HashSet<>();
        private final Set<Part> condemned = EnumSet.noneOf(Part.class);
        private final List<FirstLooked> looks = new ArrayList<>(1);
        private final Map<Item, Judged> judged = new EnumMap<>(Item.class);
        private final List<Greased> greased = new ArrayList<>(1);
        private final List<SchoolId> school = new ArrayList<>(1);
        private final Set<Part> reopened = EnumSet.noneOf(Part.class);
        /** What still has to come off so that the nut can be set again. */
        private final Set<Part> overNut = EnumSet.noneOf(Part.class);

        private final List<Waits> waits = new ArrayList<>(1);

        Reading(Job job, WheelEnd end) {
            this.job = job;
            this.end = end;
            asked.add(job.scope());
            brief.add(brief(job.scope(), Choices.USUAL));
        }

        JobBench through(List<Recorded> entries) {
            Plan plan = Planner.plan(brief.getFirst());
            for (Recorded recorded : entries) {
                if (changesPlan(recorded.entry())) {
                    plan = Planner.plan(brief.getFirst());
                } else {
                    read(recorded, plan);
                }
            }
            List<Step> steps = done.stream().map(Done::step).toList();
            List<Step> rest = Replan.rest(plan, steps, reopened, overNut);
            // what is done again is checked again
            rest.forEach(step -> step.checks().forEach(check -> met.remove(check.id())));
            return new JobBench(
                    job,
                    end,
                    List.copyOf(entries),
                    plan,
                    List.copyOf(done),
                    rest,
                    Ledger.after(steps, plan.brief()),
                    Set.copyOf(met),
                    Set.copyOf(waived),
                    looks.stream().reduce((earlier, later) -> later),
                    Map.copyOf(judged),
                    greased.stream().findFirst(),
                    school.stream().findFirst(),
                    waits.stream().findFirst());
        }

        private boolean changesPlan(JobEntry entry) {
            switch (entry) {
                case JobEntry.Scoped(Scope scope, Choices choices, String reason) -> {
                    asked.set(0, scope);
                    brief.set(0, brief(scope, choices));
                }
                case JobEntry.Condemned(Set<Part> parts, String reason) -> {
                    condemn(parts);
                    renewBrief();
                }
                case Judged one -> {
                    judged.put(one.item(), one);
                    renewBrief();
                }
                default -> {
                    return false;
                }
            }
            return true;
        }

        private void read(Recorded recorded, Plan plan) {
            switch (recorded.entry()) {
                case JobEntry.StepDone one -> {
                    plan.find(one.stepId()).ifPresent(step -> {
                        done.add(new Done(step, one, recorded));
                        step.moves().forEach(move -> {
                            reopened.remove(move.part());
                            overNut.remove(move.part());
                        });
                    });
                    met.addAll(one.checksMet());
                }
                case JobEntry.Added one -> met.addAll(one.checksMet());
                case JobEntry.StepUndone(String stepId) -> undo(stepId);
                case JobEntry.Waived(String checkId, String reason) -> waived.add(checkId);
                case FirstLooked look -> looks.add(look);
                case Greased one -> {
                    greased.clear();
                    greased.add(one);
                }
                case JobEntry.SchoolChosen one -> {
                    school.clear();
                    school.add(one.id());
                }
                case JobEntry.CupMoved(Set<Part> cups, String what) -> reopen(cups);
                case JobEntry.SettingReopened one -> {
                    done.removeIf(did -> Replan.isUndoneByReset(did.step()));
                    overNut.addAll(Replan.overTheNut(plan));
                }
                case Waits one -> {
                    waits.clear();
                    waits.add(one);
                }
                case JobEntry.WentOn one -> waits.clear();
                default -> {}
            }
        }

        private void undo(String stepId) {
            if (!done.isEmpty() && done.getLast().step().id().equals(stepId)) {
                done.removeLast().step().checks().forEach(check -> met.remove(check.id()));
            }
        }

        /** The cups went in, but not home: putting them in counts no longer, and they are to be reached again. */
        private void reopen(Set<Part> cups) {
            done.removeIf(one -> one.step().moves().stream()
                    .anyMatch(move -> move.kind() != PartMove.Kind.REMOVE && cups.contains(move.part())));
            reopened.addAll(cups);
        }

        private void renewBrief() {
            brief.set(0, brief(asked.getFirst(), brief.getFirst().choices()));
        }

        private JobBrief brief(Scope scope, Choices choices) {
            Set<Part> renewed = EnumSet.noneOf(Part.class);
            renewed.addAll(condemned);
            judged.values().stream()
                    .filter(one -> Verdicts.outcome(one, choices.reuse()).isRenewal())
                    .map(one -> parts(one.item()))
                    .forEach(renewed::addAll);
            return new JobBrief(
                    end.construction(),
                    Fastening.of(end.build().lock()),
                    end.build().fittings(),
                    scopeNow(scope, choices),
                    choices,
                    job.known(),
                    job.worker(),
                    renewed);
        }

        /** A new hub comes with its bearings: the job goes on as an exchange, where the axle can have one. */
        private Scope scopeNow(Scope wanted, Choices choices) {
            boolean scrapsHub = Optional.ofNullable(judged.get(Item.HUB))
                    .filter(one -> Verdicts.outcome(one, choices.reuse()).isRenewal())
                    .isPresent();
            Scope scope = scrapsHub ? Scope.EXCHANGE : wanted;
            return scope.isPossibleOn(end.construction()) ? scope : Scope.RENEW;
        }

        private void condemn(Collection<Part> parts) {
            parts.forEach(part -> {
                condemned.add(part);
                part.otherRing().ifPresent(condemned::add);
            });
        }

        private static Set<Part> parts(Item item) {
            return switch (item) {
                case INBOARD_BEARING -> Set.of(Part.INBOARD_CONE, Part.INBOARD_CUP);
                case OUTBOARD_BEARING -> Set.of(Part.OUTBOARD_CONE, Part.OUTBOARD_CUP);
                case HUB, SPINDLE -> Set.of(); // a hub turns the job into an exchange; a spindle does not come off
            };
        }
    }
}
