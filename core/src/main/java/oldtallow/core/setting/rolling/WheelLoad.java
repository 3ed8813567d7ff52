package oldtallow.core.setting.rolling;

import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.Force;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;

/**
 * What the road puts on a wheel end.
 *
 * @param weight on the wheel, over 0 up to 100 kN
 * @param offset of the tyre's middle from the inner bearing's effective centre, outboard positive
 * @param rollingRadius 50 to 1000 mm
 * @param side inboard on the tyre is positive: the outer wheel of a bend; up to the weight either way
 */
public record WheelLoad(Force weight, Length offset, Length rollingRadius, Force side) {

    public WheelLoad {
        if (!(weight.newtons() > 0 && weight.newtons() <= 100_000)) {
            throw new OutOfRangeException(
                    EnteredQuantity.LOAD_ON_WHEEL, weight.newtons() + " N", "over 0 up to 100,000 N (10 t)");
        }
        if (!(rollingRadius.millimetres() >= 50 && rollingRadius.millimetres() <= 1000)) {
            throw new OutOfRangeException(
                    EnteredQuantity.ROLLING_RADIUS_OF_TYRE, rollingRadius.millimetres() + " mm", "50 to 1000 mm");
        }
        if (!(Math.abs(offset.millimetres()) <= 500)) {
            throw new OutOfRangeException(
                    EnteredQuantity.OFFSET_OF_TYRE, offset.millimetres() + " mm", "500 mm at most");
        }
        if (!(Math.abs(side.newtons()) <= weight.newtons())) {
            throw new OutOfRangeException(
                    EnteredQuantity.SIDE_FORCE, side.newtons() + " N", "no more than the load on the wheel");
        }
    }

    /** The same load in a bend, the side force as a part of the weight, −1 to 1. */
    public WheelLoad cornering(double part) {
        return new WheelLoad(weight, offset, rollingRadius, Force.ofNewtons(part * weight.newtons()));
    }

    /** R_o, N; below zero the outer bearing is lifted. */
    double outer(double spread) {
        return (weight.newtons() * offset.millimetres() - side.newtons() * rollingRadius.millimetres()) / spread;
    }

    /** R_i, N. */
    double inner(double spread) {
        return weight.newtons() - outer(spread);
    }
}
