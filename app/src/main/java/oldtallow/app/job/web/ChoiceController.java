package oldtallow.app.job.web;

import java.util.UUID;
import oldtallow.app.job.api.JobRecords;
import oldtallow.app.job.api.JobWays;
import oldtallow.core.procedure.bench.JobEntry;
import oldtallow.core.procedure.brief.ChoiceKind;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/v1/jobs/{jobId}/ways")
class ChoiceController {

    private final JobWays ways;
    private final JobRecords records;

    ChoiceController(JobWays ways, JobRecords records) {
        this.ways = ways;
        this.records = records;
    }

    /** Something is done in another way from here on, at every hub of the job where it is still to choose. */
    @PostMapping
    JobView choose(@PathVariable UUID jobId, @RequestBody WayChosenForm form) {
        var bench = ways.choose(jobId, form.id(), new JobEntry.WayChosen(form.choice(), form.way()));
        return JobView.of(bench, records.remarks(bench));
    }

    /**
     * How it is done.
     *
     * @param way by its value
     */
    record WayChosenForm(UUID id, ChoiceKind choice, String way) {}
}
