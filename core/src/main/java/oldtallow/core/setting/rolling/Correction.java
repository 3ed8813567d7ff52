package oldtallow.core.setting.rolling;

import java.util.Locale;
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

    /** In a sentence. */
    public String words() {
        boolean tightens = degrees < 0;
        String step = String.format(
                        Locale.ROOT,
                        "%s %s (%.0f°) leaves %.2f mm (%.0f thou)",
                        isStop ? "One stop" : "A thou",
                        tightens ? "tighter" : "looser",
                        Math.abs(degrees),
                        leaves.millimetres(),
                        leaves.thousandths())
                .replace('-', '−');
        return switch (verdict) {
            case INSIDE -> step + ", inside its window.";
            case USABLE -> step + ", looser than good, and usable.";
            case TOO_LOOSE ->
                tightens
                        ? step + ", still looser than its window: take the next as well, and measure."
                        : step
                                + ", beyond its window: look for a finer way on the nut dial, another hole, washer or retainer.";
            case TOO_TIGHT, PRELOAD ->
                tightens
                        ? step + ", past its window: leave the nut, look for a finer way on the nut dial."
                        : step + ", still tighter than its window: take the next as well, and measure.";
        };
    }
}
