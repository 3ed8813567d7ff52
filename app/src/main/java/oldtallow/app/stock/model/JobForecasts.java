package oldtallow.app.stock.model;

import java.time.Duration;
import java.util.UUID;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.core.procedure.brief.Choices;
import oldtallow.core.procedure.brief.Scope;
import oldtallow.core.procedure.job.Plan;

/** What jobs would be that nobody has opened: the parts they need and the time they take. The bench answers. */
public interface JobForecasts {

    /**
     * What a job would be.
     *
     * @param takes by common practice and the workshop's own past jobs
     * @param fromPastJobs how many past jobs are in {@code takes}; 0 for common practice alone
     */
    record JobForecast(WheelEnd end, Plan plan, Duration takes, int fromPastJobs) {}

    /** Plans a job without opening it. */
    JobForecast forecast(UUID wheelEndId, Scope scope, Choices choices);
}
