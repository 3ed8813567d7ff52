package oldtallow.app.job.api;

import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import oldtallow.app.job.model.NewEntry;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.core.procedure.bench.Bench;
import oldtallow.core.procedure.bench.Job;
import oldtallow.core.procedure.bench.JobEntry;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How a job that runs is done, where it can be done in several ways. */
@Service
public class JobWays {

    private final Jobs jobs;
    private final JobRecords records;

    JobWays(Jobs jobs, JobRecords records) {
        this.jobs = jobs;
        this.records = records;
    }

    /** Another way from here on, at this hub and at every other one of its rig job where it is still to choose: one press. */
    @Transactional
    public Bench<WheelEnd> choose(UUID jobId, UUID id, JobEntry.WayChosen chosen) {
        Bench<WheelEnd> here = records.bench(jobId);
        Map<UUID, JobEntry> others = records.round(here).hubs().stream()
                .filter(hub -> !hub.job().id().equals(jobId) && hub.job().state() == Job.State.OPEN)
                .filter(hub -> JobRecords.choices(hub).stream()
                        .anyMatch(open -> open.kind() == chosen.choice()
                                && !open.now().equals(chosen.chosen())
                                && open.ways().contains(chosen.chosen())))
                .collect(Collectors.toMap(hub -> hub.job().id(), hub -> chosen));
        return jobs.enter(jobId, new NewEntry(id, chosen, others));
    }
}
