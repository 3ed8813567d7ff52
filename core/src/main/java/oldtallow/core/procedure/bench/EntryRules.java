package oldtallow.core.procedure.bench;

import java.util.Collections;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import oldtallow.core.hub.BuiltHub;
import oldtallow.core.hub.part.Part;
import oldtallow.core.procedure.bench.JobEntry.Added;
import oldtallow.core.procedure.bench.JobEntry.RunDone;
import oldtallow.core.procedure.bench.JobEntry.StepDone;
import oldtallow.core.procedure.brief.Absence;
import oldtallow.core.procedure.brief.ChoiceKind;
import oldtallow.core.procedure.brief.Choices;
import oldtallow.core.procedure.brief.Scope;
import oldtallow.core.procedure.choice.ChoiceOpen;
import oldtallow.core.procedure.job.Planner;
import oldtallow.core.procedure.step.Check;
import oldtallow.core.procedure.step.Step;
import oldtallow.core.refusal.FieldErrors;
import oldtallow.core.refusal.InvalidInputException;

/** Which entries a job takes as it stands, and what becomes of those that come late. */
public final class EntryRules<H extends BuiltHub> {

    /** What a sequence of the nut asks of an entry; who knows the figures that govern says it. */
    public interface Sequences<H extends BuiltHub> {

        /** Refuses a procedure that is none, or does not hold on this job. */
        void requireFit(Bench<H> bench, String procedure);

        /** Notes what readings speak against a step: too few turns, a torque read in another unit. */
        void check(Bench<H> bench, Step step, StepDone sent, FieldErrors errors);
    }

    private static final int MOST_WORDS = 1000;

    private final Bench<H> bench;
    private final boolean isMechanic;
    private final Sequences<H> sequences;
    private final StepRules<H> steps;

    public EntryRules(Bench<H> bench, boolean isMechanic, Sequences<H> sequences) {
        this.bench = bench;
        this.isMechanic = isMechanic;
        this.sequences = sequences;
        this.steps = new StepRules<>(bench, isMechanic, sequences);
    }

    /** The entry to write down; throws where it cannot be. */
    public JobEntry admit(JobEntry sent) {
        return switch (sent) {
            case StepDone done -> steps.admit(done);
            case RunDone run -> {
                if (run.judged() != null) {
                    judge(run.judged());
                }
                yield steps.admit(run);
            }
            case Added added -> {
                steps.step(added.stepId());
                yield added;
            }
            case JobEntry.Undone(UUID entryId) -> {
                refuseUnless(
                        bench.lastPress()
                                .filter(last -> last.id().equals(entryId))
                                .isPresent(),
                        "entryId",
                        entryId,
                        "is not the last entry that can be taken back; look at the bench again");
                yield sent;
            }
            case JobEntry.StepUndone(String stepId) -> {
                boolean isLast = !bench.done().isEmpty()
                        && bench.done().getLast().step().id().equals(stepId);
                refuseUnless(
                        isLast,
                        "stepId",
                        stepId,
                        "is not the step that was done last; only that one can be taken back");
                yield sent;
            }
            case JobEntry.Waived(String checkId, String reason) -> {
                mechanicsOnly("checkId", checkId);
                boolean isKnown = bench.plan().steps().stream()
                        .flatMap(step -> step.checks().stream())
                        .anyMatch(check -> check.id().equals(checkId));
                refuseUnless(isKnown, "checkId", checkId, "is no check of this job");
                needsReason("reason", reason);
                yield sent;
            }
            case JobEntry.Scoped(Scope scope, Choices choices, String reason) -> {
                refuseUnless(
                        scope.isPossibleOn(
                                bench.end().construction(), bench.end().fittings()),
                        "scope",
                        scope.words(),
                        "is not possible on a " + bench.end().construction().words()
                                + " with what closes and fills it");
                refuseUnless(
                        bench.done().isEmpty() || scope != Scope.FIRST_BUILD,
                        "scope",
                        scope.words(),
                        "is for a bare spindle; this one has parts on it");
                for (ChoiceKind kind : ChoiceKind.values()) {
                    notTooLate(kind, kind.of(choices), "choices." + kind.id());
                }
                yield sent;
            }
            case JobEntry.WayChosen one -> {
                notTooLate(one.choice(), one.chosen(), "way");
                yield sent;
            }
            case JobEntry.Condemned(var parts, String reason) -> {
                var open = bench.condemnable();
                refuseUnless(
                        !parts.isEmpty() && open.containsAll(parts),
                        "parts",
                        parts.stream().sorted().map(Part::words).collect(Collectors.joining(", ")),
                        "must be parts that this job takes off and means to put back, or has put on new; that are now: "
                                + open.stream().map(Part::words).collect(Collectors.joining(", ")));
                needsReason("reason", reason);
                yield sent;
            }
            case JobEntry.NotHere(String stepId, var parts) -> notHere(steps.step(stepId));
            case JobEntry.Noted(String stepId, String words) -> {
                steps.step(stepId);
                refuseUnless(
                        !words.isBlank() && words.length() <= MOST_WORDS,
                        "words",
                        words.length() + " characters",
                        "must be 1 to " + MOST_WORDS + " characters");
                yield sent;
            }
            case JobEntry.Judged judged -> {
                judge(judged);
                yield sent;
            }
            case JobEntry.FirstLooked look -> sent;
            case JobEntry.Greased greased -> {
                greased.grease().check(greased.batch());
                refuseUnless(
                        greased.grease().known(),
                        "thickener",
                        greased.grease().thickener().words(),
                        "must be known of a new grease; it stands on the tin or its data sheet");
                yield sent;
            }
            case JobEntry.ProcedureChosen chosen -> {
                sequences.requireFit(bench, chosen.procedure());
                yield sent;
            }
            case JobEntry.CupMoved(var cups, String what) -> {
                refuseUnless(
                        !cups.isEmpty() && bench.cupsFitted().containsAll(cups),
                        "cups",
                        cups,
                        "went in on no step of this job: one that moves now is loose in its bore. Change the scope to"
                                + " renew the bearings, and look at the bore");
                atMost("what", what);
                yield sent;
            }
            case JobEntry.SettingReopened(var found, String what) -> {
                refuseUnless(
                        bench.hasSetting(),
                        "entry",
                        "setting opened again",
                        "is not needed; the nut is not set yet on this job");
                atMost("what", what);
                yield sent;
            }
            case JobEntry.PhotoTaken photo -> {
                steps.step(photo.stepId());
                yield sent;
            }
            case JobEntry.Waits waits -> {
                needsReason("what", waits.what());
                yield sent;
            }
            case JobEntry.WentOn on -> {
                refuseUnless(bench.waits().isPresent(), "entry", "went on", "is not needed; the job waits for nothing");
                yield sent;
            }
            case JobEntry.Closed closed -> {
                refuseUnless(
                        bench.job().state() == Job.State.OPEN,
                        "entry",
                        "closed",
                        "is not needed; it waits for its sign-off");
                yield sent;
            }
            case JobEntry.SignedOff signed -> {
                mechanicsOnly("entry", "sign-off");
                refuseUnless(
                        bench.job().state() == Job.State.AWAITS_SIGN_OFF,
                        "entry",
                        "sign-off",
                        "is not asked for; the job has to be closed first");
                yield sent;
            }
            case JobEntry.Abandoned(String reason) -> {
                // begun by mistake: whoever began it ends it, as long as nothing has come apart
                if (bench.done().stream().anyMatch(one -> !one.step().moves().isEmpty())) {
                    mechanicsOnly("entry", "give up what is taken apart");
                }
                needsReason("reason", reason);
                yield sent;
            }
        };
    }

    /** A wheel that is off cannot stay on, and a seal that is out is levered no more. */
    private void notTooLate(ChoiceKind kind, Choices.Way way, String field) {
        if (way.equals(kind.of(bench.plan().brief().choices()))) {
            return;
        }
        ChoiceOpen.parting(bench.plan(), way, Planner::plan)
                .filter(step ->
                        bench.done().stream().anyMatch(one -> one.step().id().equals(step.id())))
                .ifPresent(step -> {
                    throw new InvalidInputException(
                            field,
                            way.words(),
                            "comes too late: " + step.what() + " is done. Take that press back first, or leave it");
                });
    }

    /** What the step is about is struck out of this job; a check that goes with it is a mechanic's to let go. */
    private JobEntry notHere(Step step) {
        Set<Part> parts = Absence.of(step);
        refuseUnless(
                !parts.isEmpty(),
                "stepId",
                step.what(),
                "is for what every such hub has: where it is missing, one is put on. Call the part done with, or change"
                        + " what the wheel end is made of");
        refuseUnless(
                bench.mayBeAbsent(step),
                "stepId",
                step.what(),
                "cannot be struck out any more: the part came off on this job. Take that press back first");
        if (bench.plan().steps().stream()
                .filter(one -> !Collections.disjoint(Absence.of(one), parts))
                .anyMatch(one -> one.checks().stream().anyMatch(Check::must))) {
            mechanicsOnly("stepId", step.what());
        }
        return new JobEntry.NotHere(step.id(), parts);
    }

    private void judge(JobEntry.Judged judged) {
        if (judged.overruled() != null) {
            mechanicsOnly("overruled", judged.overruled());
            needsReason("overruleReason", judged.overruleReason());
        }
    }

    private void mechanicsOnly(String field, Object value) {
        refuseUnless(isMechanic, field, value, "is a mechanic's to do; ask one to do it signed in as themselves");
    }

    private static void needsReason(String field, String reason) {
        refuseUnless(
                !reason.isBlank() && reason.length() <= MOST_WORDS,
                field,
                reason,
                "must say why, in 1 to " + MOST_WORDS + " characters");
    }

    private static void atMost(String field, String words) {
        refuseUnless(
                words.length() <= MOST_WORDS,
                field,
                words.length() + " characters",
                "must be at most " + MOST_WORDS + " characters");
    }

    private static void refuseUnless(boolean holds, String field, Object value, String remedy) {
        if (!holds) {
            throw new InvalidInputException(field, value, remedy);
        }
    }
}
