package oldtallow.core.setting.nut;

import oldtallow.core.fastening.lock.SeatedRetainer;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.Turn;
import org.jspecify.annotations.Nullable;

/** What to do where no stop is good. Never: tighten to the next slot. Common practice, arithmetic exact. */
public sealed interface Remedy {

    /**
     * Find zero play again, hub turning.
     *
     * @param shift by which zero play would have to come out elsewhere for {@code stop} to fall inside; more than 0
     * @param looser whether it would have to come out looser
     */
    record TakeZeroAgain(Length shift, double degrees, boolean looser, Stop stop) implements Remedy {}

    /**
     * Put a washer of another thickness under the nut: the nut then stands further out or in at zero play.
     *
     * @param thicker else thinner
     * @param leastChange smallest change that brings {@code stop} inside, more than 0
     * @param mostChange largest
     * @param thinnest resulting washer, where the fitted one's thickness is known
     * @param thickest likewise
     */
    record OtherWasher(
            boolean thicker,
            Length leastChange,
            Length mostChange,
            @Nullable Length thinnest,
            @Nullable Length thickest,
            Stop stop)
            implements Remedy {}

    /** Turn the tang washer over on its key. */
    record TurnWasherOver(Stop stop) implements Remedy {}

    /**
     * Plain nut with a pressed retainer instead.
     *
     * @param largestGap widest angle between its positions
     * @param travel end play over that angle
     * @param alwaysInside whether some stop falls inside the window wherever zero play comes out
     */
    record FinerRetainer(SeatedRetainer retainer, Turn largestGap, Length travel, boolean alwaysInside)
            implements Remedy {}
}
