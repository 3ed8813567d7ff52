package oldtallow.core.procedure.job;

import java.time.Duration;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import oldtallow.core.hub.part.Part;
import oldtallow.core.procedure.judge.JudgedItem;
import oldtallow.core.procedure.look.Sign;
import oldtallow.core.procedure.step.Aid;
import oldtallow.core.procedure.step.Caution;
import oldtallow.core.procedure.step.Check;
import oldtallow.core.procedure.step.Supply;
import oldtallow.core.procedure.step.Timer;
import oldtallow.core.procedure.step.Tool;
import oldtallow.core.quantity.ReadingKind;

/** A piece of a step's definition. */
sealed interface Piece {

    record Why(String words) implements Piece {}

    record How(List<String> lines) implements Piece {}

    record Tools(List<Tool> tools) implements Piece {}

    record Supplies(List<Supply> supplies) implements Piece {}

    record Cautions(List<Caution> cautions) implements Piece {}

    record Off(List<Part> parts) implements Piece {}

    record On(List<Part> parts) implements Piece {}

    record Judges(Set<Part> parts) implements Piece {}

    record Readings(List<ReadingKind> kinds) implements Piece {}

    record Aided(Aid aid) implements Piece {}

    record Asks(List<Sign.Kind> kinds) implements Piece {}

    record VerdictOn(JudgedItem item) implements Piece {}

    record Checked(Check check) implements Piece {}

    record Waits(Timer timer) implements Piece {}

    record After(Set<String> ids) implements Piece {}

    record Takes(Duration usually) implements Piece {}

    record When(Predicate<Situation> condition) implements Piece {}

    /** An apprentice cannot tick it off alone. */
    record ByMechanic() implements Piece {}

    /** What the step is called here, instead of its usual name. */
    record Called(String what) implements Piece {}

    /** Pieces that the situation itself words. */
    record Worded(Function<Situation, List<Piece>> pieces) implements Piece {}

    /** Pieces that belong to the step only where the condition holds. */
    record Only(Predicate<Situation> condition, List<Piece> pieces) implements Piece {}

    static Piece why(String words) {
        return new Why(words);
    }

    static Piece how(String... lines) {
        return new How(List.of(lines));
    }

    static Piece with(Tool... tools) {
        return new Tools(List.of(tools));
    }

    static Piece using(Supply... supplies) {
        return new Supplies(List.of(supplies));
    }

    static Piece careful(Caution... cautions) {
        return new Cautions(List.of(cautions));
    }

    /** Parts it takes off; a step none of whose parts moves is not in the plan. */
    static Piece off(Part... parts) {
        return new Off(List.of(parts));
    }

    /** Parts it puts on; a step none of whose parts moves is not in the plan. */
    static Piece on(Part... parts) {
        return new On(List.of(parts));
    }

    /** Parts whose fate it settles. */
    static Piece judges(Part... parts) {
        return new Judges(Set.of(parts));
    }

    static Piece read(ReadingKind... kinds) {
        return new Readings(List.of(kinds));
    }

    /** What can be worked out beside it. */
    static Piece aided(Aid aid) {
        return new Aided(aid);
    }

    /** What is asked at it of the first look. */
    static Piece asks(Sign.Kind... kinds) {
        return new Asks(List.of(kinds));
    }

    /** What gets its verdict at it. */
    static Piece verdict(JudgedItem item) {
        return new VerdictOn(item);
    }

    /** What the job cannot close without. */
    static Piece must(String id, String says) {
        return must(Check.Meaning.PLAIN, id, says);
    }

    /** As above, where the rules know what it means. */
    static Piece must(Check.Meaning meaning, String id, String says) {
        return new Checked(new Check(id, says, true, meaning));
    }

    /** What is worth a look. */
    static Piece see(String id, String says) {
        return new Checked(new Check(id, says, false, Check.Meaning.PLAIN));
    }

    static Piece waits(int seconds, String words) {
        return new Waits(new Timer(Duration.ofSeconds(seconds), words, false));
    }

    /** A clock that runs while the hands go on. */
    static Piece meanwhile(int seconds, String words) {
        return new Waits(new Timer(Duration.ofSeconds(seconds), words, true));
    }

    static Piece after(String... ids) {
        return new After(Set.of(ids));
    }

    /** Usual time, common practice. */
    static Piece takes(int seconds) {
        return new Takes(Duration.ofSeconds(seconds));
    }

    static Piece byMechanic() {
        return new ByMechanic();
    }

    static Piece called(String what) {
        return new Called(what);
    }

    static Piece worded(Function<Situation, List<Piece>> pieces) {
        return new Worded(pieces);
    }

    static Piece when(Predicate<Situation> condition) {
        return new When(condition);
    }

    static Piece only(Predicate<Situation> condition, Piece... pieces) {
        return new Only(condition, List.of(pieces));
    }
}
