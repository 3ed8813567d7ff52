package oldtallow.core.procedure.round;

import java.time.Duration;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import oldtallow.core.hub.part.Part;
import oldtallow.core.procedure.job.Plan;
import oldtallow.core.procedure.run.Reach;
import oldtallow.core.procedure.step.Step;

/**
 * What a job on several hubs of a rig would be: what is done once for the rig is counted once.
 *
 * @param hubs 1 or more
 */
public record RoundForecast(List<HubForecast> hubs) {

    public RoundForecast {
        hubs = List.copyOf(hubs);
    }

    /**
     * A hub of it.
     *
     * @param takes by itself, all of it
     */
    public record HubForecast(Plan plan, Duration takes) {

        /** Its share for what is done once, which scales with the workshop's own pace. */
        private Duration once() {
            Duration usually = plan.steps().stream()
                    .filter(step -> Reach.of(step) == Reach.RIG)
                    .map(Step::usually)
                    .reduce(Duration.ZERO, Duration::plus);
            double pace = (double) takes.toSeconds() / plan.usually().toSeconds();
            return Duration.ofSeconds(Math.round(usually.toSeconds() * pace));
        }
    }

    /** All hubs one after the other by one person; of what is done once the longest counts. */
    public Duration takes() {
        Duration once = hubs.stream()
                .map(HubForecast::once)
                .max(Comparator.naturalOrder())
                .orElse(Duration.ZERO);
        return hubs.stream().map(hub -> hub.takes().minus(hub.once())).reduce(once, Duration::plus);
    }

    /** How many steps there are, those that are done once counted once. */
    public int steps() {
        return Math.toIntExact(steps(Reach.HUB).count()
                + steps(Reach.RIG).map(Step::id).distinct().count());
    }

    private Stream<Step> steps(Reach reach) {
        return hubs.stream().flatMap(hub -> hub.plan().steps().stream()).filter(step -> Reach.of(step) == reach);
    }

    /** All steps, by stage: what tools and supplies they need. */
    public Plan whole() {
        return new Plan(
                hubs.getFirst().plan().brief(),
                hubs.stream()
                        .flatMap(hub -> hub.plan().steps().stream())
                        .sorted(Comparator.comparing(Step::stage))
                        .toList());
    }

    /** How many new parts of each kind must be here. */
    public Map<Part, Long> newParts() {
        return hubs.stream()
                .flatMap(hub -> hub.plan().newParts().stream())
                .collect(Collectors.groupingBy(Function.identity(), LinkedHashMap::new, Collectors.counting()));
    }
}
