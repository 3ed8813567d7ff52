package oldtallow.app.job.api;

import java.time.Clock;
import java.util.UUID;
import oldtallow.app.identity.access.SignedIn;
import oldtallow.app.platform.problem.ConflictException;
import oldtallow.core.procedure.bench.JobEntry;
import oldtallow.core.procedure.bench.RecordedEntry;
import org.springframework.stereotype.Component;

/** Writes entries down, hub by hub. */
@Component
class EntryBook {

    private final JobStore store;
    private final Clock clock;

    EntryBook(JobStore store, Clock clock) {
        this.store = store;
        this.clock = clock;
    }

    /** Writes the entry of a press at the hub where it was pressed. */
    RecordedEntry write(SignedIn person, UUID jobId, int number, UUID pressId, JobEntry entry) {
        return write(person, jobId, number, pressId, pressId, entry);
    }

    /** Writes what the same press says of another hub; the same each time it is sent. */
    RecordedEntry writeAlongside(SignedIn person, UUID jobId, int number, UUID pressId, JobEntry entry) {
        return write(person, jobId, number, RecordedEntry.alongside(pressId, jobId), pressId, entry);
    }

    private RecordedEntry write(SignedIn person, UUID jobId, int number, UUID id, UUID pressId, JobEntry entry) {
        var next = new RecordedEntry(
                id, pressId, number, entry, person.personId(), person.name(), person.needsSignOff(), clock.instant());
        if (!store.append(person, jobId, next)) {
            throw ConflictException.idIsTaken();
        }
        return next;
    }
}
