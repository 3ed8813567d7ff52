package oldtallow.core.setting.rolling;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import oldtallow.core.fastening.endplay.EndPlayVerdict;
import oldtallow.core.fastening.endplay.EndPlayWindow;
import oldtallow.core.fastening.lock.LockPattern;
import oldtallow.core.fastening.lock.SteppedLock;
import oldtallow.core.fastening.thread.ScrewThread;
import oldtallow.core.quantity.Force;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.Turn;
import oldtallow.core.setting.rolling.SettingChart.Hub;
import oldtallow.core.setting.rolling.SettingChart.Point;

/**
 * What a setting means, said in words, beside the one tighter and the one looser.
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

    /** Sentences, the one that matters first. */
    public List<String> words(EndPlayWindow window) {
        List<String> words = new ArrayList<>();
        words.add(said(window.judge(here.endPlay())));
        looser.ifPresent(point -> words.add(
                "One stop looser, " + play(point.endPlay()) + ": " + against(point) + " here; " + rocks(point) + "."));
        tighter.ifPresent(
                point -> words.add("One stop tighter, " + play(point.endPlay()) + ": " + tightSays(point) + "."));
        if (windows > 1.5) {
            words.add(String.format(
                    Locale.ROOT,
                    "A quarter turn is %.2f mm (%.0f thou), %.0f times the whole window: after a hot drive take the next"
                            + " stop, not a quarter turn.",
                    quarterTurn.millimetres(),
                    quarterTurn.thousandths(),
                    windows));
        }
        return List.copyOf(words);
    }

    private String said(EndPlayVerdict verdict) {
        return switch (verdict) {
            case INSIDE ->
                "Inside its window: " + rocks(here) + ", and the setting "
                        + here.added().words() + ".";
            case USABLE ->
                "Looser than good, and usable: fewer rollers carry, " + rocks(here)
                        + ". A stop nearer would let it live longer.";
            case TOO_LOOSE ->
                "Looser than its window: few rollers carry, " + rocks(here)
                        + ". It stays cool, so the hand does not tell.";
            case TOO_TIGHT -> "Tighter than its window, though there is play left.";
            case PRELOAD ->
                "Preloaded: the rollers press on each other all round, the load aside; the setting "
                        + here.added().words() + ".";
        };
    }

    private String tightSays(Point point) {
        if (!point.endPlay().isNegative()) {
            return against(point) + " here";
        }
        return String.format(
                Locale.ROOT,
                "preload of some %s N (%s lbf) on top of the load; the setting %s; %s here",
                round(point.preload()),
                round(Force.ofNewtons(point.preload()).poundsForce()),
                point.added().words(),
                against(point));
    }

    private String against(Point point) {
        return point.relativeLife().over(here.relativeLife()).words();
    }

    /** To two figures: an estimate has no more. */
    private static String round(double value) {
        return new BigDecimal(value).round(new MathContext(2)).toBigInteger().toString();
    }

    private static String rocks(Point point) {
        return String.format(
                Locale.ROOT,
                "it rocks %.2f mm (%.0f thou) at the tyre",
                point.rock().millimetres(),
                point.rock().thousandths());
    }

    private static String play(Length play) {
        return String.format(Locale.ROOT, "%.2f mm (%.0f thou)", play.millimetres(), play.thousandths())
                .replace('-', '−');
    }
}
