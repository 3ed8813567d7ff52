package oldtallow.app.job.api;

import java.util.UUID;
import oldtallow.app.job.model.NewEntry;
import oldtallow.app.platform.problem.ConflictException;
import oldtallow.app.platform.problem.NotFoundException;
import oldtallow.app.platform.write.Digest;
import oldtallow.app.platform.write.SentEntries;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.app.register.photo.Photo;
import oldtallow.core.hub.part.Part;
import oldtallow.core.procedure.bench.Bench;
import oldtallow.core.procedure.bench.JobEntry;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Photos kept with the steps of jobs. */
@Service
public class JobPhotos {

    private final JobStore store;
    private final JobRecords records;
    private final Jobs jobs;
    private final SentEntries sent;

    JobPhotos(JobStore store, JobRecords records, Jobs jobs, SentEntries sent) {
        this.store = store;
        this.records = records;
        this.jobs = jobs;
        this.sent = sent;
    }

    /**
     * Keeps a photo with a step; sent again under the same id it is the same photo.
     *
     * @param part what it shows; null where nobody said
     */
    @Transactional
    public Bench<WheelEnd> add(UUID jobId, UUID photoId, String stepId, @Nullable Part part, byte[] bytes) {
        records.require(jobId);
        String of = jobId + " " + stepId + (part == null ? "" : " " + part);
        if (!sent.keep(photoId, Digest.of(of, bytes))) {
            throw ConflictException.idIsTaken();
        }
        store.addPhoto(jobId, photoId, Photo.read(bytes));
        return jobs.enter(jobId, new NewEntry(photoId, new JobEntry.PhotoTaken(stepId, photoId, part)));
    }

    @Transactional(readOnly = true)
    public Photo photo(UUID jobId, UUID photoId) {
        return store.photo(jobId, photoId).orElseThrow(() -> new NotFoundException("photo of a job", photoId));
    }
}
