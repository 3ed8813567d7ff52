package oldtallow.app.job.api;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.identity.access.SignedIn;
import oldtallow.app.job.model.RigJob;
import oldtallow.core.procedure.bench.Job;
import oldtallow.core.procedure.round.RoundOrder;

/** Where jobs on rigs are kept, which hold together the jobs on their hubs. */
public interface RigJobStore {

    Optional<RigJob> find(UUID rigJobId);

    /** A job held until the transaction ends, so that two devices write one after the other, at whatever hub of it. */
    Optional<RigJob> hold(UUID rigJobId);

    /** Adds one; false where there is one of this id. */
    boolean add(SignedIn person, RigJob job);

    /** Its hubs, those that are over too. */
    List<Job> hubs(UUID rigJobId);

    void reorder(UUID rigJobId, RoundOrder order);

    /** A hub goes on in another job on its rig. */
    void move(UUID jobId, UUID rigJobId);

    /** Has everybody who watches one of its hubs look again. */
    void tell(UUID rigJobId);
}
