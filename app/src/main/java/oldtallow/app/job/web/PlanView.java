package oldtallow.app.job.web;

import java.util.List;
import java.util.Map;
import java.util.Set;
import oldtallow.app.stock.model.JobForecasts.JobForecast;
import oldtallow.core.hub.part.Part;
import oldtallow.core.procedure.job.Plan;
import oldtallow.core.procedure.step.Stage;
import oldtallow.core.procedure.step.Supply;
import oldtallow.core.procedure.step.Tool;

/**
 * A job before it starts.
 *
 * @param fromPastJobs how many past jobs are in the time; 0 for common practice alone
 */
record PlanView(
        String scopeWords,
        int steps,
        long minutes,
        int fromPastJobs,
        List<String> newParts,
        List<String> alwaysNew,
        List<NeedsView> needs) {

    static PlanView of(JobForecast preview) {
        Plan plan = preview.plan();
        Map<Stage, Set<Tool>> tools = plan.tools();
        Map<Stage, Set<Supply>> supplies = plan.supplies();
        return new PlanView(
                plan.brief().scope().words(),
                plan.steps().size(),
                Math.max(1, preview.takes().toMinutes()),
                preview.fromPastJobs(),
                plan.newParts().stream().map(Part::words).toList(),
                plan.alwaysNew().stream().map(Part::words).toList(),
                plan.steps().stream()
                        .map(step -> step.stage())
                        .distinct()
                        .map(stage -> new NeedsView(
                                stage.number(),
                                stage.words(),
                                tools.getOrDefault(stage, Set.of()).stream()
                                        .map(Tool::words)
                                        .toList(),
                                supplies.getOrDefault(stage, Set.of()).stream()
                                        .map(Supply::words)
                                        .toList()))
                        .filter(needs ->
                                !needs.tools().isEmpty() || !needs.supplies().isEmpty())
                        .toList());
    }

    /** What a stage needs that none before it needed. */
    record NeedsView(int stage, String words, List<String> tools, List<String> supplies) {}
}
