package oldtallow.core.words;

import oldtallow.core.quantity.Digits;
import oldtallow.core.setting.measure.BetterWith;

/** What readings of end play want. */
public final class PlayWords {

    private PlayWords() {}

    /** What to do, in a sentence. */
    public static String of(BetterWith better) {
        return switch (better) {
            case BetterWith.Care care ->
                "The readings disagree, by " + Written.length(care.spread())
                        + ": turn the hub to and fro at every push and pull, and see that the stand sits on bare metal.";
            case BetterWith.MoreReadings more -> "Measure again, " + more.inAll() + " readings in all.";
            case BetterWith.FinerIndicator finer ->
                "Measure again, better with an indicator that shows "
                        + Digits.fixed(finer.graduation().millimetres(), 3) + " mm (a tenth of a thou), and "
                        + finer.inAll() + " readings.";
            case BetterWith.Nothing nothing ->
                "It sits on the edge itself: no indicator tells. Take the next stop if there is one, or say in the note"
                        + " why it stays.";
        };
    }
}
