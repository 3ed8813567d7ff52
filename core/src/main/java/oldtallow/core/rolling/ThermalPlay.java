package oldtallow.core.rolling;

import oldtallow.core.fit.HubMaterial;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;

/**
 * How end play changes from cold to running.
 *
 * <pre>
 * ΔG = Σ (Δr_cup − Δr_cone)·cot α + ΔL_spindle − ΔL_hub       Δr = α·ΔT·Dpw/2    ΔL = α·ΔT·L
 * </pre>
 *
 * Cups follow the hub, cones the spindle; back to back. Worked out for this product (reference sheet §9); steel 11.5·10⁻⁶/K,
 * hubs as {@link HubMaterial}.
 *
 * @param between L, of the rollers' middles along the axis, 5 to 500 mm
 */
public record ThermalPlay(BearingPair pair, HubMaterial hub, Length between) {

    private static final double STEEL = 11.5e-6;

    public ThermalPlay {
        if (!(between.millimetres() >= 5 && between.millimetres() <= 500)) {
            throw new OutOfRangeException("distance of the rollers", between.millimetres() + " mm", "5 to 500 mm");
        }
    }

    /** Change for a hub and a spindle so much warmer than when it was set, K; below zero it tightens. */
    public Length change(double hubKelvin, double spindleKelvin) {
        if (!(Math.abs(hubKelvin) <= 250 && Math.abs(spindleKelvin) <= 250)) {
            throw new OutOfRangeException("warming", hubKelvin + " and " + spindleKelvin + " K", "250 K at most");
        }
        double cups = hub.expansion() * hubKelvin;
        double cones = STEEL * spindleKelvin;
        double slopes = slope(pair.inner()) + slope(pair.outer());
        return Length.ofMillimetres((cups - cones) * (slopes - between.millimetres()));
    }

    private static double slope(RollerBearing bearing) {
        return bearing.pitch() / 2 / bearing.tangent();
    }
}
