package oldtallow.core.procedure.bench;

import java.time.Instant;
import java.util.UUID;
import oldtallow.core.hub.Construction;
import oldtallow.core.procedure.brief.JobBrief.Known;
import oldtallow.core.procedure.brief.JobBrief.Worker;
import oldtallow.core.procedure.brief.Scope;

/**
 * A job on a wheel end: its share of what is done on a rig, with a plan, a tray and entries of its own.
 *
 * @param rigJobId the job on the rig, which may have other hubs
 * @param construction as it was opened
 * @param scope as it stands
 */
public record Job(
        UUID id,
        UUID wheelEndId,
        UUID rigJobId,
        Construction construction,
        Scope scope,
        Worker worker,
        Known known,
        State state,
        Instant openedAt) {

    public Job in(Scope other, State next) {
        return new Job(id, wheelEndId, rigJobId, construction, other, worker, known, next, openedAt);
    }

    /** Where a job stands. */
    public enum State {
        OPEN,
        /** An apprentice closed it; a mechanic has yet to answer for it. */
        AWAITS_SIGN_OFF,
        CLOSED,
        ABANDONED;

        public boolean isOver() {
            return this == CLOSED || this == ABANDONED;
        }
    }
}
