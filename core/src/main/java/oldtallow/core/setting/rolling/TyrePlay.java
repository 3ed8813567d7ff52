package oldtallow.core.setting.rolling;

import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.quantity.ReadingKind;

/**
 * End play and what it is at the tyre.
 *
 * <pre>
 * T = G·max( 1 + (R/s)·(tan α_i + tan α_o), 2·(R/s)·max(tan α) )    pushed and pulled at one point of the tyre
 * T = 2·R·G·max(tan α)/s                                            rocked by a pure couple, top in and bottom out
 * </pre>
 *
 * Rigid hub, within |y_i|·cot α_i ≤ G/2 + x and |y_o|·cot α_o ≤ G/2 − x, x along the axis and y at the effective centres. The
 * second of push and pull comes in where (R/s)·|tan α_i − tan α_o| passes 1: there the hub slides the same way pushed or pulled.
 * Worked out for this product (reference sheet §9 has the first alone) and checked against a search over all positions.
 *
 * @param radius R at which it is measured, 20 to 1000 mm
 */
public record TyrePlay(BearingPair pair, Length radius) {

    public TyrePlay {
        if (!(radius.millimetres() >= 20 && radius.millimetres() <= 1000)) {
            throw new OutOfRangeException(
                    EnteredQuantity.RADIUS_IT_IS_MEASURED_AT, radius.millimetres() + " mm", "20 to 1000 mm");
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
            throw new OutOfRangeException(ReadingKind.ROCK, pushPull.millimetres() + " mm", "0 or more");
        }
        return pushPull.times(1 / factor());
    }

    private double factor() {
        double lever = radius.millimetres() / pair.spread();
        double inner = pair.inner().tangent();
        double outer = pair.outer().tangent();
        return Math.max(1 + lever * (inner + outer), 2 * lever * Math.max(inner, outer));
    }

    private static Length atLeastNone(Length endPlay) {
        return endPlay.isNegative() ? Length.ZERO : endPlay;
    }
}
