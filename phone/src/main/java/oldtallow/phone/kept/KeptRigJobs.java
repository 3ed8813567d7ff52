package oldtallow.phone.kept;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.identity.access.SignedIn;
import oldtallow.app.job.api.RigJobStore;
import oldtallow.app.job.model.RigJob;
import oldtallow.core.procedure.bench.Job;
import oldtallow.core.procedure.round.RoundOrder;

/** What holds the jobs on the hubs of a rig together. */
final class KeptRigJobs implements RigJobStore {

    private final Rows<RigJob> rigJobs;
    private final KeptJobs jobs;

    KeptRigJobs(List<RigJob> rigJobs, KeptJobs jobs) {
        this.rigJobs = new Rows<>(RigJob::id, rigJobs);
        this.jobs = jobs;
    }

    @Override
    public Optional<RigJob> find(UUID rigJobId) {
        return rigJobs.find(rigJobId);
    }

    @Override
    public Optional<RigJob> hold(UUID rigJobId) {
        return rigJobs.find(rigJobId);
    }

    @Override
    public boolean add(SignedIn person, RigJob job) {
        return rigJobs.add(job);
    }

    @Override
    public List<Job> hubs(UUID rigJobId) {
        return jobs.ofRigJob(rigJobId);
    }

    @Override
    public void reorder(UUID rigJobId, RoundOrder order) {
        rigJobs.find(rigJobId).ifPresent(job -> rigJobs.put(new RigJob(job.id(), job.rigId(), order)));
    }

    @Override
    public void move(UUID jobId, UUID rigJobId) {
        jobs.move(jobId, rigJobId);
    }

    /** Nobody else watches. */
    @Override
    public void tell(UUID rigJobId) {}
}
