package oldtallow.core.procedure.job;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.PriorityQueue;
import java.util.Set;
import java.util.stream.Stream;
import oldtallow.core.hub.part.Part;
import oldtallow.core.procedure.brief.JobBrief;
import oldtallow.core.procedure.step.PartMove;
import oldtallow.core.procedure.step.PartMove.Kind;
import oldtallow.core.procedure.step.Step;
import org.jspecify.annotations.Nullable;

/**
 * Works out the steps of a job: those whose conditions hold, in an order in which stages follow each other, parts come off
 * from outboard inward and go back the opposite way, and every step comes after the ones it names.
 */
public final class Planner {

    private static final List<StepDefinition> DEFINITIONS = Stream.of(
                    PrepareSteps.ALL,
                    OpenSteps.ALL,
                    StripSteps.ALL,
                    HubOffSteps.ALL,
                    CleanSteps.ALL,
                    JudgeSteps.ALL,
                    RaceSteps.ALL,
                    GreaseSteps.ALL,
                    HubSteps.ALL,
                    NutSteps.ALL,
                    LockSteps.ALL,
                    CloseSteps.ALL)
            .flatMap(List::stream)
            .toList();

    private Planner() {}

    /** The whole job, from the beginning. */
    public static Plan plan(JobBrief brief) {
        Situation situation = Situation.of(brief);
        List<Step> steps = DEFINITIONS.stream()
                .flatMap(definition -> Draft.of(definition, situation).stream())
                .toList();
        return new Plan(brief, ordered(withMoveOrder(steps, situation)));
    }

    /** Each step also after the ones whose parts must move first; names of steps that are not in the plan are left out. */
    private static List<Step> withMoveOrder(List<Step> steps, Situation situation) {
        Map<Part, String> removedIn = new HashMap<>();
        Map<Part, String> putIn = new HashMap<>();
        Set<String> ids = new HashSet<>();
        for (Step step : steps) {
            ids.add(step.id());
            for (PartMove move : step.moves()) {
                (move.kind() == Kind.REMOVE ? removedIn : putIn).put(move.part(), step.id());
            }
        }
        List<Part> off = situation.offInOrder();
        Map<String, Integer> outermostPut = outermostPut(steps, off);
        List<Step> ordered = new ArrayList<>();
        for (Step step : steps) {
            Set<String> after = new HashSet<>(step.after());
            after.retainAll(ids);
            for (PartMove move : step.moves()) {
                int at = off.indexOf(move.part());
                if (move.kind() == Kind.REMOVE) {
                    addBefore(after, at == 0 ? null : removedIn.get(off.get(at - 1)), step);
                } else {
                    addBefore(after, removedIn.get(move.part()), step);
                    String inner =
                            situation.rightUnder(move.part()).map(putIn::get).orElse(null);
                    // what goes on together with a part over this one, such as seal and hub in one piece, waits for
                    // this one
                    if (inner != null && outermostPut.getOrDefault(inner, at) >= at) {
                        addBefore(after, inner, step);
                    }
                }
            }
            ordered.add(step.withAfter(after));
        }
        return ordered;
    }

    /** By step, the place from outside of the outermost part it puts on. */
    private static Map<String, Integer> outermostPut(List<Step> steps, List<Part> off) {
        Map<String, Integer> outermost = new HashMap<>();
        for (Step step : steps) {
            for (PartMove move : step.moves()) {
                if (move.kind() != Kind.REMOVE) {
                    outermost.merge(step.id(), off.indexOf(move.part()), Math::min);
                }
            }
        }
        return outermost;
    }

    private static void addBefore(Set<String> after, @Nullable String id, Step step) {
        if (id != null && !id.equals(step.id())) {
            after.add(id);
        }
    }

    /** Stage by stage, otherwise as written down, never before what must come first (Kahn's algorithm). */
    private static List<Step> ordered(List<Step> steps) {
        Map<String, Integer> written = new HashMap<>();
        Map<String, Integer> waitingFor = new HashMap<>();
        Map<String, List<Step>> followers = new HashMap<>();
        for (Step step : steps) {
            written.put(step.id(), written.size());
            waitingFor.put(step.id(), step.after().size());
            for (String id : step.after()) {
                followers.computeIfAbsent(id, key -> new ArrayList<>()).add(step);
            }
        }
        var ready = new PriorityQueue<Step>(Comparator.comparing(Step::stage)
                .thenComparing(step -> written.getOrDefault(step.id(), Integer.MAX_VALUE)));
        steps.stream().filter(step -> step.after().isEmpty()).forEach(ready::add);
        List<Step> ordered = new ArrayList<>(steps.size());
        while (!ready.isEmpty()) {
            Step next = ready.remove();
            ordered.add(next);
            for (Step follower : followers.getOrDefault(next.id(), List.of())) {
                if (waitingFor.merge(follower.id(), -1, Integer::sum) == 0) {
                    ready.add(follower);
                }
            }
        }
        if (ordered.size() != steps.size()) {
            throw new IllegalStateException("steps wait for each other: "
                    + steps.stream()
                            .filter(step -> !ordered.contains(step))
                            .map(Step::id)
                            .toList());
        }
        return ordered;
    }
}
