package oldtallow.core.setting.rolling;

/**
 * How one bearing is loaded, and how fast that wears its rings.
 *
 * <pre>
 * Qmax = Fr / (Z·cos α·Jr(ε))
 * Qi = Qmax·J4.5(ε)      on the cone, which stands still to the load
 * Qe = Qmax·J4(ε)        on the cup, which turns with the hub
 * L10 = (Qc/Q)^4         of a ring, millions of turns; line contact, ISO/TS 16281 (from memory)
 * </pre>
 *
 * @param radial Fr, N, 0 or more
 * @param axial Fa, N
 * @param share ε of the load zone; infinite under pure thrust
 * @param heaviestRoller Qmax, N
 * @param onCone Qi, N
 * @param onCup Qe, N
 * @param movement δa of the cone into the cup, mm; below zero it has come away
 */
public record BearingLoad(
        double radial,
        double axial,
        double share,
        double heaviestRoller,
        double onCone,
        double onCup,
        double movement) {

    /** Of a bearing under a radial load over 0 with so much of it carrying. */
    static BearingLoad of(RollerBearing bearing, double radial, LoadZone zone) {
        double heaviest = radial / (bearing.rollers() * bearing.cosine() * zone.radial());
        double deepest = Math.pow(heaviest / bearing.stiffness(), 1 / LoadZone.EXPONENT);
        return new BearingLoad(
                radial,
                radial * bearing.tangent() * zone.axial() / zone.radial(),
                zone.share(),
                heaviest,
                heaviest * zone.standing(),
                heaviest * zone.turning(),
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
                each,
                each,
                Math.pow(each / bearing.stiffness(), 1 / LoadZone.EXPONENT) / bearing.sine());
    }

    /** L10 of the cone, millions of turns. */
    double coneLife(RollerBearing bearing) {
        return fourth(bearing.coneRating() / onCone);
    }

    /** L10 of the cup, millions of turns. */
    double cupLife(RollerBearing bearing) {
        return fourth(bearing.cupRating() / onCup);
    }

    private static double fourth(double ratio) {
        return ratio * ratio * ratio * ratio;
    }
}
