package oldtallow.app.job.web;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import oldtallow.app.job.api.JobRecords;
import oldtallow.app.job.api.JobSequences;
import oldtallow.app.job.api.JobSequences.Guide;
import oldtallow.app.job.api.Jobs;
import oldtallow.app.job.model.NewEntry;
import oldtallow.app.job.web.JobForms.CupMovedForm;
import oldtallow.app.job.web.JobForms.ProcedureChosenForm;
import oldtallow.app.job.web.JobForms.SettingReopenedForm;
import oldtallow.app.job.web.JobForms.TakenForm;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.app.units.TorqueView;
import oldtallow.app.units.form.ProcedureView.SequenceStepView;
import oldtallow.app.units.form.TorqueQuestionView;
import oldtallow.core.fastening.sequence.StepKind;
import oldtallow.core.fastening.sequence.TorqueRange;
import oldtallow.core.hub.part.Part;
import oldtallow.core.procedure.bench.Bench;
import oldtallow.core.procedure.bench.JobEntry;
import oldtallow.core.procedure.bench.JobEntry.Taken;
import oldtallow.core.procedure.step.Aid;
import oldtallow.core.procedure.step.Check;
import oldtallow.core.quantity.Torque;
import oldtallow.core.refusal.FieldErrors;
import oldtallow.core.schedule.figure.Authority;
import oldtallow.core.schedule.figure.FigureValue;
import oldtallow.core.setting.measure.Decision;
import oldtallow.core.setting.measure.WrenchReading;
import oldtallow.core.setting.measure.WrenchReading.Wrench;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Setting the nut, step by step, by the sequence that governs. */
@RestController
@RequestMapping("/api/v1/jobs/{jobId}")
class SequenceController {

    private final Jobs jobs;
    private final JobRecords records;
    private final JobSequences sequences;

    SequenceController(Jobs jobs, JobRecords records, JobSequences sequences) {
        this.jobs = jobs;
        this.records = records;
        this.sequences = sequences;
    }

    /** The sequence by which the nut of this job is set. */
    @GetMapping("/sequence")
    GuideView sequence(@PathVariable UUID jobId) {
        Bench<WheelEnd> bench = records.bench(jobId);
        return GuideView.of(sequences.of(bench), bench);
    }

    /** Sets the nut by another procedure. */
    @PostMapping("/adjustment-procedure")
    GuideView choose(@PathVariable UUID jobId, @RequestBody ProcedureChosenForm form) {
        Bench<WheelEnd> bench =
                jobs.enter(jobId, new NewEntry(form.id(), new JobEntry.ProcedureChosen(form.procedure())));
        return GuideView.of(sequences.of(bench), bench);
    }

    /** A cup moved under the wrench: the job goes back to it. */
    @PostMapping("/cup-moved")
    JobView cupMoved(@PathVariable UUID jobId, @RequestBody CupMovedForm form) {
        Bench<WheelEnd> bench = jobs.enter(
                jobId,
                new NewEntry(
                        form.id(),
                        new JobEntry.CupMoved(
                                form.cups(),
                                form.what() == null ? "" : form.what().strip())));
        return JobView.of(bench, records.remarks(bench));
    }

    /** Proved, and found wrong: the job goes back to setting the nut. */
    @PostMapping("/setting-reopened")
    JobView settingReopened(@PathVariable UUID jobId, @RequestBody SettingReopenedForm form) {
        Bench<WheelEnd> bench = jobs.enter(
                jobId,
                new NewEntry(
                        form.id(),
                        new JobEntry.SettingReopened(
                                form.found(),
                                form.what() == null ? "" : form.what().strip())));
        return JobView.of(bench, records.remarks(bench));
    }

    /** What a torque says, before it is put on record; null where none is asked. */
    @PostMapping("/torque")
    TorqueSensedView torque(@PathVariable UUID jobId, @RequestBody TakenForm form) {
        Bench<WheelEnd> bench = records.bench(jobId);
        var errors = new FieldErrors();
        Taken taken = errors.require(errors.at("number", form::toTaken));
        var reading = new WrenchReading(
                Torque.ofNewtonMetres(taken.value()), Wrench.of(Torque.ofNewtonMetres(taken.value())));
        Optional<TorqueRange> asked = sequences.asked(bench, taken.kind());
        return new TorqueSensedView(
                asked.map(reading::decide).orElse(null),
                asked.map(range -> reading.decide(range).words()).orElse(null),
                sequences
                        .question(bench, taken)
                        .map(doubt -> TorqueQuestionView.of(
                                doubt, bench.end().nut().thread().nominalDiameter()))
                        .orElse(null),
                Check.TORQUE_MEANT);
    }

    /** What a pull at a stud says of the bearings, before it is put on record. */
    @PostMapping("/drag")
    DragSensedView drag(@PathVariable UUID jobId, @RequestBody TakenForm form) {
        Bench<WheelEnd> bench = records.bench(jobId);
        @Nullable Double loose = JobSequences.withNutLoose(bench).orElse(null);
        var errors = new FieldErrors();
        return errors.require(errors.at("number", () -> JobSequences.drag(bench, form.toTaken())))
                .map(drag ->
                        new DragSensedView(TorqueView.of(drag.rolling()), TorqueView.of(drag.uncertainty()), loose))
                .orElseGet(() -> new DragSensedView(null, null, loose));
    }

    /**
     * Torque of the bearings alone.
     *
     * @param rolling null where nobody measured the stud circle
     * @param looseNewtons pull with the nut loose, which was taken off; null where none was taken
     */
    record DragSensedView(
            @Nullable TorqueView rolling,
            @Nullable TorqueView uncertainty,
            @Nullable Double looseNewtons) {}

    /**
     * What a torque says of the step.
     *
     * @param decision null where none is asked
     * @param meantBy the check by which somebody stands by a torque that is questioned
     */
    record TorqueSensedView(
            @Nullable Decision decision,
            @Nullable String words,
            @Nullable TorqueQuestionView question,
            String meantBy) {}

    /**
     * The sequence of a job.
     *
     * @param authority whose figures govern; null where the procedure was chosen on this bench
     * @param settles whether new rings are seated twice
     * @param cups that went in on this job, and so may not be home
     * @param choices procedures that may be chosen on this job
     */
    record GuideView(
            String procedure,
            String label,
            String endsWith,
            @Nullable Authority authority,
            String source,
            @Nullable String words,
            boolean settles,
            List<GuidedStepsView> steps,
            Set<Part> cups,
            List<ChoiceView> choices) {

        static GuideView of(Guide guide, Bench<WheelEnd> bench) {
            return new GuideView(
                    guide.procedure().id().value(),
                    guide.procedure().label(),
                    guide.procedure().endsWith(),
                    guide.governing().map(figure -> figure.authority()).orElse(null),
                    JobSequences.whose(guide),
                    guide.governing()
                            .map(figure -> figure.value() instanceof FigureValue.NutSequence asked ? asked.words() : "")
                            .filter(words -> !words.isEmpty())
                            .orElse(null),
                    guide.settles(),
                    Stream.of(Aid.values())
                            .filter(aid -> aid.sequence().isPresent())
                            .map(aid -> GuidedStepsView.of(aid, guide))
                            .toList(),
                    bench.cupsFitted(),
                    guide.choices().stream()
                            .map(procedure -> new ChoiceView(procedure.id().value(), procedure.label()))
                            .toList());
        }
    }

    /**
     * What is done at a step of the job.
     *
     * @param hubTurns that the hub is turned at least in all; 0 where nobody counts
     */
    record GuidedStepsView(Aid at, int hubTurns, List<GuidedView> steps) {

        static GuidedStepsView of(Aid aid, Guide guide) {
            StepKind kind = aid.sequence().orElseThrow();
            return new GuidedStepsView(
                    aid,
                    guide.hubTurns(kind),
                    guide.steps(kind).stream()
                            .map(one -> new GuidedView(SequenceStepView.of(one.step()), one.again()))
                            .toList());
        }
    }

    /** A step of the sequence, {@code again} for new rings that have settled. */
    record GuidedView(SequenceStepView step, boolean again) {}

    record ChoiceView(String id, String label) {}
}
