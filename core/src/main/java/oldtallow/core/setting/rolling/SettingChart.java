package oldtallow.core.setting.rolling;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.DoubleStream;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.Force;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.setting.rolling.Equilibrium.Settled;

/**
 * What each setting of the nut does to a hub, from loose to tight.
 *
 * <p>Life is that of a usual road: four fifths straight ahead, a tenth in bends each way with a tenth of the weight as side
 * force (this product's own mix; each ring wears by its shares, Palmgren and Miner). Warmth and drag are straight ahead.
 *
 * <pre>
 * 1/L of a ring = Σ share of the road / its life there      L of the four rings together: {@link BearingPair#life}
 * </pre>
 *
 * Source: linear wear by Palmgren and Miner (any machine-element textbook, from memory).
 *
 * @param points the loosest first
 * @param bestPlay end play with the longest life, by the points and the insides assumed
 */
public record SettingChart(List<Point> points, Length bestPlay) {

    /** Side force of the roads, of the weight, and how much of the way each is. */
    private static final List<Double> SIDES = List.of(0.0, 0.1, -0.1);

    private static final List<Double> SHARES = List.of(0.8, 0.1, 0.1);
    /** Cone and cup of both bearings. */
    private static final int RINGS = 4;

    private static final int FEWEST = 5;
    private static final int MOST = 1000;

    public SettingChart {
        points = List.copyOf(points);
    }

    /** {@link #bestPlay} were the rollers a tenth more and longer: nearer to no play. */
    public Length bestPlayIfStiffer() {
        return bestPlay.times(1 / RelativeLife.STIFFER);
    }

    /** {@link #bestPlay} were they a tenth fewer and shorter: farther from no play. */
    public Length bestPlayIfSofter() {
        return bestPlay.times(1 / RelativeLife.SOFTER);
    }

    /**
     * A setting.
     *
     * @param endPlay below zero preload
     * @param life with the insides assumed; for holding settings of one pair against each other, no promise of turns
     * @param relativeLife to that at no play
     * @param added what the setting adds to the hub's warmth
     * @param preload thrust of the outer bearing on top of what its load makes
     */
    public record Point(
            Length endPlay,
            double life,
            RelativeLife relativeLife,
            AddedHeat added,
            double dragNewtonMillimetres,
            Force preload,
            Length rock,
            BearingLoad inner,
            BearingLoad outer) {}

    /** The same hub without play: what every setting is held against. */
    record Slack(double life, double celsius) {}

    /**
     * What it is reckoned from.
     *
     * @param tyre for the rock at the tyre
     */
    public record Hub(BearingPair pair, WheelLoad load, HubWarmth warmth, TyrePlay tyre) {

        /** One setting; empty where the solver did not settle, which it says rather than guess. */
        Optional<Point> at(Length endPlay, Slack slack) {
            return settle(endPlay, List.of())
                    .flatMap(roads -> life(endPlay.times(RelativeLife.SOFTER))
                            .flatMap(softer -> life(endPlay.times(RelativeLife.STIFFER))
                                    .map(stiffer -> point(
                                            endPlay,
                                            roads,
                                            slack,
                                            new RelativeLife(
                                                    life(roads) / slack.life,
                                                    softer / slack.life,
                                                    stiffer / slack.life)))));
        }

        /** Without play; empty where a part of it did not settle. */
        Optional<Slack> slack() {
            return settle(Length.ZERO, List.of())
                    .map(roads -> new Slack(life(roads), warmth.steady(pair, roads.getFirst())));
        }

        private Optional<Double> life(Length endPlay) {
            return settle(endPlay, List.of()).map(this::life);
        }

        /**
         * How it settles on each road; empty where one of them did not.
         *
         * @param near how it settled on each with nearly the same end play; none to seek everywhere
         */
        private Optional<List<Settled>> settle(Length endPlay, List<Settled> near) {
            List<Settled> roads = new ArrayList<>(SIDES.size());
            for (int i = 0; i < SIDES.size(); i++) {
                WheelLoad cornering = load.cornering(SIDES.get(i));
                Equilibrium settled = near.isEmpty()
                        ? pair.settle(endPlay, cornering)
                        : pair.settleNear(endPlay, cornering, near.get(i));
                if (!(settled instanceof Settled road)) {
                    return Optional.empty();
                }
                roads.add(road);
            }
            return Optional.of(roads);
        }

        private Point point(Length endPlay, List<Settled> roads, Slack slack, RelativeLife relative) {
            Settled straight = roads.getFirst();
            double celsius = warmth.steady(pair, straight);
            return new Point(
                    endPlay,
                    life(roads),
                    relative,
                    warmth.added(celsius, slack.celsius),
                    warmth.drag(pair, straight, celsius),
                    Force.ofNewtons(Math.max(0, straight.outer().axial() - induced(straight))),
                    tyre.pushPull(endPlay),
                    straight.inner(),
                    straight.outer());
        }

        /** Each ring by its shares of the way, then all four together. */
        private double life(List<Settled> roads) {
            double[] worn = new double[RINGS];
            for (int i = 0; i < roads.size(); i++) {
                double[] lives = roads.get(i).ringLives(pair);
                for (int ring = 0; ring < RINGS; ring++) {
                    worn[ring] += SHARES.get(i) / lives[ring];
                }
            }
            return BearingPair.life(DoubleStream.of(worn).map(part -> 1 / part).toArray());
        }

        /** The thrust that the radial loads alone make, half a zone carrying. */
        private double induced(Settled settled) {
            return Math.max(
                    settled.inner().radial() / (2 * pair.inner().axialFactor()),
                    settled.outer().radial() / (2 * pair.outer().axialFactor()));
        }
    }

    /** So many settings from the loosest to the tightest, evenly apart. */
    public static SettingChart of(Hub hub, Length loosest, Length tightest, int count) {
        if (count < FEWEST || count > MOST) {
            throw new OutOfRangeException(EnteredQuantity.POINTS_OF_CHART, count, "5 to 1000");
        }
        if (loosest.compareTo(tightest) <= 0) {
            throw new OutOfRangeException(
                    EnteredQuantity.LOOSEST_SETTING, loosest.millimetres() + " mm", "looser than the tightest");
        }
        Slack slack = hub.slack().orElseThrow(() -> new IllegalStateException("no play did not settle"));
        Length step = tightest.minus(loosest).times(1.0 / (count - 1));
        // stiffer insides are read off farther out
        double farthest = Math.max(Math.abs(loosest.millimetres()), Math.abs(tightest.millimetres()));
        int beyond = 1 + (int) Math.ceil((RelativeLife.STIFFER - 1) * farthest / -step.millimetres());
        NavigableMap<Double, Double> lives = new TreeMap<>();
        NavigableMap<Length, List<Settled>> settled = new TreeMap<>();
        List<Settled> near = List.of();
        for (int i = -beyond; i < count + beyond; i++) {
            Length play = loosest.plus(step.times(i));
            Optional<List<Settled>> roads = hub.settle(play, near);
            if (roads.isPresent()) {
                near = roads.get(); // the next lies beside it
                lives.put(play.millimetres(), hub.life(near) / slack.life);
                if (i >= 0 && i < count) {
                    settled.put(play, near);
                }
            }
        }
        List<Point> points = settled.descendingMap().entrySet().stream()
                .map(one -> hub.point(one.getKey(), one.getValue(), slack, relative(lives, one.getKey())))
                .toList();
        Length best = points.stream()
                .reduce((a, b) -> b.life() > a.life() ? b : a)
                .map(Point::endPlay)
                .orElse(Length.ZERO);
        return new SettingChart(points, best);
    }

    private static RelativeLife relative(NavigableMap<Double, Double> lives, Length endPlay) {
        double play = endPlay.millimetres();
        return new RelativeLife(
                read(lives, play), read(lives, play * RelativeLife.SOFTER), read(lives, play * RelativeLife.STIFFER));
    }

    /** Straight between two settings, in the logarithm. */
    private static double read(NavigableMap<Double, Double> lives, double play) {
        Map.Entry<Double, Double> below = lives.floorEntry(play);
        Map.Entry<Double, Double> above = lives.ceilingEntry(play);
        if (below == null || above == null) {
            return (below == null ? lives.firstEntry() : lives.lastEntry()).getValue();
        }
        double apart = above.getKey() - below.getKey();
        double part = apart == 0 ? 0 : (play - below.getKey()) / apart;
        return Math.exp((1 - part) * Math.log(below.getValue()) + part * Math.log(above.getValue()));
    }
}
