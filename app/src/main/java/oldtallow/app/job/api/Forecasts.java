package oldtallow.app.job.api;

import java.util.List;
import java.util.UUID;
import oldtallow.app.register.api.Register;
import oldtallow.app.register.model.WheelEnd;
import oldtallow.app.stock.model.JobForecasts;
import oldtallow.core.procedure.brief.Choices;
import oldtallow.core.procedure.brief.Scope;
import oldtallow.core.procedure.job.Plan;
import oldtallow.core.refusal.InvalidInputException;
import oldtallow.core.stock.JobTime;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What jobs need and how long they take. */
@Service
public class Forecasts implements JobForecasts {

    private final JobStore store;
    private final Register register;
    private final FirstBriefs briefs;
    private final JobRecords records;
    private final UsualChoices usual;

    Forecasts(JobStore store, Register register, FirstBriefs briefs, JobRecords records, UsualChoices usual) {
        this.usual = usual;
        this.records = records;
        this.store = store;
        this.register = register;
        this.briefs = briefs;
    }

    @Override
    @Transactional(readOnly = true)
    public JobForecast forecast(UUID wheelEndId, Scope scope, Choices choices) {
        WheelEnd end = register.wheelEnd(wheelEndId);
        Plan plan = Plans.of(briefs.of(end, scope, choices));
        JobTime time = JobTime.of(plan.usually(), store.pastWork(end.construction(), scope));
        return new JobForecast(end, plan, Plans.choices(plan.brief()), time.takes(), time.fromPastJobs());
    }

    @Override
    @Transactional(readOnly = true)
    public Choices usual() {
        return usual.now();
    }

    @Override
    @Transactional(readOnly = true)
    public List<CalledFor> calledFor() {
        return records.open().stream()
                .map(bench -> new CalledFor(bench.job().id(), bench.end(), bench.newToCome()))
                .filter(one -> !one.parts().isEmpty())
                .toList();
    }

    /** The same of several wheel ends of a rig, each by itself. */
    @Transactional(readOnly = true)
    public List<JobForecast> forecasts(UUID rigId, List<UUID> wheelEndIds, Scope scope, Choices choices) {
        if (wheelEndIds.isEmpty()) {
            throw new InvalidInputException("wheelEndIds", "none", "must be one wheel end or more");
        }
        List<JobForecast> all = wheelEndIds.stream()
                .distinct()
                .map(id -> forecast(id, scope, choices))
                .toList();
        all.stream()
                .map(JobForecast::end)
                .filter(end -> !end.rigId().equals(rigId))
                .findFirst()
                .ifPresent(end -> {
                    throw new InvalidInputException("wheelEndIds", end.id(), "is on another rig; a job is for one");
                });
        return all;
    }
}
