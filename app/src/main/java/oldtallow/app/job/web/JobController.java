package oldtallow.app.job.web;

import java.util.List;
import java.util.UUID;
import oldtallow.app.job.api.Forecasts;
import oldtallow.app.job.api.JobRecords;
import oldtallow.app.job.api.Jobs;
import oldtallow.app.job.api.RigJobs;
import oldtallow.app.job.api.UsualChoices;
import oldtallow.app.job.form.ChoicesForm;
import oldtallow.app.job.model.NewEntry;
import oldtallow.app.job.web.JobForms.FirstLookForm;
import oldtallow.app.job.web.JobForms.GreasedForm;
import oldtallow.app.job.web.JobForms.JudgingForm;
import oldtallow.app.job.web.JobForms.NewJobForm;
import oldtallow.app.job.web.JobForms.PlainEntryForm;
import oldtallow.app.job.web.JobForms.PlanForm;
import oldtallow.app.job.web.JobForms.ReasonForm;
import oldtallow.app.job.web.JobForms.RescopeForm;
import oldtallow.app.job.web.JobForms.RunDoneForm;
import oldtallow.app.job.web.JobForms.StepDoneForm;
import oldtallow.app.job.web.JobForms.UndoForm;
import oldtallow.app.job.web.JobForms.WaitsForm;
import oldtallow.app.job.web.JobForms.WaiverForm;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.core.procedure.bench.Bench;
import oldtallow.core.procedure.bench.JobEntry;
import oldtallow.core.procedure.brief.Choices;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The bench. Each answer is the job as it stands then. */
@RestController
@RequestMapping("/api/v1")
class JobController {

    private final Jobs jobs;
    private final JobRecords records;
    private final RigJobs rigJobs;
    private final Forecasts forecasts;
    private final UsualChoices usual;

    JobController(Jobs jobs, JobRecords records, RigJobs rigJobs, Forecasts forecasts, UsualChoices usual) {
        this.usual = usual;
        this.rigJobs = rigJobs;
        this.forecasts = forecasts;
        this.jobs = jobs;
        this.records = records;
    }

    /** What a job would need and how long it would take; nothing is opened. */
    @PostMapping("/wheel-ends/{wheelEndId}/job-plan")
    PlanView plan(@PathVariable UUID wheelEndId, @RequestBody PlanForm form) {
        return PlanView.of(forecasts.forecast(wheelEndId, form.scope(), ChoicesForm.over(usual.now(), form.choices())));
    }

    /** Opens a job on a wheel end; opened again under its id it is the same job. */
    @PostMapping("/wheel-ends/{wheelEndId}/jobs")
    JobView open(@PathVariable UUID wheelEndId, @RequestBody NewJobForm form) {
        return view(rigJobs.open(
                form.id(),
                wheelEndId,
                new RigJobs.Extent(form.scope(), ChoicesForm.over(usual.now(), form.choices()))));
    }

    /** Jobs that are not over, the one opened last first. */
    @GetMapping("/jobs")
    List<JobLineView> open() {
        return records.open().stream().map(JobLineView::of).toList();
    }

    /** A job as it stands by its entries. */
    @GetMapping("/jobs/{jobId}")
    JobView job(@PathVariable UUID jobId) {
        return view(records.bench(jobId));
    }

    /** A step was done. One that somebody else finished meanwhile keeps what was read here. */
    @PostMapping("/jobs/{jobId}/steps")
    JobView done(@PathVariable UUID jobId, @RequestBody StepDoneForm form) {
        return view(jobs.enter(jobId, form.toEntry()));
    }

    /** Steps were done in one go. What somebody else had finished meanwhile keeps what was read here. */
    @PostMapping("/jobs/{jobId}/runs")
    JobView run(@PathVariable UUID jobId, @RequestBody RunDoneForm form) {
        return view(jobs.enter(jobId, form.toEntry()));
    }

    /** The last press was a slip: what it wrote down counts no longer, and stays to be read. */
    @PostMapping("/jobs/{jobId}/undo")
    JobView undo(@PathVariable UUID jobId, @RequestBody UndoForm form) {
        return view(jobs.enter(jobId, form.toEntry()));
    }

    /** A mechanic lets a check go. */
    @PostMapping("/jobs/{jobId}/waivers")
    JobView waive(@PathVariable UUID jobId, @RequestBody WaiverForm form) {
        return enter(
                jobId,
                form.id(),
                new JobEntry.Waived(form.checkId(), form.reason().strip()));
    }

    /** What was seen, heard and felt; the answer says what it points to. */
    @PostMapping("/jobs/{jobId}/first-look")
    JobView firstLook(@PathVariable UUID jobId, @RequestBody FirstLookForm form) {
        return view(jobs.enter(jobId, form.toEntry()));
    }

    /** What was found on an item; the rest is planned by its verdict. */
    @PostMapping("/jobs/{jobId}/judgings")
    JobView judge(@PathVariable UUID jobId, @RequestBody JudgingForm form) {
        return view(jobs.enter(jobId, form.toEntry()));
    }

    /** The rest is planned anew; what was done stays done. */
    @PostMapping("/jobs/{jobId}/scope")
    JobView rescope(@PathVariable UUID jobId, @RequestBody RescopeForm form) {
        Choices now = records.bench(jobId).plan().brief().choices();
        return enter(
                jobId,
                form.id(),
                new JobEntry.Scoped(form.scope(), ChoicesForm.over(now, form.choices()), text(form.reason())));
    }

    /** Which grease goes in; closing the job writes it down for the wheel end. */
    @PostMapping("/jobs/{jobId}/grease")
    JobView grease(@PathVariable UUID jobId, @RequestBody GreasedForm form) {
        return view(jobs.enter(jobId, form.toEntry()));
    }

    /** The job waits for a part. */
    @PostMapping("/jobs/{jobId}/waits")
    JobView waits(@PathVariable UUID jobId, @RequestBody WaitsForm form) {
        return enter(
                jobId, form.id(), new JobEntry.Waits(form.what().strip(), text(form.bag()), text(form.orderedFrom())));
    }

    /** What it waited for is here. */
    @PostMapping("/jobs/{jobId}/went-on")
    JobView wentOn(@PathVariable UUID jobId, @RequestBody PlainEntryForm form) {
        return enter(jobId, form.id(), new JobEntry.WentOn());
    }

    /** Closes it; an apprentice's job then waits for a mechanic. */
    @PostMapping("/jobs/{jobId}/close")
    JobView close(@PathVariable UUID jobId, @RequestBody PlainEntryForm form) {
        return enter(jobId, form.id(), new JobEntry.Closed());
    }

    /** A mechanic answers for a job that an apprentice closed. */
    @PostMapping("/jobs/{jobId}/sign-off")
    JobView signOff(@PathVariable UUID jobId, @RequestBody PlainEntryForm form) {
        return enter(jobId, form.id(), new JobEntry.SignedOff());
    }

    /** Ends a job without closing it, with a reason. */
    @PostMapping("/jobs/{jobId}/abandon")
    JobView abandon(@PathVariable UUID jobId, @RequestBody ReasonForm form) {
        return enter(jobId, form.id(), new JobEntry.Abandoned(form.reason().strip()));
    }

    private JobView enter(UUID jobId, UUID id, JobEntry entry) {
        return view(jobs.enter(jobId, new NewEntry(id, entry)));
    }

    private JobView view(Bench<WheelEnd> bench) {
        return JobView.of(bench, records.remarks(bench));
    }

    private static String text(@Nullable String typed) {
        return typed == null ? "" : typed.strip();
    }
}
