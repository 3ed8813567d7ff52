package oldtallow.core.setting.measure;

import java.util.ArrayList;
import java.util.List;
import oldtallow.core.fastening.endplay.EndPlayWindow;
import oldtallow.core.quantity.Length;

/** What to do where readings disagree, or lie too close to an edge of their window to tell. */
public sealed interface BetterWith {

    int ENOUGH_READINGS = 10;
    double FINE_GRADUATION = 0.002;

    /** Care: the readings lie further apart than an indicator's own error. */
    record Care(Length spread) implements BetterWith {}

    /** So many readings in all, with the indicator at hand. */
    record MoreReadings(int inAll) implements BetterWith {}

    /**
     * A finer indicator.
     *
     * @param graduation of it
     * @param inAll readings with it
     */
    record FinerIndicator(Length graduation, int inAll) implements BetterWith {}

    /** Nothing: it sits on the edge itself. */
    record Nothing() implements BetterWith {}

    /** In the order worth trying; empty where the readings agree and already tell. */
    static List<BetterWith> advice(DialReadings readings, EndPlayWindow window) {
        List<BetterWith> advice = new ArrayList<>();
        if (readings.disagree()) {
            advice.add(new Care(readings.spread()));
        }
        if (!readings.decide(window).isCertain()) {
            advice.add(toDecide(readings, room(readings.endPlay(), window)));
        }
        return List.copyOf(advice);
    }

    private static BetterWith toDecide(DialReadings readings, double room) {
        double graduation = readings.graduation().millimetres();
        for (int more = readings.readings().size() + 1; more <= ENOUGH_READINGS; more++) {
            if (readings.uncertainty(more, graduation) <= room) {
                return new MoreReadings(more);
            }
        }
        return graduation > FINE_GRADUATION && readings.uncertainty(ENOUGH_READINGS, FINE_GRADUATION) <= room
                ? new FinerIndicator(Length.ofMillimetres(FINE_GRADUATION), ENOUGH_READINGS)
                : new Nothing();
    }

    /** From the value to the nearest edge, mm. */
    private static double room(Length endPlay, EndPlayWindow window) {
        double toLeast = Math.abs(endPlay.minus(window.least()).millimetres());
        double toMost = Math.abs(window.usable().minus(endPlay).millimetres());
        return Math.min(toLeast, toMost);
    }
}
