package oldtallow.core.rolling;

import java.util.Locale;
import oldtallow.core.endplay.EndPlayVerdict;
import oldtallow.core.endplay.EndPlayWindow;
import oldtallow.core.lock.LockPattern;
import oldtallow.core.lock.SteppedLock;
import oldtallow.core.quantity.Length;
import oldtallow.core.thread.ScrewThread;

/**
 * The smallest step by which a nut is loosened: one stop, or where the lock holds anywhere a thou. Never a blind quarter turn.
 *
 * @param degrees of nut
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

    /** In a sentence. */
    public String words() {
        String step = String.format(
                        Locale.ROOT,
                        "%s looser (%.0f°) leaves %.2f mm (%.0f thou)",
                        isStop ? "One stop" : "A thou",
                        degrees,
                        leaves.millimetres(),
                        leaves.thousandths())
                .replace('-', '−');
        return switch (verdict) {
            case INSIDE -> step + ", inside its window.";
            case TOO_LOOSE ->
                step + ", beyond its window: look for a finer way on the nut dial, another hole, washer or retainer.";
            case TOO_TIGHT, PRELOAD -> step + ", still tighter than its window: take the next as well, and measure.";
        };
    }
}
