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
        var device = new Device();
        watch.watch(jobId, device);
        Runnable leave = () -> watch.leave(jobId, device);
        device.line.onCompletion(leave);
        device.line.onTimeout(device.line::complete);
        device.line.onError(gone -> leave.run());
        device.changed(); // what was written between the last look and now
        return device.line;
    }

    /** A device with its open line. */
    private static final class Device implements JobWatch.Watcher {

        private final SseEmitter line = new SseEmitter(LASTS.toMillis());

        @Override
        public void changed() {
            try {
                line.send(SseEmitter.event().name("changed").data("look"));
            } catch (IOException | IllegalStateException e) {
                line.completeWithError(e); // the device went away
            }
        }

        @Override
        public void over() {
            line.complete();
        }
    }
}
