package oldtallow.app.job.api;

import java.time.Clock;
import java.time.LocalDate;
import java.util.UUID;
import oldtallow.app.register.api.Assembly;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.app.register.model.WheelEndBuild;
import oldtallow.core.hub.Fittings;
import oldtallow.core.procedure.bench.Bench;
import oldtallow.core.procedure.brief.Absence;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a job found not to be on its hub, written into the wheel end's record. */
@Service
public class AbsentParts {

    private final RigJobs rigJobs;
    private final JobRecords records;
    private final Assembly assembly;
    private final Clock clock;

    AbsentParts(RigJobs rigJobs, JobRecords records, Assembly assembly, Clock clock) {
        this.rigJobs = rigJobs;
        this.records = records;
        this.assembly = assembly;
        this.clock = clock;
    }

    /** The record from today on has none of it; done again it changes nothing. */
    @Transactional
    public Bench<WheelEnd> record(UUID jobId) {
        rigJobs.hold(jobId);
        Bench<WheelEnd> bench = records.bench(jobId);
        WheelEnd end = bench.end();
        WheelEndBuild build = end.build();
        Fittings left = Absence.without(bench.plan().brief().absent(), build.fittings());
        if (left.equals(build.fittings())) {
            return bench;
        }
        assembly.rebuild(end.id(), end.version(), build.with(left).from(LocalDate.now(clock)));
        return records.bench(jobId);
    }
}
