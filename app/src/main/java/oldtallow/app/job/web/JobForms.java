package oldtallow.app.job.web;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import oldtallow.app.job.form.ChoicesForm;
import oldtallow.app.job.model.NewEntry;
import oldtallow.core.grease.Grease;
import oldtallow.core.grease.Thickener;
import oldtallow.core.hub.part.Part;
import oldtallow.core.procedure.bench.JobEntry;
import oldtallow.core.procedure.brief.Scope;
import oldtallow.core.procedure.judge.DamageMode;
import oldtallow.core.procedure.judge.Finding;
import oldtallow.core.procedure.judge.JudgedItem;
import oldtallow.core.procedure.judge.Looked;
import oldtallow.core.procedure.judge.Spot;
import oldtallow.core.procedure.judge.Verdict.Outcome;
import oldtallow.core.procedure.look.Sign;
import oldtallow.core.quantity.ReadingKind;
import oldtallow.core.quantity.ReadingUnit;
import oldtallow.core.refusal.FieldErrors;
import org.jspecify.annotations.Nullable;

/** What the bench sends. Ids are made by the device, so that a try repeated is one entry. */
final class JobForms {

    private JobForms() {}

    /** A job to open, or to look at beforehand. Choices left out are the workshop's usual ones. */
    record NewJobForm(UUID id, Scope scope, @Nullable ChoicesForm choices) {}

    /** A job to look at before it is opened. */
    record PlanForm(Scope scope, @Nullable ChoicesForm choices) {}

    /** A step that was done. */
    record StepDoneForm(
            UUID id,
            String stepId,
            @Nullable Set<String> checksMet,
            @Nullable List<TakenForm> readings,
            @Nullable String note) {

        NewEntry toEntry() {
            var errors = new FieldErrors();
            JobEntry.StepDone done = new RunStepForm(stepId, checksMet, readings, note).toStep("", errors);
            errors.throwIfAny();
            return new NewEntry(id, done);
        }
    }

    /**
     * Steps that were done in one go, in their order: one press, one entry.
     *
     * @param alongside what the same press says of other hubs of the rig
     * @param judged the verdict at the last of them, given by the same press
     */
    record RunDoneForm(
            UUID id,
            List<RunStepForm> steps,
            @Nullable List<AlongsideForm> alongside,
            @Nullable VerdictForm judged) {

        NewEntry toEntry() {
            var errors = new FieldErrors();
            JobEntry.@Nullable Judged verdict = judged == null ? null : judged.toJudged("judged.", errors);
            JobEntry here = run("", steps, verdict, errors);
            Map<UUID, JobEntry> others = new LinkedHashMap<>();
            List<AlongsideForm> sent = alongside == null ? List.of() : alongside;
            for (int i = 0; i < sent.size(); i++) {
                String path = "alongside[" + i + "].";
                if (others.put(sent.get(i).jobId(), run(path, sent.get(i).steps(), null, errors)) != null) {
                    errors.add(path + "jobId", sent.get(i).jobId(), "is there twice; send each hub once");
                }
            }
            errors.throwIfAny();
            return new NewEntry(id, here, others);
        }

        private static JobEntry run(
                String path, List<RunStepForm> steps, JobEntry.@Nullable Judged judged, FieldErrors errors) {
            if (steps.isEmpty()) {
                errors.add(path + "steps", null, "is empty; send the steps that were done, 1 or more");
            }
            List<JobEntry.StepDone> done = new ArrayList<>();
            for (int i = 0; i < steps.size(); i++) {
                done.add(steps.get(i).toStep(path + "steps[" + i + "].", errors));
            }
            return new JobEntry.RunDone(done, List.of(), judged);
        }
    }

    /** Steps that were done at another hub of the rig. */
    record AlongsideForm(UUID jobId, List<RunStepForm> steps) {}

    /** A step of a run. */
    record RunStepForm(
            String stepId,
            @Nullable Set<String> checksMet,
            @Nullable List<TakenForm> readings,
            @Nullable String note) {

        JobEntry.StepDone toStep(String path, FieldErrors errors) {
            List<JobEntry.Taken> taken = new ArrayList<>();
            List<TakenForm> sent = readings == null ? List.of() : readings;
            for (int i = 0; i < sent.size(); i++) {
                JobEntry.@Nullable Taken one = errors.at(path + "readings[" + i + "].number", sent.get(i)::toTaken);
                if (one != null) {
                    taken.add(one);
                }
            }
            return new JobEntry.StepDone(
                    stepId, checksMet == null ? Set.of() : checksMet, taken, note == null ? "" : note.strip());
        }
    }

    /** A reading as it was typed. */
    record TakenForm(ReadingKind kind, double number, ReadingUnit unit) {

        JobEntry.Taken toTaken() {
            return new JobEntry.Taken(kind, kind.of(number, unit), unit);
        }
    }

    /**
     * The last press, taken back.
     *
     * @param entryId what that press wrote down
     * @param stepId the step done last, as pages before runs said it
     */
    record UndoForm(
            UUID id, @Nullable UUID entryId, @Nullable String stepId) {

        NewEntry toEntry() {
            if (entryId != null) {
                return new NewEntry(id, new JobEntry.Undone(entryId));
            }
            var errors = new FieldErrors();
            if (stepId == null) {
                errors.add("entryId", null, "is missing; say which entry is taken back");
            }
            return new NewEntry(id, new JobEntry.StepUndone(errors.require(stepId)));
        }
    }

    /** A check that a mechanic lets go. */
    record WaiverForm(UUID id, String checkId, String reason) {}

    /** A change of mind. */
    record RescopeForm(
            UUID id,
            Scope scope,
            @Nullable ChoicesForm choices,
            @Nullable String reason) {}

    /** Which grease goes in. */
    record GreasedForm(
            UUID id,
            String name,
            Thickener thickener,
            @Nullable String code,
            @Nullable String batch) {

        NewEntry toEntry() {
            return new NewEntry(
                    id,
                    new JobEntry.Greased(
                            new Grease(name.strip(), thickener, code == null ? "" : code.strip()),
                            batch == null ? "" : batch.strip()));
        }
    }

    /** It waits for a part. */
    record WaitsForm(
            UUID id,
            String what,
            @Nullable String bag,
            @Nullable String orderedFrom) {}

    /** Everything noticed at the first look so far; it takes the place of what was sent before. */
    record FirstLookForm(UUID id, List<SignForm> signs) {

        NewEntry toEntry() {
            var errors = new FieldErrors();
            List<@Nullable Sign> seen = new ArrayList<>();
            for (int i = 0; i < signs.size(); i++) {
                SignForm sign = signs.get(i);
                seen.add(errors.at("signs[" + i + "].value", () -> new Sign(sign.kind(), sign.value(), sign.part())));
            }
            errors.throwIfAny();
            return new NewEntry(
                    id,
                    new JobEntry.FirstLooked(seen.stream().map(errors::require).toList()));
        }
    }

    /** A sign noticed before anything is taken apart. */
    record SignForm(Sign.Kind kind, String value, @Nullable Part part) {}

    /** What was found on an item; it takes the place of what was sent before. */
    record JudgingForm(
            UUID id,
            JudgedItem item,
            List<FindingForm> findings,
            @Nullable Looked looked,
            @Nullable Outcome overruled,
            @Nullable String overruleReason) {

        NewEntry toEntry() {
            var errors = new FieldErrors();
            JobEntry judged = new VerdictForm(item, findings, looked, overruled, overruleReason).toJudged("", errors);
            errors.throwIfAny();
            return new NewEntry(id, judged);
        }
    }

    /** What was found on an item. */
    record VerdictForm(
            JudgedItem item,
            List<FindingForm> findings,
            @Nullable Looked looked,
            @Nullable Outcome overruled,
            @Nullable String overruleReason) {

        JobEntry.Judged toJudged(String path, FieldErrors errors) {
            List<Finding> found = new ArrayList<>();
            for (int i = 0; i < findings.size(); i++) {
                FindingForm one = findings.get(i);
                @Nullable
                Finding made = errors.at(
                        path + "findings[" + i + "].spot",
                        () -> new Finding(one.mode(), one.spot(), one.extent(), one.noticedBy()));
                if (made != null) {
                    found.add(made);
                }
            }
            if (item.isBearing() && looked == null) {
                errors.add(path + "looked", null, "is missing; say how the bearing was looked at");
            }
            return new JobEntry.Judged(
                    item, found, looked, overruled, overruleReason == null ? "" : overruleReason.strip());
        }
    }

    /** Damage found on a part: which, where, how far, and by eye or hand. */
    record FindingForm(DamageMode mode, Spot spot, Finding.Extent extent, Finding.Sense noticedBy) {}

    /** An entry that says nothing but that it happened. */
    record PlainEntryForm(UUID id) {}

    /** An entry with its reason. */
    record ReasonForm(UUID id, String reason) {}

    /** By which procedure the nut is set. */
    record ProcedureChosenForm(UUID id, String procedure) {}

    /** Cups that moved while the nut was seated. */
    record CupMovedForm(UUID id, Set<Part> cups, @Nullable String what) {}

    /** What the drive showed, so that the nut is set again. */
    record SettingReopenedForm(
            UUID id,
            JobEntry.SettingReopened.Found found,
            @Nullable String what) {}
}
