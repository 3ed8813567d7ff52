package oldtallow.core.procedure.round;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
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
            double pace = (double) takes.getSeconds() / plan.usually().getSeconds();
            return Duration.ofSeconds(Math.round(usually.getSeconds() * pace));
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
    public int count() {
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

    /**
     * A step of the whole job.
     *
     * @param hubs where it is done, by their place among the hubs from 0; the first alone where it is done once for the rig
     */
    public record AtHubs(Step step, List<Integer> hubs) {

        public AtHubs {
            hubs = List.copyOf(hubs);
        }

        private AtHubs and(int hub) {
            return Reach.of(step) == Reach.RIG
                    ? this
                    : new AtHubs(
                            step, Stream.concat(hubs.stream(), Stream.of(hub)).toList());
        }
    }

    /** Each step once, in the order in which it is done on the hubs that have it. */
    public List<AtHubs> steps() {
        List<AtHubs> all = new ArrayList<>();
        for (int hub = 0; hub < hubs.size(); hub++) {
            int at = 0;
            for (Step step : hubs.get(hub).plan().steps()) {
                int known = placeOf(step, all);
                if (known < 0) {
                    all.add(at, new AtHubs(step, List.of(hub)));
                } else {
                    all.set(known, all.get(known).and(hub));
                    at = Math.max(at, known);
                }
                at++;
            }
        }
        // each plan goes stage by stage, so its order stays
        all.sort(Comparator.comparing(one -> one.step().stage()));
        return all;
    }

    private static int placeOf(Step step, List<AtHubs> all) {
        return IntStream.range(0, all.size())
                .filter(i -> all.get(i).step().id().equals(step.id()))
                .findFirst()
                .orElse(-1);
    }

    /** New parts that must be here, in words: 4 × seal. */
    public List<String> newPartWords() {
        return newParts().entrySet().stream()
                .map(one -> one.getValue() == 1
                        ? one.getKey().words()
                        : one.getValue() + " × " + one.getKey().words())
                .toList();
    }

    /** How many new parts of each kind must be here. */
    public Map<Part, Long> newParts() {
        return hubs.stream()
                .flatMap(hub -> hub.plan().newParts().stream())
                .collect(Collectors.groupingBy(Function.identity(), LinkedHashMap::new, Collectors.counting()));
    }
}
