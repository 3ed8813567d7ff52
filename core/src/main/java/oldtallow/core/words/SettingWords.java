package oldtallow.core.words;

import java.util.ArrayList;
import java.util.List;
import oldtallow.core.fastening.endplay.EndPlayVerdict;
import oldtallow.core.fastening.endplay.EndPlayWindow;
import oldtallow.core.quantity.Digits;
import oldtallow.core.setting.rolling.AddedHeat;
import oldtallow.core.setting.rolling.Correction;
import oldtallow.core.setting.rolling.Sensitivity;
import oldtallow.core.setting.rolling.SettingChart.Point;
import oldtallow.core.setting.rolling.SettingSense;

/** What a nut's setting means for a hub, and what would move it. */
public final class SettingWords {

    /** Warmth is told in steps of so many degrees. */
    private static final double ROUNDED = 5;
    /** Degrees in a kelvin. */
    private static final double FAHRENHEIT = 1.8;
    /** A quarter turn has to be at least so many windows wide to be warned of. */
    private static final double SEVERAL_WINDOWS = 1.5;

    private SettingWords() {}

    /** What a setting means, the sentence that matters first. */
    public static List<String> sense(SettingSense sense, EndPlayWindow window) {
        List<String> words = new ArrayList<>();
        Point here = sense.here();
        words.add(stands(window.judge(here.endPlay()), here));
        sense.looser()
                .ifPresent(point -> words.add("One stop looser, " + Written.length(point.endPlay()) + ": "
                        + against(point, here) + " here; " + rocks(point) + "."));
        sense.tighter()
                .ifPresent(point -> words.add(
                        "One stop tighter, " + Written.length(point.endPlay()) + ": " + tighter(point, here) + "."));
        if (sense.windows() > SEVERAL_WINDOWS) {
            words.add("A quarter turn is " + Written.length(sense.quarterTurn()) + ", "
                    + Written.whole(sense.windows())
                    + " times the whole window: after a hot drive take the next stop, not a quarter turn.");
        }
        return List.copyOf(words);
    }

    private static String stands(EndPlayVerdict verdict, Point here) {
        return switch (verdict) {
            case INSIDE -> "Inside its window: " + rocks(here) + ", and the setting " + heat(here.added()) + ".";
            case USABLE ->
                "Looser than good, and usable: fewer rollers carry, " + rocks(here)
                        + ". A stop nearer would let it live longer.";
            case TOO_LOOSE ->
                "Looser than its window: few rollers carry, " + rocks(here)
                        + ". It stays cool, so the hand does not tell.";
            case TOO_TIGHT -> "Tighter than its window, though there is play left.";
            case PRELOAD ->
                "Preloaded: the rollers press on each other all round, the load aside; the setting "
                        + heat(here.added()) + ".";
        };
    }

    private static String tighter(Point point, Point here) {
        return point.endPlay().isNegative()
                ? "preload of some " + Written.roughly(point.preload().newtons()) + " N ("
                        + Written.roughly(point.preload().poundsForce())
                        + " lbf) on top of the load; the setting " + heat(point.added()) + "; "
                        + against(point, here) + " here"
                : against(point, here) + " here";
    }

    private static String against(Point point, Point here) {
        return LifeWords.of(point.relativeLife().over(here.relativeLife()));
    }

    private static String rocks(Point point) {
        return "it rocks " + Written.length(point.rock()) + " at the tyre";
    }

    /** After "the setting": "adds some 5 to 20 °C". */
    public static String heat(AddedHeat heat) {
        return heat.isFelt()
                ? "adds some " + rounded(heat.least()) + " to " + rounded(heat.most()) + " °C ("
                        + rounded(FAHRENHEIT * heat.least()) + " to " + rounded(FAHRENHEIT * heat.most()) + " °F)"
                : "adds no warmth a hand would feel";
    }

    private static String rounded(double degrees) {
        return Digits.fixed(degrees < ROUNDED ? Math.rint(degrees) : ROUNDED * Math.rint(degrees / ROUNDED), 0);
    }

    /** What one step of the nut leaves, and whether to take it. */
    public static String correction(Correction correction) {
        boolean tightens = correction.degrees() < 0;
        String step = (correction.isStop() ? "One stop " : "A thou ") + (tightens ? "tighter" : "looser") + " ("
                + Written.whole(Math.abs(correction.degrees())) + "°) leaves " + Written.length(correction.leaves());
        return switch (correction.verdict()) {
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

    /** What moves a setting, in a few words. */
    public static String cause(Sensitivity.Cause cause) {
        String by = Written.whole(cause.amount());
        return switch (cause.kind()) {
            case WARMER_IRON_HUB -> "all " + by + " °C warmer, iron hub";
            case WARMER_ALUMINIUM_HUB -> "all " + by + " °C warmer, aluminium hub";
            case HOT_DRUM -> "drum and hub " + by + " °C hotter than the spindle";
            case READ_BY_EYE -> "nut read " + by + "° wrong by eye";
            case GREASED_THREAD -> "greased thread, wrench pulled to its most";
            case DRY_THREAD -> "dry thread, wrench pulled to its least";
            case THICKER_WASHER -> "washer 0.1 mm thicker: every stop comes " + by + "° sooner";
        };
    }
}
