package oldtallow.app.job.web;

import java.util.List;
import java.util.UUID;
import oldtallow.app.job.api.Forecasts;
import oldtallow.app.job.api.JobRecords;
import oldtallow.app.job.api.RigJobs;
import oldtallow.app.job.api.UsualChoices;
import oldtallow.app.job.form.ChoicesForm;
import oldtallow.app.job.model.RigJob;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.core.procedure.bench.Bench;
import oldtallow.core.procedure.brief.Scope;
import oldtallow.core.procedure.round.RoundOrder;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** One job on several hubs of a rig. Each answer is the job at one of them. */
@RestController
@RequestMapping("/api/v1")
class RigJobController {

    private final RigJobs jobs;
    private final Forecasts forecasts;
    private final JobRecords records;
    private final UsualChoices usual;

    RigJobController(RigJobs jobs, Forecasts forecasts, JobRecords records, UsualChoices usual) {
        this.usual = usual;
        this.forecasts = forecasts;
        this.jobs = jobs;
        this.records = records;
    }

    /** What one job on several wheel ends would need and how long it would take; nothing is opened. */
    @PostMapping("/rigs/{rigId}/job-plan")
    PlanView plan(@PathVariable UUID rigId, @RequestBody RigPlanForm form) {
        return PlanView.of(forecasts.forecasts(
                rigId, form.wheelEndIds(), form.scope(), ChoicesForm.over(usual.now(), form.choices())));
    }

    /** Opens one job on several wheel ends; opened again under its id it is the same job. Answers the first of them. */
    @PostMapping("/rigs/{rigId}/jobs")
    JobView open(@PathVariable UUID rigId, @RequestBody NewRigJobForm form) {
        RoundOrder order = form.order() == null ? RoundOrder.STAGE_BY_STAGE : form.order();
        return view(jobs.open(
                new RigJob(form.id(), rigId, order),
                form.hubs().stream().map(JobHubForm::toHub).toList(),
                new RigJobs.Extent(form.scope(), ChoicesForm.over(usual.now(), form.choices()))));
    }

    /** Another hub of the rig comes to a job, with what is done of its own job where it has one. Answers that hub. */
    @PostMapping("/jobs/{jobId}/hubs")
    JobView add(@PathVariable UUID jobId, @RequestBody JobHubForm form) {
        return view(jobs.add(jobId, form.toHub()));
    }

    /** The hub goes on in a job of its own. */
    @PostMapping("/jobs/{jobId}/let-go")
    JobView letGo(@PathVariable UUID jobId, @RequestBody LetGoForm form) {
        return view(jobs.letGo(jobId, form.id()));
    }

    /** The hubs are gone round in another order. */
    @PostMapping("/jobs/{jobId}/round")
    JobView reorder(@PathVariable UUID jobId, @RequestBody RoundForm form) {
        return view(jobs.reorder(jobId, form.order()));
    }

    private JobView view(Bench<WheelEnd> bench) {
        return JobView.of(bench, records.remarks(bench));
    }

    /** A job on several wheel ends to look at before it is opened. */
    record RigPlanForm(Scope scope, @Nullable ChoicesForm choices, List<UUID> wheelEndIds) {}

    /** A job to open on several wheel ends. */
    record NewRigJobForm(
            UUID id,
            Scope scope,
            @Nullable ChoicesForm choices,
            @Nullable RoundOrder order,
            List<JobHubForm> hubs) {}

    /**
     * A hub of it.
     *
     * @param id of the job on this hub, made by the device
     */
    record JobHubForm(UUID id, UUID wheelEndId) {

        RigJobs.Hub toHub() {
            return new RigJobs.Hub(id, wheelEndId);
        }
    }

    /**
     * A hub that is let go.
     *
     * @param id of the job it goes on in
     */
    record LetGoForm(UUID id) {}

    /** In which order the hubs are gone round. */
    record RoundForm(RoundOrder order) {}
}
