package oldtallow.core.rolling;

/**
 * How one bearing is loaded.
 *
 * <pre>
 * Qmax = Fr / (Z·cos α·Jr(ε))
 * P = Z·cos α·Qmax·J4(ε)·0.376372      equals Fr at half a zone; 0.376372 = Jr(½)/J4(½)
 * L10 = (C/P)^(10/3)                    ISO 281, millions of turns
 * </pre>
 *
 * @param radial Fr, N, 0 or more
 * @param axial Fa, N
 * @param share ε of the load zone; infinite under pure thrust
 * @param heaviestRoller Qmax, N
 * @param equivalent P, N
 * @param movement δa of the cone into the cup, mm; below zero it has come away
 */
public record BearingLoad(
        double radial, double axial, double share, double heaviestRoller, double equivalent, double movement) {

    static final double LIFE_EXPONENT = 10.0 / 3;
    /** Jr(½)/J4(½), so that P is Fr where half the rollers carry. */
    private static final double HALF_ZONE =
            LoadZone.of(0.5).radial() / LoadZone.of(0.5).wear();

    /** Of a bearing under a radial load over 0 with so much of it carrying. */
    static BearingLoad of(RollerBearing bearing, double radial, LoadZone zone) {
        double heaviest = radial / (bearing.rollers() * bearing.cosine() * zone.radial());
        double deepest = Math.pow(heaviest / bearing.stiffness(), 1 / LoadZone.EXPONENT);
        return new BearingLoad(
                radial,
                radial * bearing.tangent() * zone.axial() / zone.radial(),
                zone.share(),
                heaviest,
                bearing.rollers() * bearing.cosine() * heaviest * zone.wear() * HALF_ZONE,
                (2 * zone.share() - 1) / (2 * zone.share() * bearing.sine()) * deepest);
    }

    /** Of a bearing under thrust alone, N. */
    static BearingLoad thrust(RollerBearing bearing, double axial) {
        double each = axial / (bearing.rollers() * bearing.sine());
        return new BearingLoad(
                0,
                axial,
                Double.POSITIVE_INFINITY,
                each,
                bearing.rollers() * bearing.cosine() * each * HALF_ZONE,
                Math.pow(each / bearing.stiffness(), 1 / LoadZone.EXPONENT) / bearing.sine());
    }

    /** L10, millions of turns. */
    public double life(RollerBearing bearing) {
        return Math.pow(bearing.dynamicRating() / equivalent, LIFE_EXPONENT);
    }
}
