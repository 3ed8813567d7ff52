package oldtallow.app.job.web;

import java.util.List;
import java.util.Map;
import java.util.Set;
import oldtallow.app.job.form.ChoiceAskedView;
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
 * @param choices the ways it could go
 * @param fromPastJobs how many past jobs are in the time; 0 for common practice alone
 */
record PlanView(
        String scopeWords,
        int steps,
        long minutes,
        int fromPastJobs,
        List<String> newParts,
        List<String> alwaysNew,
        List<StageNeedsView> needs,
        List<ChoiceAskedView> choices) {

    static PlanView of(JobForecast preview) {
        return of(List.of(preview));
    }

    /** Of one job on several hubs of a rig. */
    static PlanView of(List<JobForecast> previews) {
        var round = new RoundForecast(previews.stream()
                .map(one -> new RoundForecast.HubForecast(one.plan(), one.takes()))
                .toList());
        Plan plan = round.whole();
        List<RoundForecast.AtHubs> steps = round.steps();
        Map<Stage, Set<Tool>> tools = plan.tools();
        Map<Stage, Set<Supply>> supplies = plan.supplies();
        return new PlanView(
                plan.brief().scope().words(),
                round.count(),
                Math.max(1, round.takes().toMinutes()),
                previews.stream().mapToInt(JobForecast::fromPastJobs).min().orElse(0),
                round.newPartWords(),
                previews.stream()
                        .flatMap(one -> one.plan().alwaysNew().stream())
                        .distinct()
                        .map(Part::words)
                        .toList(),
                plan.steps().stream()
                        .map(step -> step.stage())
                        .distinct()
                        .map(stage -> new StageNeedsView(
                                stage.number(),
                                stage.words(),
                                steps.stream()
                                        .filter(one -> one.step().stage() == stage)
                                        .map(one -> one.step().what())
                                        .toList(),
                                tools.getOrDefault(stage, Set.of()).stream()
                                        .map(Tool::words)
                                        .toList(),
                                supplies.getOrDefault(stage, Set.of()).stream()
                                        .map(Supply::words)
                                        .toList()))
                        .toList(),
                ChoiceAskedView.of(previews.stream().map(JobForecast::choices).toList()));
    }

    /**
     * A stage.
     *
     * @param steps each once, whatever number of hubs have it
     * @param tools that none before it needed
     * @param supplies that none before it needed
     */
    record StageNeedsView(int stage, String words, List<String> steps, List<String> tools, List<String> supplies) {}
}
