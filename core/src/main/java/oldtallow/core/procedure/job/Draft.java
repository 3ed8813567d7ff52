package oldtallow.core.procedure.job;

import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import oldtallow.core.hub.part.Part;
import oldtallow.core.procedure.brief.Scope;
import oldtallow.core.procedure.brief.StepPlates;
import oldtallow.core.procedure.judge.JudgedItem;
import oldtallow.core.procedure.look.Sign;
import oldtallow.core.procedure.step.Aid;
import oldtallow.core.procedure.step.Caution;
import oldtallow.core.procedure.step.Check;
import oldtallow.core.procedure.step.PartMove;
import oldtallow.core.procedure.step.PartMove.Kind;
import oldtallow.core.procedure.step.Stage;
import oldtallow.core.procedure.step.Step;
import oldtallow.core.procedure.step.Supply;
import oldtallow.core.procedure.step.Timer;
import oldtallow.core.procedure.step.Tool;
import oldtallow.core.quantity.ReadingKind;

/** A step on its way from its definition into a plan: the pieces that hold in a situation, gathered in one pass. */
final class Draft {

    private static final Duration USUALLY = Duration.ofSeconds(20);

    private final Situation situation;
    private final List<String> why = new ArrayList<>(1);
    private final Set<String> how = new LinkedHashSet<>();
    private final Set<Tool> tools = new LinkedHashSet<>();
    private final Set<Supply> supplies = new LinkedHashSet<>();
    private final Set<Caution> cautions = new LinkedHashSet<>();
    private final List<PartMove> moves = new ArrayList<>(1);
    private final Set<Part> judges = EnumSet.noneOf(Part.class);
    private final List<ReadingKind> readings = new ArrayList<>(1);
    private final List<Check> checks = new ArrayList<>(1);
    private final List<Aid> aids = new ArrayList<>(1);
    private final List<Sign.Kind> asks = new ArrayList<>(1);
    private final List<JudgedItem> verdicts = new ArrayList<>(1);
    private final List<Timer> timers = new ArrayList<>(1);
    private final Set<String> after = new HashSet<>();
    private final List<Piece> byMechanic = new ArrayList<>(1);
    private final List<String> called = new ArrayList<>(1);
    private final List<Duration> usually = new ArrayList<>(1);

    Draft(Situation situation) {
        this.situation = situation;
    }

    /** Adds the pieces; false where the step is not done in this situation. */
    boolean add(List<Piece> pieces) {
        boolean isAboutParts = false;
        for (Piece piece : pieces) {
            switch (piece) {
                case Piece.When(var condition) -> {
                    if (!situation.is(condition)) {
                        return false;
                    }
                }
                case Piece.Only(var condition, var inner) -> {
                    if (situation.is(condition)) {
                        add(inner);
                    }
                }
                case Piece.Off(var parts) -> {
                    isAboutParts = true;
                    if (situation.scope() != Scope.FIRST_BUILD) {
                        parts.stream()
                                .filter(situation::moves)
                                .forEach(part -> moves.add(new PartMove(part, Kind.REMOVE)));
                    }
                }
                case Piece.On(var parts) -> {
                    isAboutParts = true;
                    parts.stream()
                            .filter(situation::moves)
                            .forEach(part -> moves.add(new PartMove(part, situation.puts(part))));
                }
                case Piece.Why(String words) -> why.add(words);
                case Piece.How(var lines) -> how.addAll(lines);
                case Piece.Tools(var all) -> tools.addAll(all);
                case Piece.Supplies(var all) -> supplies.addAll(all);
                case Piece.Cautions(var all) -> cautions.addAll(all);
                case Piece.Judges(var parts) -> judges.addAll(parts);
                case Piece.Readings(var kinds) -> readings.addAll(kinds);
                case Piece.Checked(var check) -> checks.add(check);
                case Piece.Aided(var aid) -> aids.add(aid);
                case Piece.Asks(var kinds) -> asks.addAll(kinds);
                case Piece.VerdictOn(var item) -> verdicts.add(item);
                case Piece.Waits(var timer) -> timers.add(timer);
                case Piece.After(var ids) -> after.addAll(ids);
                case Piece.ByMechanic mechanic -> byMechanic.add(mechanic);
                case Piece.Called(String what) -> called.add(what);
                case Piece.Worded(var inner) -> add(inner.apply(situation));
                case Piece.Takes(var duration) -> usually.add(duration);
            }
        }
        return !isAboutParts || !moves.isEmpty();
    }

    Step step(String id, Stage stage, String what) {
        // Which way round comes before what is done to the part: read last, the cup is in by then.
        var goesIn = Stream.concat(
                moves.stream().filter(move -> move.kind().puts()).flatMap(move -> move.part().wayRound().stream()),
                how.stream());
        return new Step(
                id,
                stage,
                called.isEmpty() ? what : called.getFirst(),
                String.join(" ", why),
                goesIn.toList(),
                List.copyOf(tools),
                List.copyOf(supplies),
                List.copyOf(cautions),
                moves,
                judges,
                readings,
                checks,
                timers.stream().findFirst(),
                after,
                usually.isEmpty() ? USUALLY : usually.getFirst(),
                !byMechanic.isEmpty(),
                aids.stream().findFirst(),
                asks,
                verdicts.stream().findFirst(),
                StepPlates.of(id, situation.brief()));
    }

    /** The step as a job has it; empty where it does not have it. */
    static Optional<Step> of(StepDefinition definition, Situation situation) {
        var draft = new Draft(situation);
        return draft.add(definition.pieces())
                ? Optional.of(draft.step(definition.id(), definition.stage(), definition.what()))
                : Optional.empty();
    }
}
