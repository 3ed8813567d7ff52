package oldtallow.core.setting.rolling;

import oldtallow.core.fastening.endplay.EndPlayVerdict;
import oldtallow.core.fastening.endplay.EndPlayWindow;
import oldtallow.core.fastening.lock.LockPattern;
import oldtallow.core.fastening.lock.SteppedLock;
import oldtallow.core.fastening.thread.ScrewThread;
import oldtallow.core.quantity.Length;

/**
 * The smallest step by which a nut is corrected: one stop, or where the lock holds anywhere a thou. Never a blind quarter turn.
 *
 * @param degrees of nut, below zero tighter
 * @param leaves end play after it
 * @param verdict on that
 * @param isStop whether the lock gives the step
 */
public record Correction(double degrees, Length leaves, EndPlayVerdict verdict, boolean isStop) {

    private static final Length FINE = Length.ofThousandths(1);

    public static Correction looser(Length stands, ScrewThread thread, LockPattern lock, EndPlayWindow window) {
        boolean stop = lock instanceof SteppedLock;
        Length step = lock instanceof SteppedLock stepped ? thread.travel(stepped.smallestGap()) : FINE;
        Length leaves = stands.plus(step);
        return new Correction(thread.degreesFor(step), leaves, window.judge(leaves), stop);
    }

    /** For a hub that came back loose: the same step the other way, by a play that was measured. */
    public static Correction tighter(Length measured, ScrewThread thread, LockPattern lock, EndPlayWindow window) {
        Correction looser = looser(measured, thread, lock, window);
        Length leaves = measured.minus(looser.leaves().minus(measured));
        return new Correction(-looser.degrees(), leaves, window.judge(leaves), looser.isStop());
    }
}
