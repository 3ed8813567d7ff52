package oldtallow.core.rolling;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.rolling.Equilibrium.NotSettled;
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

    private static final double STRAIGHT = 0.8;
    private static final double BENDS = 0.1;
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
            Equilibrium straight = pair.settle(endPlay, load.cornering(0));
            Optional<Double> life = life(endPlay);
            if (life.isEmpty()) {
                return Optional.empty();
            }
            return switch (straight) {
                case NotSettled failed -> Optional.empty();
                case Settled settled -> {
                    double celsius = warmth.steady(pair, settled);
                    yield Optional.of(new Point(
                            endPlay,
                            life.get(),
                            life.get() / lifeAtZero,
                            celsius,
                            warmth.drag(pair, settled, celsius),
                            Math.max(0, settled.outer().axial() - induced(settled)),
                            tyre.pushPull(endPlay),
                            settled.inner(),
                            settled.outer()));
                }
            };
        }

        /** The thrust that the radial loads alone make, half a zone carrying. */
        private double induced(Settled settled) {
            return Math.max(
                    settled.inner().radial() / (2 * pair.inner().axialFactor()),
                    settled.outer().radial() / (2 * pair.outer().axialFactor()));
        }

        /** Of the usual mix of roads; empty where a part of it did not settle. */
        Optional<Double> life(Length endPlay) {
            double inner = 0;
            double outer = 0;
            for (double side : new double[] {0, BENDS, -BENDS}) {
                if (!(pair.settle(endPlay, load.cornering(side)) instanceof Settled settled)) {
                    return Optional.empty();
                }
                double share = side == 0 ? STRAIGHT : BENDS;
                inner += share / settled.inner().life(pair.inner());
                outer += share / settled.outer().life(pair.outer());
            }
            return Optional.of(BearingPair.life(1 / inner, 1 / outer));
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
        for (int i = 0; i < count; i++) {
            Length play = loosest.plus(tightest.minus(loosest).times((double) i / (count - 1)));
            hub.at(play, atZero).ifPresent(points::add);
        }
        Length best = points.stream()
                .reduce((a, b) -> b.life() > a.life() ? b : a)
                .map(Point::endPlay)
                .orElse(Length.ZERO);
        return new SettingChart(points, best);
    }
}
