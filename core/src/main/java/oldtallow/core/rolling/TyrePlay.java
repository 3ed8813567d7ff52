package oldtallow.core.rolling;

import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;

/**
 * End play and what it is at the tyre.
 *
 * <pre>
 * T = G·(1 + (R/s)·(tan α_i + tan α_o))      pushed and pulled at one point of the tyre, at 12 and 6 o'clock
 * T = 2·R·G·max(tan α)/s                      rocked by a pure couple, top in and bottom out
 * </pre>
 *
 * Rigid hub; worked out for this product and checked against a linear programme over many rollers (reference sheet §9). Push
 * and pull holds while (R/s)·|tan α_i − tan α_o| ≤ 1.
 *
 * @param radius R at which it is measured, 20 to 1000 mm
 */
public record TyrePlay(BearingPair pair, Length radius) {

    public TyrePlay {
        if (!(radius.millimetres() >= 20 && radius.millimetres() <= 1000)) {
            throw new OutOfRangeException("radius it is measured at", radius.millimetres() + " mm", "20 to 1000 mm");
        }
    }

    /** At the tyre, pushed and pulled with one hand; none for preload. */
    public Length pushPull(Length endPlay) {
        return atLeastNone(endPlay).times(factor());
    }

    /** At the tyre, rocked with both hands. */
    public Length couple(Length endPlay) {
        double tangent = Math.max(pair.inner().tangent(), pair.outer().tangent());
        return atLeastNone(endPlay).times(2 * radius.millimetres() * tangent / pair.spread());
    }

    /** End play that pushes and pulls so far at the tyre. */
    public Length endPlay(Length pushPull) {
        if (pushPull.isNegative()) {
            throw new OutOfRangeException("rock at the tyre", pushPull.millimetres() + " mm", "0 or more");
        }
        return pushPull.times(1 / factor());
    }

    private double factor() {
        return 1
                + radius.millimetres()
                        / pair.spread()
                        * (pair.inner().tangent() + pair.outer().tangent());
    }

    private static Length atLeastNone(Length endPlay) {
        return endPlay.isNegative() ? Length.ZERO : endPlay;
    }
}
