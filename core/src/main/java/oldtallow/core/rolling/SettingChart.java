package oldtallow.core.rolling;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.rolling.Equilibrium.Settled;

/**
 * What each setting of the nut does to a hub, from loose to tight.
 *
 * <p>Life is that of a usual road: four fifths straight ahead, a tenth in bends each way with a tenth of the weight as side
 * force (this product's own mix; each bearing wears by its shares, Palmgren and Miner). Temperature and drag are straight ahead.
 *
 * @param points the loosest first
 * @param bestPlay end play with the longest life, by the points
 */
public record SettingChart(List<Point> points, Length bestPlay) {

    /** Side force of the roads, of the weight, and how much of the way each is. */
    private static final List<Double> SIDES = List.of(0.0, 0.1, -0.1);

    private static final List<Double> SHARES = List.of(0.8, 0.1, 0.1);
    private static final int FEWEST = 5;
    private static final int MOST = 1000;

    public SettingChart {
        points = List.copyOf(points);
    }

    /**
     * A setting.
     *
     * @param endPlay below zero preload
     * @param life millions of turns that nine in ten such pairs reach
     * @param relativeLife to that at no play
     * @param preload thrust of the outer bearing on top of what its load makes, N
     */
    public record Point(
            Length endPlay,
            double life,
            double relativeLife,
            double celsius,
            double dragNewtonMillimetres,
            double preload,
            Length rock,
            BearingLoad inner,
            BearingLoad outer) {}

    /**
     * What it is reckoned from.
     *
     * @param tyre for the rock at the tyre
     */
    public record Hub(BearingPair pair, WheelLoad load, HubWarmth warmth, TyrePlay tyre) {

        /** One setting; empty where the solver did not settle, which it says rather than guess. */
        public Optional<Point> at(Length endPlay, double lifeAtZero) {
            return settle(endPlay, List.of()).map(roads -> point(endPlay, roads, lifeAtZero));
        }

        /** Of the usual mix of roads; empty where a part of it did not settle. */
        Optional<Double> life(Length endPlay) {
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

        private Point point(Length endPlay, List<Settled> roads, double lifeAtZero) {
            Settled straight = roads.getFirst();
            double life = life(roads);
            double celsius = warmth.steady(pair, straight);
            return new Point(
                    endPlay,
                    life,
                    life / lifeAtZero,
                    celsius,
                    warmth.drag(pair, straight, celsius),
                    Math.max(0, straight.outer().axial() - induced(straight)),
                    tyre.pushPull(endPlay),
                    straight.inner(),
                    straight.outer());
        }

        private double life(List<Settled> roads) {
            double inner = 0;
            double outer = 0;
            for (int i = 0; i < roads.size(); i++) {
                inner += SHARES.get(i) / roads.get(i).inner().life(pair.inner());
                outer += SHARES.get(i) / roads.get(i).outer().life(pair.outer());
            }
            return BearingPair.life(1 / inner, 1 / outer);
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
            throw new OutOfRangeException("points of the chart", count, "5 to 1000");
        }
        if (loosest.compareTo(tightest) <= 0) {
            throw new OutOfRangeException("loosest setting", loosest.millimetres() + " mm", "looser than the tightest");
        }
        double atZero = hub.life(Length.ZERO).orElseThrow(() -> new IllegalStateException("no play did not settle"));
        List<Point> points = new ArrayList<>();
        List<Settled> near = List.of();
        for (int i = 0; i < count; i++) {
            Length play = loosest.plus(tightest.minus(loosest).times((double) i / (count - 1)));
            Optional<List<Settled>> roads = hub.settle(play, near);
            if (roads.isPresent()) {
                near = roads.get(); // the next lies beside it
                points.add(hub.point(play, near, atZero));
            }
        }
        Length best = points.stream()
                .reduce((a, b) -> b.life() > a.life() ? b : a)
                .map(Point::endPlay)
                .orElse(Length.ZERO);
        return new SettingChart(points, best);
    }
}
