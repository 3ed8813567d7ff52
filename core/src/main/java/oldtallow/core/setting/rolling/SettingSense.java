package oldtallow.core.setting.rolling;

import java.util.Optional;
import oldtallow.core.fastening.endplay.EndPlayWindow;
import oldtallow.core.fastening.lock.LockPattern;
import oldtallow.core.fastening.lock.SteppedLock;
import oldtallow.core.fastening.thread.ScrewThread;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.Turn;
import oldtallow.core.setting.rolling.SettingChart.Hub;
import oldtallow.core.setting.rolling.SettingChart.Point;

/**
 * What a setting means, beside the one tighter and the one looser.
 *
 * @param tighter empty where the lock holds at any angle, or where it did not settle
 * @param here the setting itself
 * @param looser as {@code tighter}
 * @param quarterTurn travel of a quarter turn of the nut
 * @param windows how many times the window goes into a quarter turn; 0 for a window without width
 */
public record SettingSense(
        Optional<Point> tighter, Point here, Optional<Point> looser, Length quarterTurn, double windows) {

    private static final Turn QUARTER = Turn.of(1, 4);
    /** Of a setting; empty where the solver did not settle there. */
    public static Optional<SettingSense> of(
            Hub hub, Length setting, ScrewThread thread, LockPattern lock, EndPlayWindow window) {
        return hub.slack()
                .flatMap(slack -> hub.at(setting, slack).map(here -> {
                    Optional<Length> step = step(thread, lock);
                    Length quarter = thread.travel(QUARTER);
                    double width = window.width().millimetres();
                    return new SettingSense(
                            step.flatMap(one -> hub.at(setting.minus(one), slack)),
                            here,
                            step.flatMap(one -> hub.at(setting.plus(one), slack)),
                            quarter,
                            width > 0 ? quarter.millimetres() / width : 0);
                }));
    }

    /** End play from one stop to the next, the finest the lock has. */
    private static Optional<Length> step(ScrewThread thread, LockPattern lock) {
        return lock instanceof SteppedLock stepped
                ? Optional.of(thread.travel(stepped.smallestGap()))
                : Optional.empty();
    }
}
