package oldtallow.core.procedure.run;

import java.util.EnumSet;
import java.util.Set;
import oldtallow.core.procedure.step.Aid;
import oldtallow.core.procedure.step.Check;
import oldtallow.core.procedure.step.Check.Meaning;
import oldtallow.core.procedure.step.Step;
import oldtallow.core.quantity.ReadingKind;

/** What a step stops for, at every pace; common practice: hands stop to measure, to judge, to choose, or where it can hurt. */
public enum Stop {
    /** For nothing: the hands go on. */
    NONE,
    /** Something is looked at, heard or felt, and what was noticed is noted. */
    LOOK,
    /** Somebody judges: good, to be looked at closer, or scrap. */
    VERDICT,
    /** One of several ways is chosen. */
    CHOICE,
    /** A reading decides how it goes on. */
    READING,
    /** The setting of the nut is put on record. */
    SETTING,
    /** A life or the bearing depends on what must hold. */
    MUST,
    /** A clock runs before it may go on. */
    WAIT;

    private static final Set<Meaning> DECIDED_BY_READING = EnumSet.of(Meaning.SEATED, Meaning.WARM_AT_MOST);

    /** Why a step stops; the strongest reason where it has several. */
    public static Stop of(Step step) {
        if (step.verdictOn().isPresent()) {
            return VERDICT;
        }
        if (means(step, Set.of(Meaning.SETTING_RECORDED))) {
            return SETTING;
        }
        if (!step.asks().isEmpty()) {
            return LOOK;
        }
        if (step.aid().filter(aid -> aid == Aid.GREASE_KIND).isPresent()) {
            return CHOICE;
        }
        if (means(step, DECIDED_BY_READING)
                || step.readings().contains(ReadingKind.END_PLAY)
                || step.aid().filter(aid -> aid == Aid.RIGHT_CUP).isPresent()) {
            return READING;
        }
        if (step.byMechanic() || step.checks().stream().anyMatch(Check::must)) {
            return MUST;
        }
        return step.timer().filter(timer -> !timer.meanwhile()).isPresent() ? WAIT : NONE;
    }

    private static boolean means(Step step, Set<Meaning> meanings) {
        return step.checks().stream().anyMatch(check -> meanings.contains(check.meaning()));
    }
}
