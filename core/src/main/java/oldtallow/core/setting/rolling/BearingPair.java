package oldtallow.core.setting.rolling;

import java.util.function.DoubleUnaryOperator;
import java.util.stream.DoubleStream;
import oldtallow.core.bearing.BearingSet;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.Force;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.setting.rolling.Equilibrium.NotSettled;
import oldtallow.core.setting.rolling.Equilibrium.Settled;

/**
 * Two tapered bearings back to back, rigid rings, hub and spindle.
 *
 * <pre>
 * δa,i + δa,o = −G          G end play, below zero preload
 * Fa,i − Fa,o = Fy          Fy inboard on the tyre
 * s = distance of the cones' back faces + a_i + a_o      a = (d + D)·e/6 − T/2 from the cone's back face, outside positive
 * </pre>
 *
 * Effective centre: usual estimate of machine-element textbooks (from memory), 0 to 1.3 mm too far out. The thrust of the inner
 * bearing is the one unknown; the sum of both movements grows with it, so there is one answer.
 *
 * @param spread s, of the effective centres, mm
 */
public record BearingPair(RollerBearing inner, RollerBearing outer, double spread) {

    private static final double SYSTEM = 9.0 / 8;
    private static final int MOST_ROUNDS = 200;
    /** A nanometre. */
    private static final double CLOSE_MM = 1e-9;
    /** Radial load below which a bearing counts as under thrust alone, of the wheel's load. */
    private static final double NO_RADIAL = 1e-9;

    public BearingPair {
        if (!(spread > 5 && spread < 1000)) {
            throw new OutOfRangeException(EnteredQuantity.SPREAD_OF_BEARINGS, spread + " mm", "5 to 1000 mm");
        }
    }

    /**
     * Of two sets.
     *
     * @param backFaces distance of the cones' back faces, outside to outside; at least as much as both cones are wide
     */
    public static BearingPair of(BearingSet inboard, BearingSet outboard, Length backFaces) {
        Length cones = inboard.coneWidth().plus(outboard.coneWidth());
        if (backFaces.compareTo(cones) < 0) {
            throw new OutOfRangeException(
                    EnteredQuantity.DISTANCE_OF_CONES_BACK_FACES,
                    backFaces.millimetres() + " mm",
                    Math.round(cones.millimetres() * 10) / 10.0 + " mm or more: so wide are both cones");
        }
        return new BearingPair(
                RollerBearing.of(inboard),
                RollerBearing.of(outboard),
                backFaces.millimetres() + beyondBackFace(inboard) + beyondBackFace(outboard));
    }

    /** a, of the effective centre beyond the cone's back face, mm. */
    static double beyondBackFace(BearingSet set) {
        double sum = set.bore().plus(set.outsideDiameter()).millimetres();
        return sum * 1.5 * set.tangentOfRaceAngle() / 6 - set.width().millimetres() / 2;
    }

    /** Of the rollers' middles along the axis: s less what both contact lines lean outwards. */
    public Length betweenRollers() {
        return Length.ofMillimetres(spread - inner.pitch() / 2 * inner.tangent() - outer.pitch() / 2 * outer.tangent());
    }

    /** How far a thrust alone brings both cones into their cups together; the wheel off the ground. */
    public Length approach(Force thrust) {
        return Length.ofMillimetres(BearingLoad.thrust(inner, thrust.newtons()).movement()
                + BearingLoad.thrust(outer, thrust.newtons()).movement());
    }

    /** How it settles with so much end play under a load; below zero it is preloaded. */
    public Equilibrium settle(Length endPlay, WheelLoad load) {
        Thrusts thrusts = thrusts(load);
        return solve(endPlay.millimetres(), thrusts, 0.5 * (thrusts.low() + thrusts.high()));
    }

    /** As above, sought from where it settled with nearly the same end play under this load: the same answer, sooner. */
    Equilibrium settleNear(Length endPlay, WheelLoad load, Settled near) {
        Thrusts thrusts = thrusts(load);
        double above = Math.max(near.inner().axial() - thrusts.least(), 0);
        double start = Math.min(Math.max(Math.log(above), thrusts.low()), thrusts.high());
        return solve(endPlay.millimetres(), thrusts, start);
    }

    private Thrusts thrusts(WheelLoad load) {
        return new Thrusts(
                radial(load.inner(spread), load),
                radial(load.outer(spread), load),
                load.side().newtons());
    }

    /**
     * Life of what fails with the first of its parts: L = (Σ L^−w)^(−1/w), w = 9/8 for lines, as they fail independently (ISO 281,
     * from memory).
     */
    static double life(double... parts) {
        return Math.pow(
                DoubleStream.of(parts).map(part -> Math.pow(part, -SYSTEM)).sum(), -1 / SYSTEM);
    }

    private static double radial(double reaction, WheelLoad load) {
        double size = Math.abs(reaction);
        return size < NO_RADIAL * load.weight().newtons() ? 0 : size;
    }

    /** Loads of both bearings for a thrust of the inner one. */
    private final class Thrusts {

        private final double innerRadial;
        private final double outerRadial;
        private final double side;

        Thrusts(double innerRadial, double outerRadial, double side) {
            this.innerRadial = innerRadial;
            this.outerRadial = outerRadial;
            this.side = side;
        }

        /** The inner bearing's least thrust, at which one of the two just carries. */
        double least() {
            return Math.max(innerRadial * inner.tangent(), outerRadial * outer.tangent() + side);
        }

        BearingLoad inner(double thrust) {
            return load(inner, innerRadial, thrust);
        }

        BearingLoad outer(double thrust) {
            return load(outer, outerRadial, thrust - side);
        }

        /** Logarithm of the least that is looked for above {@link #least}, N: a breath. */
        double low() {
            return Math.log(scale() * 1e-12);
        }

        /** Likewise of the most: far more than any nut can pull. */
        double high() {
            return Math.log(scale() * 1e4);
        }

        /** Of the thrusts, N. */
        private double scale() {
            return innerRadial + outerRadial + Math.abs(side);
        }
    }

    private static Equilibrium solve(double play, Thrusts thrusts, double start) {
        DoubleUnaryOperator off = above -> {
            double thrust = thrusts.least() + above;
            return thrusts.inner(thrust).movement() + thrusts.outer(thrust).movement() + play;
        };
        // in the logarithm of what lies above the least
        double low = thrusts.low();
        double high = thrusts.high();
        double at = start;
        double miss = Double.NaN;
        for (int round = 1; round <= MOST_ROUNDS; round++) {
            double above = Math.exp(at);
            miss = off.applyAsDouble(above);
            if (Math.abs(miss) <= CLOSE_MM) {
                double thrust = thrusts.least() + above;
                return new Settled(play, thrusts.inner(thrust), thrusts.outer(thrust), round);
            }
            if (miss > 0) {
                high = at;
            } else {
                low = at;
            }
            double step = 1e-5;
            double slope = (off.applyAsDouble(Math.exp(at + step)) - miss) / step;
            double newton = at - miss / slope;
            at = slope > 0 && newton > low && newton < high ? newton : 0.5 * (low + high);
        }
        return new NotSettled(play, miss);
    }

    /** A bearing's load for a radial and an axial force, by the share of it that carries. */
    static BearingLoad load(RollerBearing bearing, double radial, double axial) {
        if (radial == 0) {
            return BearingLoad.thrust(bearing, axial);
        }
        double ratio = radial * bearing.tangent() / axial;
        return BearingLoad.of(bearing, radial, ZoneTable.of(ZoneTable.shareOf(Math.min(1, ratio))));
    }
}
