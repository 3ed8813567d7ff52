package oldtallow.core.setting.rolling;

import oldtallow.core.quantity.Force;
import oldtallow.core.quantity.Length;

/** The reference sheet's model hub "1-14" (§7): insides assumed there, envelope of L68149/L68111 and L44649/L44610. */
public final class ModelHub {

    static final RollerBearing INNER = new RollerBearing(0.28, 20, 6.3, 10.0, 47.5, 47.4815);
    static final RollerBearing OUTER = new RollerBearing(0.37 / 1.5, 17, 6.1, 9.2, 38.6, 38.64);
    public static final BearingPair PAIR = new BearingPair(INNER, OUTER, 62);

    private ModelHub() {}

    /** 1750 lbf on the wheel, straight ahead. */
    static WheelLoad load() {
        return new WheelLoad(
                Force.ofNewtons(7784.387826705875),
                Length.ofMillimetres(22),
                Length.ofMillimetres(330),
                Force.ofNewtons(0));
    }
}
