package oldtallow.core.setting.rolling;

import oldtallow.core.grease.OilFilm;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.OutOfRangeException;

/**
 * What turning a bearing costs.
 *
 * <pre>
 * M0 = f0·10⁻⁷·(ν·n)^(2/3)·dm³    ν·n ≥ 2000;  else 160·10⁻⁷·f0·dm³      churning, N·mm
 * M1 = f1·P1·dm    P1 = max(Fr, 0.8·cot α·Fa)                             load, N·mm
 * f0 = 6 tapered, grease or oil bath    f1 = 0.0004
 * H = (M0 + M1)·2π·n/60                                                   heat, W
 * </pre>
 *
 * Palmgren, as in Eschmann, Hasbargen, Weigand, Ball and Roller Bearings (from memory). M0 jumps by 0.8 % at ν·n = 2000; so does
 * the formula. Rubbing of the big rib in a starved bearing is not in it.
 *
 * @param churning M0, N·mm
 * @param load M1, N·mm
 */
public record Friction(double churning, double load) {

    private static final double GREASED = 6;
    private static final double TAPERED = 0.0004;
    private static final double FAST = 2000;

    /** Of a bearing at so many turns a minute in oil of a viscosity, mm²/s. */
    public static Friction of(RollerBearing bearing, BearingLoad load, double perMinute, double viscosity) {
        if (!(perMinute >= 0 && perMinute <= 20_000)) {
            throw new OutOfRangeException(EnteredQuantity.SPEED, perMinute + " /min", "0 to 20,000 /min");
        }
        double cube = bearing.meanDiameter() * bearing.meanDiameter() * bearing.meanDiameter();
        double product = viscosity * perMinute;
        double churning =
                product >= FAST ? GREASED * 1e-7 * Math.cbrt(product * product) * cube : 160e-7 * GREASED * cube;
        double acting = Math.max(load.radial(), 0.8 / bearing.tangent() * load.axial());
        return new Friction(churning, TAPERED * acting * bearing.meanDiameter());
    }

    public Friction plus(Friction other) {
        return new Friction(churning + other.churning, load + other.load);
    }

    /** Both, N·mm. */
    public double torque() {
        return churning + load;
    }

    /** H, W. */
    public double heat(double perMinute) {
        return torque() / 1000 * 2 * Math.PI * perMinute / 60;
    }

    /** Of both bearings of a pair. */
    static Friction of(BearingPair pair, Equilibrium.Settled at, double perMinute, double viscosity) {
        return of(pair.inner(), at.inner(), perMinute, viscosity)
                .plus(of(pair.outer(), at.outer(), perMinute, viscosity));
    }

    /** The oil most wheel-bearing greases are made of: 150 mm²/s at 40 °C, 14.5 at 100 °C; common practice. */
    static final OilFilm USUAL_OIL = new OilFilm(150, 14.5);
}
