package oldtallow.core.measure;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import oldtallow.core.endplay.EndPlayWindow;
import oldtallow.core.quantity.Length;

/** What to do where readings lie too close to an edge of their window to tell. */
public final class BetterWith {

    private static final int ENOUGH_READINGS = 10;
    /** A spread above this is the set-up's, not the hub's: common practice. */
    private static final Length WIDE_SPREAD = Length.ofMillimetres(0.03);

    private static final double FINE_GRADUATION = 0.002;

    private BetterWith() {}

    /** In the order worth trying; empty where the readings already tell. */
    public static List<String> advice(DialReadings readings, EndPlayWindow window) {
        if (readings.decide(window).isCertain()) {
            return List.of();
        }
        List<String> advice = new ArrayList<>();
        if (readings.spread().compareTo(WIDE_SPREAD) > 0) {
            advice.add(String.format(
                    Locale.ROOT,
                    "The readings spread over %.2f mm (%.0f thou): turn the hub to and fro at every push and pull, and"
                            + " see that the stand sits on bare metal.",
                    readings.spread().millimetres(),
                    readings.spread().thousandths()));
        }
        double room = room(readings.endPlay(), window);
        double graduation = readings.graduation().millimetres();
        for (int more = readings.readings().size() + 1; more <= ENOUGH_READINGS; more++) {
            if (readings.uncertainty(more, graduation) <= room) {
                advice.add("Measure again, " + more + " readings in all.");
                return List.copyOf(advice);
            }
        }
        if (graduation > FINE_GRADUATION && readings.uncertainty(ENOUGH_READINGS, FINE_GRADUATION) <= room) {
            advice.add("Measure again, better with an indicator that shows 0.002 mm (a tenth of a thou), and "
                    + ENOUGH_READINGS + " readings.");
            return List.copyOf(advice);
        }
        advice.add(
                "It sits on the edge itself: no indicator tells. Take the next stop if there is one, or say in the note"
                        + " why it stays.");
        return List.copyOf(advice);
    }

    /** From the value to the nearest edge, mm. */
    private static double room(Length endPlay, EndPlayWindow window) {
        double toLeast = Math.abs(endPlay.minus(window.least()).millimetres());
        double toMost = Math.abs(window.most().minus(endPlay).millimetres());
        return Math.min(toLeast, toMost);
    }
}
