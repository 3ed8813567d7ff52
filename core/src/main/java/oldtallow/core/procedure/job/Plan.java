package oldtallow.core.procedure.job;

import java.time.Duration;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import oldtallow.core.hub.part.Part;
import oldtallow.core.procedure.brief.JobBrief;
import oldtallow.core.procedure.step.Check;
import oldtallow.core.procedure.step.PartMove;
import oldtallow.core.procedure.step.PartMove.Kind;
import oldtallow.core.procedure.step.Stage;
import oldtallow.core.procedure.step.Step;
import oldtallow.core.procedure.step.Supply;
import oldtallow.core.procedure.step.Tool;

/** The steps of a job in order, and what the whole of it needs. */
public record Plan(JobBrief brief, List<Step> steps) {

    public Plan {
        steps = List.copyOf(steps);
    }

    public Optional<Step> find(String id) {
        return steps.stream().filter(step -> step.id().equals(id)).findFirst();
    }

    /** Tools by the stage that first needs them. */
    public Map<Stage, Set<Tool>> tools() {
        return byStage(Tool.class, Step::tools);
    }

    /** Supplies by the stage that first needs them. */
    public Map<Stage, Set<Supply>> supplies() {
        return byStage(Supply.class, Step::supplies);
    }

    /** Parts that must be here before it starts, in the order they go on; without those that a new hub brings. */
    public List<Part> newParts() {
        return moves(kind -> kind == Kind.RENEW || kind == Kind.FIT).stream()
                .filter(part -> !brief.comesWithHub(part))
                .toList();
    }

    /** Parts that come new only because they were called done with: nobody laid them out before it started. */
    public List<Part> newAfterAll() {
        return Situation.of(brief).newAfterAll();
    }

    /** What is never used twice on this construction, whatever the job. */
    public List<Part> alwaysNew() {
        return brief.stack().alwaysNew();
    }

    /** What the job cannot close without. */
    public List<Check> mustChecks() {
        return steps.stream()
                .flatMap(step -> step.checks().stream())
                .filter(Check::must)
                .toList();
    }

    /** The sum of the steps' usual times; common practice, to be used until the workshop has past jobs of its own. */
    public Duration usually() {
        return steps.stream().map(Step::usually).reduce(Duration.ZERO, Duration::plus);
    }

    private List<Part> moves(Predicate<Kind> which) {
        return steps.stream()
                .flatMap(step -> step.moves().stream())
                .filter(move -> which.test(move.kind()))
                .map(PartMove::part)
                .toList();
    }

    private <T extends Enum<T>> Map<Stage, Set<T>> byStage(Class<T> type, Function<Step, List<T>> of) {
        Map<Stage, Set<T>> needed = new EnumMap<>(Stage.class);
        EnumSet<T> listed = EnumSet.noneOf(type);
        for (Step step : steps) {
            for (T one : of.apply(step)) {
                if (listed.add(one)) {
                    needed.computeIfAbsent(step.stage(), stage -> EnumSet.noneOf(type))
                            .add(one);
                }
            }
        }
        return needed;
    }
}
