package oldtallow.app.job.web;

import java.io.IOException;
import java.time.Duration;
import java.util.UUID;
import oldtallow.app.job.JobWatch;
import oldtallow.app.job.Jobs;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** Tells each device on a job that something was written to it; the device then asks for the job. */
@RestController
class JobEventsController {

    /** Long enough to be rare, short enough that a device that went away is let go. */
    private static final Duration LASTS = Duration.ofMinutes(10);

    private final Jobs jobs;
    private final JobWatch watch;

    JobEventsController(Jobs jobs, JobWatch watch) {
        this.jobs = jobs;
        this.watch = watch;
    }

    @GetMapping(path = "/api/jobs/{jobId}/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter events(@PathVariable UUID jobId) {
        jobs.bench(jobId); // only of the asker's own workshop
        var emitter = new SseEmitter(LASTS.toMillis());
        Runnable leave = watch.watch(jobId, () -> tell(emitter));
        emitter.onCompletion(leave);
        emitter.onTimeout(emitter::complete);
        emitter.onError(gone -> leave.run());
        tell(emitter); // what changed between the last look and now
        return emitter;
    }

    private static void tell(SseEmitter emitter) {
        try {
            emitter.send(SseEmitter.event().name("changed").data("look"));
        } catch (IOException | IllegalStateException e) {
            emitter.completeWithError(e); // the device went away
        }
    }
}
