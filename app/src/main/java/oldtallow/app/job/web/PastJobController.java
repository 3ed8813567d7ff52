package oldtallow.app.job.web;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import oldtallow.app.job.api.JobRecords;
import oldtallow.app.job.model.PastJob;
import oldtallow.app.register.api.Register;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.core.procedure.bench.Job;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;

/** Jobs that are over, found again from hub and rig. */
@RestController
class PastJobController {

    private final JobRecords jobs;
    private final Register register;

    PastJobController(JobRecords jobs, Register register) {
        this.jobs = jobs;
        this.register = register;
    }

    /** Of a wheel end, the latest first. */
    @GetMapping("/api/v1/wheel-ends/{id}/past-jobs")
    List<PastJobView> ofWheelEnd(@PathVariable UUID id) {
        return views(Stream.of(register.wheelEnd(id)));
    }

    /** Of all wheel ends of a rig, the latest first. */
    @GetMapping("/api/v1/rigs/{id}/past-jobs")
    List<PastJobView> ofRig(@PathVariable UUID id) {
        return views(register.rig(id).wheelEnds());
    }

    private List<PastJobView> views(Stream<WheelEnd> ends) {
        Map<UUID, String> positions =
                ends.collect(Collectors.toMap(WheelEnd::id, WheelEnd::positionName, (one, other) -> one));
        return jobs.past(positions.keySet()).stream()
                .map(job -> PastJobView.of(job, positions::get))
                .toList();
    }

    /** A job that is over at a hub; its sheet lies under its id. Those of one rig job were done together. */
    record PastJobView(
            UUID id,
            UUID rigJobId,
            UUID wheelEndId,
            String position,
            String scopeWords,
            Job.State state,
            Instant closedAt) {

        static PastJobView of(PastJob job, Function<UUID, String> position) {
            return new PastJobView(
                    job.id(),
                    job.rigJobId(),
                    job.wheelEndId(),
                    position.apply(job.wheelEndId()),
                    job.scope().words(),
                    job.state(),
                    job.closedAt());
        }
    }
}
