package oldtallow.core.setting.measure;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import oldtallow.core.fastening.endplay.EndPlayWindow;
import oldtallow.core.quantity.Length;

/** What to do where readings disagree, or lie too close to an edge of their window to tell. */
public final class BetterWith {

    private static final int ENOUGH_READINGS = 10;
    private static final double FINE_GRADUATION = 0.002;

    private BetterWith() {}

    /** In the order worth trying; empty where the readings agree and already tell. */
    public static List<String> advice(DialReadings readings, EndPlayWindow window) {
        List<String> advice = new ArrayList<>();
        if (readings.disagree()) {
            advice.add(String.format(
                    Locale.ROOT,
                    "The readings disagree, by %.2f mm (%.0f thou): turn the hub to and fro at every push and pull, and"
                            + " see that the stand sits on bare metal.",
                    readings.spread().millimetres(),
                    readings.spread().thousandths()));
        }
        if (readings.decide(window).isCertain()) {
            return List.copyOf(advice);
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
        double toMost = Math.abs(window.usable().minus(endPlay).millimetres());
        return Math.min(toLeast, toMost);
    }
}
