package oldtallow.core.procedure.bench;

import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import oldtallow.core.fastening.sequence.AdjustmentProcedure;
import oldtallow.core.fastening.sequence.ProcedureId;
import oldtallow.core.hub.BuiltHub;
import oldtallow.core.hub.Fittings.BrakeKind;
import oldtallow.core.hub.part.Part;
import oldtallow.core.procedure.bench.JobEntry.FirstLooked;
import oldtallow.core.procedure.bench.JobEntry.Greased;
import oldtallow.core.procedure.bench.JobEntry.Judged;
import oldtallow.core.procedure.bench.JobEntry.Waits;
import oldtallow.core.procedure.brief.Absence;
import oldtallow.core.procedure.brief.JobBrief;
import oldtallow.core.procedure.brief.Scope;
import oldtallow.core.procedure.job.Ledger;
import oldtallow.core.procedure.job.Plan;
import oldtallow.core.procedure.judge.JudgedItem;
import oldtallow.core.procedure.judge.Verdict;
import oldtallow.core.procedure.judge.Verdict.Outcome;
import oldtallow.core.procedure.look.Diagnosis;
import oldtallow.core.procedure.look.FirstLook;
import oldtallow.core.procedure.step.Check;
import oldtallow.core.procedure.step.PartMove;
import oldtallow.core.procedure.step.Stage;
import oldtallow.core.procedure.step.Step;
import oldtallow.core.procedure.step.StepIds;
import oldtallow.core.procedure.step.Supply;
import oldtallow.core.quantity.ReadingKind;
import oldtallow.core.schedule.interval.DueAction;
import oldtallow.core.travel.warmth.HubHeat;

/**
 * How a job stands: its entries, read in their order.
 *
 * @param <H> what the hub is kept as
 * @param done steps as they were done
 * @param rest steps still to do
 * @param waivedChecks ids of checks a mechanic let go
 * @param greased which grease goes in; empty until somebody says
 * @param procedure by which the nut is set, where somebody chose one on this job
 * @param waits what it waits for; empty while work goes on
 */
public record Bench<H extends BuiltHub>(
        Job job,
        H end,
        List<RecordedEntry> entries,
        Plan plan,
        List<Done> done,
        List<Step> rest,
        Ledger ledger,
        Set<String> metChecks,
        Set<String> waivedChecks,
        Optional<FirstLooked> firstLook,
        Map<JudgedItem, Judged> judged,
        Optional<Greased> greased,
        Optional<ProcedureId> procedure,
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
    public record Done(Step step, JobEntry.StepDone entry, RecordedEntry recorded) {}

    /** By which procedure the nut is set, as far as the job goes and unless one was chosen on it. */
    public interface Procedures {
        AdjustmentProcedure of(Scope scope, Optional<ProcedureId> chosen);
    }

    /** How the plan of a brief is come by: {@link oldtallow.core.procedure.job.Planner}, or what it said before. */
    public interface Plans {
        Plan of(JobBrief brief);
    }

    /** Reads a job. */
    public static <H extends BuiltHub> Bench<H> read(
            Job job, H end, List<RecordedEntry> entries, Procedures procedures, Plans plans) {
        return new BenchReading<>(job, end, procedures, plans).through(entries);
    }

    /** The same in another state. */
    public Bench<H> in(Job.State state) {
        return new Bench<>(
                job.in(job.scope(), state),
                end,
                entries,
                plan,
                done,
                rest,
                ledger,
                metChecks,
                waivedChecks,
                firstLook,
                judged,
                greased,
                procedure,
                waits);
    }

    /** The step to do now; empty when none is left. */
    public Optional<Step> now() {
        return rest.stream().findFirst();
    }

    /** Entries that stand: without those that were taken back. */
    public List<RecordedEntry> standing() {
        return BenchReading.counting(entries);
    }

    /** What one press takes back: the latest entry that stands and changed how the job is walked; empty at its beginning. */
    public Optional<RecordedEntry> lastPress() {
        return standing().stream()
                .skip(1) // how far it goes was said when it was opened
                .filter(one -> isPress(one.entry()))
                .reduce((earlier, later) -> later);
    }

    /** What was only added, and an end, is not taken back; another scope is, by choosing the scope again. */
    private static boolean isPress(JobEntry entry) {
        return switch (entry) {
            case JobEntry.Scoped is -> false;
            case JobEntry.Added is -> false;
            case JobEntry.PhotoTaken is -> false;
            case JobEntry.StepUndone is -> false;
            case JobEntry.Undone is -> false;
            case JobEntry.Closed is -> false;
            case JobEntry.SignedOff is -> false;
            case JobEntry.Abandoned is -> false;
            default -> true;
        };
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

    /**
     * Parts that can be called done with, on the hub or off it: what goes back, what went on new and came to harm, and with a
     * cone its cup.
     */
    public Set<Part> condemnable() {
        return Condemnable.of(this);
    }

    /** New parts that were called for on the way and have not been said to be here. */
    public List<Part> newToCome() {
        boolean isAsked = rest.stream().anyMatch(step -> step.id().equals(StepIds.JUDGE_NEW_HERE));
        return isAsked ? plan.newAfterAll() : List.of();
    }

    /** Whether what a step is about can turn out not to be on this hub: not every hub has it, and it did not come off this one. */
    public boolean mayBeAbsent(Step step) {
        Set<Part> parts = Absence.of(step);
        return !parts.isEmpty()
                && done.stream()
                        .flatMap(one -> one.step().moves().stream())
                        .noneMatch(move -> parts.contains(move.part()));
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
    public DueAction does() {
        Scope scope = plan.brief().scope();
        if (!scope.setsNut()) {
            return scope == Scope.LOOK ? DueAction.INSPECT : DueAction.TOP_UP;
        }
        if (!scope.opens()) {
            return DueAction.ADJUST;
        }
        return renewedInPlan().containsAll(EnumSet.of(Part.INBOARD_CONE, Part.OUTBOARD_CONE))
                ? DueAction.RENEW
                : DueAction.REPACK;
    }

    /** Whether the wheel is on again after it was off. */
    public boolean hasTorquedWheelNuts() {
        return done.stream()
                .flatMap(one -> one.step().readings().stream())
                .anyMatch(kind -> kind == ReadingKind.WHEEL_NUT_TORQUE);
    }

    /** Whether it has put grease into the hub. */
    public boolean hasGreased() {
        return done.stream()
                .anyMatch(one -> one.step().stage() == Stage.GREASE
                        && one.step().supplies().contains(Supply.WHEEL_BEARING_GREASE));
    }

    /** The entry since which a setting of the nut counts: it was taken off, or opened again, or the job began. */
    public RecordedEntry nutLooseSince() {
        return Stream.concat(
                        done.stream()
                                .filter(one ->
                                        one.step().moves().contains(new PartMove(Part.NUT, PartMove.Kind.REMOVE)))
                                .map(Done::recorded),
                        standing().stream().filter(one -> one.entry() instanceof JobEntry.SettingReopened))
                .max(Comparator.comparingInt(RecordedEntry::number))
                .orElseGet(entries::getFirst);
    }

    /** Whether the nut has been set, so that the setting can be opened again. */
    public boolean hasSetting() {
        return done.stream().anyMatch(one -> one.step().stage() == Stage.SET_NUT)
                && rest.stream().noneMatch(step -> step.stage() == Stage.SET_NUT);
    }

    /** What the first look points to, its temperatures among them. */
    public Optional<Diagnosis> diagnosis() {
        boolean hasBrake = end.fittings().brake() != BrakeKind.NONE;
        Optional<HubHeat> heat = done.stream()
                .filter(one -> one.step().stage().compareTo(Stage.FIRST_LOOK) <= 0)
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

    /** What holds of a verdict: a mechanic's own over the rules', and over both that it was called done with since. */
    public Optional<Outcome> outcome(JudgedItem item) {
        boolean isCondemned = plan.brief().condemned().stream().anyMatch(item.parts()::contains);
        return Optional.ofNullable(judged.get(item))
                .map(one -> Verdicts.outcome(one, plan.brief().choices().reuse()))
                .map(outcome -> isCondemned && !outcome.isRenewal() ? Outcome.RENEW : outcome);
    }

    /** The rules' own verdict. */
    public Optional<Verdict> verdict(JudgedItem item) {
        return Optional.ofNullable(judged.get(item))
                .map(one -> Verdicts.of(one, plan.brief().choices().reuse()));
    }
}
