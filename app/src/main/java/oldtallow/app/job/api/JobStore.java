package oldtallow.app.job.api;

import java.time.Duration;
import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import oldtallow.app.identity.access.SignedIn;
import oldtallow.app.job.model.PastJob;
import oldtallow.app.register.photo.Photo;
import oldtallow.core.hub.Construction;
import oldtallow.core.procedure.bench.Job;
import oldtallow.core.procedure.bench.RecordedEntry;
import oldtallow.core.procedure.brief.Scope;

/** Where jobs are kept. */
public interface JobStore {

    Optional<Job> find(UUID jobId);

    /** Jobs that are not over, the one opened last first. */
    List<Job> open();

    /** Whether there is such a job. */
    boolean exists(UUID jobId);

    /** Jobs of these wheel ends that are not over, by wheel end. */
    Map<UUID, UUID> openAt(Collection<UUID> wheelEndIds);

    /** Jobs of these wheel ends that are over, the latest first. */
    List<Job> over(Collection<UUID> wheelEndIds);

    /** As {@link #over} in short, at most so many. */
    List<PastJob> past(Collection<UUID> wheelEndIds, int most);

    /** False where this id, or the wheel end, has an open job already. */
    boolean add(SignedIn person, Job job);

    /** Entries of a job in their order. */
    List<RecordedEntry> entries(UUID jobId);

    /** The place of an entry among all that the server wrote, settings of nuts too. */
    long written(UUID entryId);

    /** The places of all entries of a job. */
    Map<UUID, Long> writtenOf(UUID jobId);

    /** Writes the next entry, and tells everybody who watches the job; false where the entry's id is taken. */
    boolean append(SignedIn person, UUID jobId, RecordedEntry next);

    /** Keeps a photo of a job; where one is there under this id, that one stays. */
    void addPhoto(UUID jobId, UUID photoId, Photo photo);

    Optional<Photo> photo(UUID jobId, UUID photoId);

    void change(UUID jobId, Scope scope, Job.State state);

    void end(UUID jobId, Job.State state, Instant at, Duration worked);

    /** Working times of the latest closed jobs like this one, at most ten. */
    List<Duration> pastWork(Construction construction, Scope scope);
}
