package oldtallow.core.procedure.choice;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import oldtallow.core.procedure.brief.ChoiceKind;
import oldtallow.core.procedure.brief.Choices.Way;
import oldtallow.core.procedure.brief.JobBrief;
import oldtallow.core.procedure.job.Plan;
import oldtallow.core.procedure.step.Step;

/**
 * A choice that makes a difference on a job. Nobody lists where: a way is one to choose where the job's steps are others with
 * it, and it first matters at the first step that is.
 *
 * @param now how the job goes
 * @param others how else it could go, each with where it would part
 */
public record ChoiceOpen(ChoiceKind kind, Way now, List<Other> others) {

    public ChoiceOpen {
        others = List.copyOf(others);
    }

    /**
     * Another way.
     *
     * @param at the place in the plan, from 0, of the first step that would be another
     */
    public record Other(Way way, int at) {}

    /** All choices of a job from its beginning; in the order they come up. */
    public static List<ChoiceOpen> of(Plan plan, Function<JobBrief, Plan> plans) {
        return Arrays.stream(ChoiceKind.values())
                .flatMap(kind -> of(kind, plan, plans).stream())
                .toList();
    }

    /** The step at which a way parts from how the job goes; empty where it makes no difference. */
    public static Optional<Step> parting(Plan plan, Way way, Function<JobBrief, Plan> plans) {
        List<Step> there = plans.apply(plan.brief().choosing(way)).steps();
        return there.equals(plan.steps())
                ? Optional.empty()
                : Optional.of(plan.steps().get(parting(plan.steps(), there)));
    }

    /** The place in the plan of the first step that would be another one. */
    public int firstMatters() {
        return others.stream().mapToInt(Other::at).min().orElse(Integer.MAX_VALUE);
    }

    /** What is left to choose once some steps are done; empty when it is settled. */
    public Optional<ChoiceOpen> with(Collection<String> doneIds, Plan plan) {
        List<Other> left = others.stream()
                .filter(other ->
                        plan.steps().stream().skip(other.at()).map(Step::id).noneMatch(doneIds::contains))
                .toList();
        return left.isEmpty() ? Optional.empty() : Optional.of(new ChoiceOpen(kind, now, left));
    }

    /** The way the job goes and the others, the most usual first. */
    public List<Way> ways() {
        return kind.ways().stream()
                .filter(way -> way.equals(now)
                        || others.stream().anyMatch(other -> other.way().equals(way)))
                .toList();
    }

    private static Optional<ChoiceOpen> of(ChoiceKind kind, Plan plan, Function<JobBrief, Plan> plans) {
        Way chosen = kind.of(plan.brief().choices());
        List<Way> told = new ArrayList<>();
        List<List<Step>> known = new ArrayList<>();
        Way now = chosen;
        for (Way way : kind.ways()) {
            List<Step> steps = way.equals(chosen)
                    ? plan.steps()
                    : plans.apply(plan.brief().choosing(way)).steps();
            // a way that cannot be had here leaves the plan as another one has it
            if (!known.contains(steps)) {
                known.add(steps);
                told.add(way);
                if (steps.equals(plan.steps())) {
                    now = way;
                }
            }
        }
        List<Other> others = new ArrayList<>();
        for (int i = 0; i < told.size(); i++) {
            if (!told.get(i).equals(now)) {
                others.add(new Other(told.get(i), parting(plan.steps(), known.get(i))));
            }
        }
        return others.isEmpty() ? Optional.empty() : Optional.of(new ChoiceOpen(kind, now, others));
    }

    private static int parting(List<Step> here, List<Step> there) {
        int both = Math.min(here.size(), there.size());
        return Stream.iterate(0, i -> i + 1)
                .limit(both)
                .filter(i -> !here.get(i).equals(there.get(i)))
                .findFirst()
                .orElse(Math.max(0, Math.min(both, here.size() - 1)));
    }
}
