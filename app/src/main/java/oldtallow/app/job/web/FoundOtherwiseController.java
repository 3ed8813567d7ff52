package oldtallow.app.job.web;

import java.util.Set;
import java.util.UUID;
import oldtallow.app.job.api.AbsentParts;
import oldtallow.app.job.api.JobRecords;
import oldtallow.app.job.api.Jobs;
import oldtallow.app.job.model.NewEntry;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.core.hub.part.Part;
import oldtallow.core.procedure.bench.Bench;
import oldtallow.core.procedure.bench.JobEntry;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What turned out otherwise on the bench. Each answer is the job as it stands then. */
@RestController
@RequestMapping("/api/v1/jobs/{jobId}")
class FoundOtherwiseController {

    private final Jobs jobs;
    private final JobRecords records;
    private final AbsentParts absent;

    FoundOtherwiseController(Jobs jobs, JobRecords records, AbsentParts absent) {
        this.jobs = jobs;
        this.records = records;
        this.absent = absent;
    }

    /** Parts that do not go back; new ones come, and the rest is planned by it. */
    @PostMapping("/condemned")
    JobView condemn(@PathVariable UUID jobId, @RequestBody CondemnedForm form) {
        return enter(
                jobId,
                form.id(),
                new JobEntry.Condemned(form.parts(), form.reason().strip()));
    }

    /** What a step is about is not on this hub: it is struck out of this job. */
    @PostMapping("/not-here")
    JobView notHere(@PathVariable UUID jobId, @RequestBody NotHereForm form) {
        return enter(jobId, form.id(), new JobEntry.NotHere(form.stepId(), Set.of()));
    }

    /** The wheel end's record loses what was struck out of this job, from today on. */
    @PostMapping("/not-here/recorded")
    JobView record(@PathVariable UUID jobId) {
        return view(absent.record(jobId));
    }

    /** A note at a step, done or not. */
    @PostMapping("/notes")
    JobView note(@PathVariable UUID jobId, @RequestBody NoteForm form) {
        return enter(
                jobId, form.id(), new JobEntry.Noted(form.stepId(), form.words().strip()));
    }

    private JobView enter(UUID jobId, UUID id, JobEntry entry) {
        return view(jobs.enter(jobId, new NewEntry(id, entry)));
    }

    private JobView view(Bench<WheelEnd> bench) {
        return JobView.of(bench, records.remarks(bench));
    }

    /** Parts that are done with, and why. */
    record CondemnedForm(UUID id, Set<Part> parts, String reason) {}

    /** A step that is about what this hub has not. */
    record NotHereForm(UUID id, String stepId) {}

    /** Something worth remembering at a step. */
    record NoteForm(UUID id, String stepId, String words) {}
}
