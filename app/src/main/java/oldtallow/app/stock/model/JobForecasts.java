package oldtallow.app.stock.model;

import java.time.Duration;
import java.util.List;
import java.util.UUID;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.core.hub.part.Part;
import oldtallow.core.procedure.brief.Choices;
import oldtallow.core.procedure.brief.Scope;
import oldtallow.core.procedure.choice.ChoiceOpen;
import oldtallow.core.procedure.job.Plan;

/** What jobs need: those nobody has opened, with the time they take, and those that run. The bench answers. */
public interface JobForecasts {

    /**
     * What a job would be.
     *
     * @param choices the ways it could go
     * @param takes by common practice and the workshop's own past jobs
     * @param fromPastJobs how many past jobs are in {@code takes}; 0 for common practice alone
     */
    record JobForecast(WheelEnd end, Plan plan, List<ChoiceOpen> choices, Duration takes, int fromPastJobs) {}

    /**
     * What a running job has called for on the way.
     *
     * @param parts new ones that are not said to be here yet
     */
    record CalledFor(UUID jobId, WheelEnd end, List<Part> parts) {}

    /** New parts that running jobs wait for because the old ones were called done with. */
    List<CalledFor> calledFor();

    /** How the workshop that asks does what can be done in several ways. */
    Choices usual();

    /** Plans a job without opening it. */
    JobForecast forecast(UUID wheelEndId, Scope scope, Choices choices);
}
