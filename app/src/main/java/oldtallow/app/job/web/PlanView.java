package oldtallow.app.job.web;

import java.util.List;
import java.util.Map;
import java.util.Set;
import oldtallow.app.stock.model.JobForecasts.JobForecast;
import oldtallow.core.hub.part.Part;
import oldtallow.core.procedure.job.Plan;
import oldtallow.core.procedure.round.RoundForecast;
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
        return of(List.of(preview));
    }

    /** Of one job on several hubs of a rig. */
    static PlanView of(List<JobForecast> previews) {
        var round = new RoundForecast(previews.stream()
                .map(one -> new RoundForecast.HubForecast(one.plan(), one.takes()))
                .toList());
        Plan plan = round.whole();
        Map<Stage, Set<Tool>> tools = plan.tools();
        Map<Stage, Set<Supply>> supplies = plan.supplies();
        return new PlanView(
                plan.brief().scope().words(),
                round.steps(),
                Math.max(1, round.takes().toMinutes()),
                previews.stream().mapToInt(JobForecast::fromPastJobs).min().orElse(0),
                round.newParts().entrySet().stream()
                        .map(one -> one.getValue() == 1
                                ? one.getKey().words()
                                : one.getValue() + " × " + one.getKey().words())
                        .toList(),
                previews.stream()
                        .flatMap(one -> one.plan().alwaysNew().stream())
                        .distinct()
                        .map(Part::words)
                        .toList(),
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
