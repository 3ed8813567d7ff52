package oldtallow.app.job.web;

import java.io.IOException;
import java.time.Duration;
import java.util.OptionalInt;
import java.util.UUID;
import oldtallow.app.identity.api.OpenLines;
import oldtallow.app.job.api.JobRecords;
import oldtallow.app.job.api.JobWatch;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/**
 * Tells each device on a job how many entries it has now; a device that knows fewer then asks for the job. An open line holds
 * no connection to the database.
 */
@RestController
class JobEventsController {

    /** Long enough to be rare, short enough that a device that went away is let go. */
    private static final Duration LASTS = Duration.ofMinutes(10);

    private final JobRecords jobs;
    private final JobWatch watch;
    private final OpenLines lines;

    JobEventsController(JobRecords jobs, JobWatch watch, OpenLines lines) {
        this.jobs = jobs;
        this.watch = watch;
        this.lines = lines;
    }

    /** Tells a device that looks at a job how many entries it has, each time somebody writes one; an event stream. */
    @GetMapping(path = "/api/v1/jobs/{jobId}/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter events(@PathVariable UUID jobId) {
        jobs.require(jobId); // only of the asker's own workshop
        var device = new Device();
        OpenLines.Line line =
                lines.open(RequestContextHolder.currentRequestAttributes().getSessionId(), device::over);
        watch.watch(jobId, device);
        Runnable leave = () -> {
            watch.leave(jobId, device);
            line.left();
        };
        device.line.onCompletion(leave);
        device.line.onTimeout(device.line::complete);
        device.line.onError(gone -> leave.run());
        device.changed(OptionalInt.empty()); // what was written between the last look and now
        return device.line;
    }

    /** A device with its open line. */
    private static final class Device implements JobWatch.Watcher {

        private final SseEmitter line = new SseEmitter(LASTS.toMillis());

        @Override
        public void changed(OptionalInt entries) {
            String told = entries.isPresent() ? String.valueOf(entries.getAsInt()) : "look";
            try {
                line.send(SseEmitter.event().name("changed").data(told));
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
