package oldtallow.core.procedure.bench;

import java.util.ArrayList;
import java.util.List;
import oldtallow.core.fit.SeatedCup;
import oldtallow.core.hub.BuiltHub;
import oldtallow.core.procedure.bench.JobEntry.Added;
import oldtallow.core.procedure.bench.JobEntry.RunDone;
import oldtallow.core.procedure.bench.JobEntry.StepDone;
import oldtallow.core.procedure.step.Check;
import oldtallow.core.procedure.step.Step;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.ReadingKind;
import oldtallow.core.refusal.FieldErrors;
import oldtallow.core.refusal.InvalidInputException;
import oldtallow.core.travel.warmth.HubHeat;
import org.jspecify.annotations.Nullable;

/** When a step, or several in one go, count as done. */
final class StepRules<H extends BuiltHub> {

    private static final int MOST_WORDS = 1000;

    private final Bench<H> bench;
    private final boolean isMechanic;
    private final EntryRules.Sequences<H> sequences;

    StepRules(Bench<H> bench, boolean isMechanic, EntryRules.Sequences<H> sequences) {
        this.bench = bench;
        this.isMechanic = isMechanic;
        this.sequences = sequences;
    }

    Step step(String id) {
        return bench.plan()
                .find(id)
                .orElseThrow(() -> new InvalidInputException(
                        "stepId", id, "is no step of this job as it stands; look at the bench again"));
    }

    JobEntry admit(StepDone sent) {
        Step step = step(sent.stepId());
        if (!isNext(step, 0)) {
            if (isDone(step)) {
                // somebody else was first: nothing that was read here is lost
                return Added.to(sent);
            }
            throw notNext(0);
        }
        var errors = new FieldErrors();
        check(step, sent, null, errors);
        errors.throwIfAny();
        return sent;
    }

    /** All of it, or nothing: one press says that all was done. */
    JobEntry admit(RunDone sent) {
        var errors = new FieldErrors();
        List<StepDone> steps = new ArrayList<>();
        List<Added> added = new ArrayList<>();
        for (StepDone one : sent.steps()) {
            Step step = step(one.stepId());
            if (isNext(step, steps.size())) {
                check(step, one, sent.judged(), errors);
                steps.add(one);
            } else if (isDone(step)) {
                added.add(Added.to(one));
            } else {
                throw notNext(steps.size());
            }
        }
        errors.throwIfAny();
        return new RunDone(steps, added, sent.judged());
    }

    private boolean isNext(Step step, int ahead) {
        return bench.rest().size() > ahead && bench.rest().get(ahead).id().equals(step.id());
    }

    private boolean isDone(Step step) {
        return bench.done().stream().anyMatch(one -> one.step().id().equals(step.id()));
    }

    private NotNextException notNext(int ahead) {
        return new NotNextException("That step is not next. "
                + bench.rest().stream()
                        .skip(ahead)
                        .findFirst()
                        .map(next -> "Next is: " + next.what() + ".")
                        .orElse("Nothing is left to do; close the job."));
    }

    /** Notes what speaks against a step that is called done. */
    private void check(Step step, StepDone sent, JobEntry.@Nullable Judged judged, FieldErrors errors) {
        if (step.byMechanic() && !isMechanic) {
            errors.add("stepId", step.what(), "is a mechanic's to do; ask one to do it signed in as themselves");
        }
        step.verdictOn()
                .filter(item -> !bench.judged().containsKey(item)
                        && (judged == null || judged.item() != item)
                        && !step.isMet(Check.Meaning.VERDICT, bench.waivedChecks()))
                .ifPresent(item ->
                        errors.add("stepId", step.what(), "wants its findings first; nothing found is a finding, too"));
        step.checks().stream()
                .filter(check -> check.must()
                        && !sent.checksMet().contains(check.id())
                        && !bench.waivedChecks().contains(check.id()))
                .forEach(check -> errors.add(
                        "checksMet",
                        check.id(),
                        "must hold before the step is done: " + check.says() + ". A mechanic may let it go"));
        if (sent.note().length() > MOST_WORDS) {
            errors.add("note", null, "must be at most " + MOST_WORDS + " characters");
        }
        if (step.isMet(Check.Meaning.SEATED, sent.checksMet())) {
            checkGaps(sent.readings(), errors);
        }
        if (step.isMet(Check.Meaning.WARM_AT_MOST, sent.checksMet())) {
            checkWarmth(sent, errors);
        }
        sequences.check(bench, step, sent, errors);
    }

    /** A temperature that was measured speaks against a hub that is called warm at most. */
    private static void checkWarmth(StepDone sent, FieldErrors errors) {
        sent.reading(ReadingKind.HUB_TEMPERATURE)
                .map(celsius -> new HubHeat(celsius, sent.reading(ReadingKind.OTHER_HUB_TEMPERATURE)).reading())
                .filter(reading -> !reading.isWarmAtMost())
                .ifPresent(reading -> errors.add(
                        "readings",
                        reading.words(),
                        "must be warm at most and like the other side: go back to the setting, or look for the cause"
                                + " and drive again; a mechanic may let it go"));
    }

    /** A gap that was measured speaks against a cup that is called seated. */
    private static void checkGaps(List<JobEntry.Taken> readings, FieldErrors errors) {
        List<Length> gaps = CupGaps.of(readings);
        if (gaps.isEmpty()) {
            return;
        }
        @Nullable SeatedCup cup = errors.at("readings", () -> new SeatedCup(gaps));
        if (cup != null && cup.verdict() != SeatedCup.Verdict.SEATED) {
            errors.add(
                    "readings",
                    cup.verdict().words(),
                    "must be no gap anywhere: " + cup.advice() + ", then measure again");
        }
    }
}
