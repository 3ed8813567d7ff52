package oldtallow.core.procedure.bench;

import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import oldtallow.core.fastening.sequence.ProcedureId;
import oldtallow.core.hub.BuiltHub;
import oldtallow.core.hub.part.Part;
import oldtallow.core.procedure.bench.Bench.Done;
import oldtallow.core.procedure.bench.JobEntry.FirstLooked;
import oldtallow.core.procedure.bench.JobEntry.Greased;
import oldtallow.core.procedure.bench.JobEntry.Judged;
import oldtallow.core.procedure.bench.JobEntry.Waits;
import oldtallow.core.procedure.brief.Choices;
import oldtallow.core.procedure.brief.JobBrief;
import oldtallow.core.procedure.brief.Scope;
import oldtallow.core.procedure.job.Ledger;
import oldtallow.core.procedure.job.Plan;
import oldtallow.core.procedure.job.Replan;
import oldtallow.core.procedure.judge.JudgedItem;
import oldtallow.core.procedure.judge.Verdict.Outcome;
import oldtallow.core.procedure.step.PartMove;
import oldtallow.core.procedure.step.Step;
import oldtallow.core.procedure.step.StepIds;

/** One pass over a job's entries; the brief changes on the way, and a step is what the plan of its time said. */
final class BenchReading<H extends BuiltHub> {

    /** What steps were called before a spacer was told by itself, not by its construction. */
    private static final Map<String, String> CALLED_NOW = Map.of(
            "strip.upright-spacer", StepIds.STRIP_SPACER,
            "strip.hub-spacer", StepIds.STRIP_SPACER,
            "hub.upright-spacer", StepIds.HUB_SPACER,
            "hub.hub-spacer", StepIds.HUB_SPACER);

    private final Job job;
    private final H end;
    private final Bench.Procedures procedures;
    private final Bench.Plans plans;
    private final List<JobBrief> brief = new ArrayList<>(1);
    private final List<Scope> asked = new ArrayList<>(1);
    private final List<Done> done = new ArrayList<>();
    private final Set<String> met = new HashSet<>();
    private final Set<String> waived = new HashSet<>();
    private final Set<Part> condemned = EnumSet.noneOf(Part.class);
    private final Set<Part> absent = EnumSet.noneOf(Part.class);
    private final List<FirstLooked> looks = new ArrayList<>(1);
    private final Map<JudgedItem, Judged> judged = new EnumMap<>(JudgedItem.class);
    private final List<Greased> greased = new ArrayList<>(1);
    private final List<ProcedureId> procedure = new ArrayList<>(1);
    private final Set<Part> reopened = EnumSet.noneOf(Part.class);
    /** What still has to come off so that the nut can be set again. */
    private final Set<Part> overNut = EnumSet.noneOf(Part.class);

    private final List<Waits> waits = new ArrayList<>(1);

    BenchReading(Job job, H end, Bench.Procedures procedures, Bench.Plans plans) {
        this.job = job;
        this.end = end;
        this.procedures = procedures;
        this.plans = plans;
        asked.add(job.scope());
        brief.add(brief(job.scope(), Choices.USUAL));
    }

    Bench<H> through(List<RecordedEntry> entries) {
        Plan plan = plans.of(brief.getFirst());
        for (RecordedEntry recorded : counting(entries)) {
            if (changesPlan(recorded.entry())) {
                plan = plans.of(brief.getFirst());
                continue;
            }
            read(recorded, plan);
            // a verdict of the same press counts once its steps were read as the plan had them
            if (recorded.entry() instanceof JobEntry.RunDone run && run.judged() != null && changesPlan(run.judged())) {
                plan = plans.of(brief.getFirst());
            }
        }
        List<Step> steps = done.stream().map(Done::step).toList();
        List<Step> rest = Replan.rest(plan, steps, reopened, overNut);
        // what is done again is checked again
        rest.forEach(step -> step.checks().forEach(check -> met.remove(check.id())));
        return new Bench<>(
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
                procedure.stream().findFirst(),
                waits.stream().findFirst());
    }

    /** Without what was taken back, and without what took it back. */
    static List<RecordedEntry> counting(List<RecordedEntry> entries) {
        Set<UUID> undone = entries.stream()
                .flatMap(one -> one.entry() instanceof JobEntry.Undone(UUID id) ? Stream.of(id) : Stream.empty())
                .collect(Collectors.toSet());
        return entries.stream()
                .filter(one -> !(one.entry() instanceof JobEntry.Undone) && !undone.contains(one.id()))
                .toList();
    }

    private boolean changesPlan(JobEntry entry) {
        switch (entry) {
            case JobEntry.Scoped(Scope scope, Choices choices, String reason) -> {
                asked.set(0, scope);
                brief.set(0, brief(scope, choices));
            }
            case JobEntry.WayChosen one -> {
                JobBrief before = brief.getFirst();
                brief.set(0, brief(asked.getFirst(), before.choices().with(one.chosen())));
            }
            case JobEntry.Condemned(Set<Part> parts, String reason) -> {
                condemn(parts);
                renewBrief();
            }
            case JobEntry.NotHere(String stepId, Set<Part> parts) -> {
                absent.addAll(parts);
                renewBrief();
            }
            case JobEntry.ProcedureChosen one -> {
                procedure.clear();
                procedure.add(one.id());
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

    private void read(RecordedEntry recorded, Plan plan) {
        switch (recorded.entry()) {
            case JobEntry.StepDone one -> read(one, recorded, plan);
            case JobEntry.RunDone run -> {
                run.steps().forEach(one -> read(one, recorded, plan));
                run.added().forEach(one -> met.addAll(one.checksMet()));
            }
            case JobEntry.Added one -> met.addAll(one.checksMet());
            case JobEntry.StepUndone(String stepId) -> undo(stepId);
            case JobEntry.Waived(String checkId, String reason) -> waived.add(checkId);
            case FirstLooked look -> looks.add(look);
            case Greased one -> {
                greased.clear();
                greased.add(one);
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

    private void read(JobEntry.StepDone one, RecordedEntry recorded, Plan plan) {
        plan.find(CALLED_NOW.getOrDefault(one.stepId(), one.stepId())).ifPresent(step -> {
            done.add(new Done(step, one, recorded));
            step.moves().forEach(move -> {
                reopened.remove(move.part());
                overNut.remove(move.part());
            });
        });
        met.addAll(one.checksMet());
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
        JobBrief before = brief.getFirst();
        JobBrief now = brief(asked.getFirst(), before.choices());
        brief.set(0, now);
        if (!before.condemned().containsAll(now.condemned())) {
            askForNewParts();
        }
    }

    /** Whatever was here before: what is to be new now may not be. */
    private void askForNewParts() {
        done.removeIf(one -> one.step().id().equals(StepIds.JUDGE_NEW_HERE));
    }

    private JobBrief brief(Scope scope, Choices choices) {
        Set<Part> renewed = EnumSet.noneOf(Part.class);
        renewed.addAll(condemned);
        judged.values().stream()
                .filter(one -> Verdicts.outcome(one, choices.reuse()).isRenewal())
                .map(Judged::item)
                .filter(JudgedItem::isBearing) // a hub turns the job into an exchange
                .map(JudgedItem::parts)
                .forEach(renewed::addAll);
        Set<JudgedItem> mended = judged.values().stream()
                .filter(one -> Verdicts.outcome(one, choices.reuse()) == Outcome.REPAIR)
                .map(Judged::item)
                .collect(Collectors.toSet());
        Scope now = scopeNow(scope, choices);
        return new JobBrief(
                        end.construction(),
                        end.fastening(),
                        end.fittings(),
                        now,
                        choices,
                        job.known(),
                        job.worker(),
                        procedures.of(now, procedure.stream().findFirst()),
                        renewed)
                .without(absent)
                .mending(mended);
    }

    /** A new hub comes with its bearings: the job goes on as an exchange, where the axle can have one. */
    private Scope scopeNow(Scope wanted, Choices choices) {
        boolean scrapsHub = condemned.contains(Part.HUB)
                || Optional.ofNullable(judged.get(JudgedItem.HUB))
                        .filter(one -> Verdicts.outcome(one, choices.reuse()).isRenewal())
                        .isPresent();
        Scope scope = scrapsHub ? Scope.EXCHANGE : wanted;
        return scope.isPossibleOn(end.construction()) ? scope : Scope.RENEW;
    }

    private void condemn(Collection<Part> parts) {
        for (Part part : parts) {
            condemned.add(part);
            part.otherRing().ifPresent(condemned::add);
            if (wentOnNew(part)) {
                // the plan has a new one already: it takes another
                reopened.add(part);
                askForNewParts();
            }
        }
    }

    private boolean wentOnNew(Part part) {
        return done.stream()
                .flatMap(one -> one.step().moves().stream())
                .filter(move -> move.part() == part)
                .reduce((earlier, later) -> later)
                .filter(Condemnable::isNew)
                .isPresent();
    }
}
