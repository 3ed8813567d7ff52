package oldtallow.core.procedure.step;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import oldtallow.core.hub.part.Part;
import oldtallow.core.procedure.judge.JudgedItem;
import oldtallow.core.procedure.look.Sign;
import oldtallow.core.quantity.ReadingKind;

/**
 * A step of a job, one thing to do.
 *
 * @param id the same in every plan that has it, such as strip.nut
 * @param what in a few words, as a mechanic would say it
 * @param why what it is good for
 * @param how in order; short sentences
 * @param moves parts it takes off or puts on, in order
 * @param judges parts of which it is settled here whether they go back or new ones come
 * @param after ids of steps of the same plan that come before it
 * @param usually how long it takes; common practice
 * @param byMechanic whether an apprentice cannot tick it off alone
 * @param aid what can be worked out beside it
 * @param asks what is asked at it of the first look
 * @param verdictOn what gets its verdict at it
 * @param plates how it is done, drawn; the most telling first
 */
public record Step(
        String id,
        Stage stage,
        String what,
        String why,
        List<String> how,
        List<Tool> tools,
        List<Supply> supplies,
        List<Caution> cautions,
        List<PartMove> moves,
        Set<Part> judges,
        List<ReadingKind> readings,
        List<Check> checks,
        Optional<Timer> timer,
        Set<String> after,
        Duration usually,
        boolean byMechanic,
        Optional<Aid> aid,
        List<Sign.Kind> asks,
        Optional<JudgedItem> verdictOn,
        List<Plate> plates) {

    public Step {
        how = List.copyOf(how);
        tools = List.copyOf(tools);
        supplies = List.copyOf(supplies);
        cautions = List.copyOf(cautions);
        moves = List.copyOf(moves);
        judges = Set.copyOf(judges);
        readings = List.copyOf(readings);
        checks = List.copyOf(checks);
        asks = List.copyOf(asks);
        after = Set.copyOf(after);
        plates = List.copyOf(plates);
    }

    /** The same step with other ones before it. */
    public Step withAfter(Set<String> ids) {
        return new Step(
                id,
                stage,
                what,
                why,
                how,
                tools,
                supplies,
                cautions,
                moves,
                judges,
                readings,
                checks,
                timer,
                ids,
                usually,
                byMechanic,
                aid,
                asks,
                verdictOn,
                plates);
    }

    /** Whether one of the checks that were met means this. */
    public boolean isMet(Check.Meaning meaning, Set<String> checksMet) {
        return checks.stream().anyMatch(check -> check.meaning() == meaning && checksMet.contains(check.id()));
    }
}
