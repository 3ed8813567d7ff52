package oldtallow.core.fastening.sequence;

import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.quantity.ReadingKind;
import oldtallow.core.quantity.Turn;
import org.jspecify.annotations.Nullable;

/**
 * One step of a nut sequence.
 *
 * @param says what to do, as a mechanic would say it; 1 to 120 characters
 * @param torque to pull, where the step pulls one
 * @param fingers whether fingers do it: the torque is about what they give, and no wrench is asked for
 * @param turn of the nut, where the procedure fixes it: positive looser, −1 to 2 turns
 * @param hub what the hub does meanwhile
 * @param hubTurns that it is turned at least, 0 to 100; 0 where nobody counts
 * @param lookOutFor what goes wrong here; may be empty, at most 200 characters
 */
public record SequenceStep(
        StepKind kind,
        String says,
        @Nullable TorqueRange torque,
        boolean fingers,
        @Nullable Turn turn,
        HubMotion hub,
        int hubTurns,
        String lookOutFor) {

    private static final int MOST_SAYS = 120;
    private static final int MOST_LOOK_OUT = 200;
    private static final int MOST_HUB_TURNS = 100;
    /** A hand wrench; above it the entry is a slip of the key. */
    private static final double MOST_NEWTON_METRES = 1500;

    public SequenceStep {
        if (says.isBlank() || says.length() > MOST_SAYS) {
            throw new OutOfRangeException(EnteredQuantity.WORDS_OF_STEP, says, "1 to " + MOST_SAYS + " characters");
        }
        if (lookOutFor.length() > MOST_LOOK_OUT) {
            throw new OutOfRangeException(
                    EnteredQuantity.LOOK_OUT_FOR, lookOutFor.length(), "at most " + MOST_LOOK_OUT + " characters");
        }
        if (torque != null && torque.most().newtonMetres() > MOST_NEWTON_METRES) {
            throw new OutOfRangeException(
                    EnteredQuantity.TORQUE,
                    torque.most().newtonMetres() + " N·m",
                    "at most 1500 N·m; is the unit right?");
        }
        if (turn != null && (turn.compareTo(Turn.FULL.negate()) < 0 || turn.compareTo(Turn.FULL.times(2)) > 0)) {
            throw new OutOfRangeException(
                    EnteredQuantity.TURN_OF_NUT, turn.degrees() + "°", "−360° to 720°, positive looser");
        }
        if (hubTurns < 0 || hubTurns > MOST_HUB_TURNS) {
            throw new OutOfRangeException(ReadingKind.HUB_TURNS, hubTurns, "0 to " + MOST_HUB_TURNS);
        }
    }
}
