package oldtallow.core.setting.rolling;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oldtallow.core.fastening.endplay.EndPlayVerdict;
import oldtallow.core.fastening.endplay.EndPlayWindow;
import oldtallow.core.fastening.sequence.TorqueRange;
import oldtallow.core.fastening.thread.NutFactor;
import oldtallow.core.fastening.thread.ScrewThread;
import oldtallow.core.fit.HubMaterial;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.Torque;
import oldtallow.core.setting.measure.AngleReading;
import oldtallow.core.setting.measure.WrenchReading.Wrench;

/**
 * How far one thing, changed by itself, moves a setting. An estimate.
 *
 * @param change of the end play; below zero it tightens
 * @param leaves the end play then
 * @param verdict on that
 */
public record Sensitivity(Cause cause, Length change, Length leaves, EndPlayVerdict verdict) {

    /** What moves a setting. */
    public enum Kind {
        WARMER_IRON_HUB,
        WARMER_ALUMINIUM_HUB,
        HOT_DRUM,
        READ_BY_EYE,
        GREASED_THREAD,
        DRY_THREAD,
        THICKER_WASHER
    }

    /**
     * A cause.
     *
     * @param amount of it: warmth in K, the nut's angle in degrees, a torque in N·m
     */
    public record Cause(Kind kind, double amount) {}

    /** A hub on the road, warm to the hand, over the cold bench it was set on, K: an assumption. */
    private static final double WARM = 30;
    /** Drum and hub over the spindle after hard braking, K: an assumption. */
    private static final double HOT_DRUM = 40;

    private static final Length OTHER_WASHER = Length.ofMillimetres(0.1);
    /** Greased and dry threads, the ends of Shigley's table 8-15, from memory. */
    private static final double SLIPPERY = 0.12;

    private static final double DRY = 0.30;

    /**
     * What can move a setting.
     *
     * @param inboardCup outside diameter
     * @param outboardCup outside diameter
     * @param finalTorque by which zero play was found; empty where it was felt
     */
    public static List<Sensitivity> of(
            BearingPair pair,
            Length inboardCup,
            Length outboardCup,
            ScrewThread thread,
            EndPlayWindow window,
            Length setting,
            Optional<TorqueRange> finalTorque) {
        List<Sensitivity> all = new ArrayList<>();
        Length between = pair.betweenRollers();
        var iron = new ThermalPlay(pair, HubMaterial.GREY_IRON, between, inboardCup, outboardCup);
        var aluminium = new ThermalPlay(pair, HubMaterial.ALUMINIUM, between, inboardCup, outboardCup);
        iron.change(WARM, WARM).ifPresent(by -> all.add(one(Kind.WARMER_IRON_HUB, WARM, by, setting, window)));
        aluminium
                .change(WARM, WARM)
                .ifPresent(by -> all.add(one(Kind.WARMER_ALUMINIUM_HUB, WARM, by, setting, window)));
        iron.change(WARM + HOT_DRUM, WARM).ifPresent(by -> all.add(one(Kind.HOT_DRUM, HOT_DRUM, by, setting, window)));
        all.add(one(
                Kind.READ_BY_EYE,
                AngleReading.BY_EYE,
                new AngleReading(thread, 0, AngleReading.BY_EYE).uncertainty(),
                setting,
                window));
        finalTorque.ifPresent(asked -> {
            Torque least = asked.least().times(1 - Wrench.of(asked.least()).deviation());
            Torque most = asked.most().times(1 + Wrench.of(asked.most()).deviation());
            Length tight = pair.approach(new NutFactor(SLIPPERY).force(most, thread.nominalDiameter()));
            Length slack = pair.approach(new NutFactor(DRY).force(least, thread.nominalDiameter()));
            // zero play is taken where the wrench stops; the bearings give that much, so it stands tighter than felt
            all.add(one(Kind.GREASED_THREAD, most.newtonMetres(), tight.times(-1), setting, window));
            all.add(one(Kind.DRY_THREAD, least.newtonMetres(), slack.times(-1), setting, window));
        });
        all.add(one(Kind.THICKER_WASHER, thread.degreesFor(OTHER_WASHER), Length.ZERO, setting, window));
        return List.copyOf(all);
    }

    private static Sensitivity one(Kind kind, double amount, Length change, Length setting, EndPlayWindow window) {
        Length leaves = setting.plus(change);
        return new Sensitivity(new Cause(kind, amount), change, leaves, window.judge(leaves));
    }
}
