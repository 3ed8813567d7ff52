package oldtallow.core.setting.rolling;

import oldtallow.core.bearing.BearingSet;
import oldtallow.core.bearing.RollerGeometry;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.OutOfRangeException;

/**
 * A tapered roller bearing as the model takes it. Lengths in mm, forces in N.
 *
 * <pre>
 * Kn = 8.06·10⁴·l^(8/9) / 2^(10/9)                      two line contacts in series, N/mm^(10/9), Palmgren
 * C  = 1.1·fc·(l·cos α)^(7/9)·Z^(3/4)·Dw^(29/27)         ISO 281, roller bearings
 * fc = 207.9·0.83·γ^(2/9)·(1−γ)^(29/27)·(1+γ)^(−1/4)·{1+[1.04·((1−γ)/(1+γ))^(143/108)]^(9/2)}^(−2/9)
 * C0 = 44·(1−γ)·Z·l·Dw·cos α                             ISO 76          γ = Dw·cos α / Dpw
 * Qci = C/(0.83·0.378·Z·cos α)·[1 + (1.038·r)^4.5]^(2/9)  cone standing to the load, ISO/TS 16281
 * Qce = C/(0.83·0.364·Z·cos α)·[1 + (1.038·r)^−4.5]^(2/9) cup turning under it        r = ((1−γ)/(1+γ))^(143/108)
 * e = 1.5·tan α    Y = 0.4·cot α                         ISO 281
 * </pre>
 *
 * All from memory. Number and size of the rollers are assumed (see {@link RollerGeometry}): Z = 0.85·π·Dpw/Dw, as the model
 * hub's two sets have it; C of metric sets comes out 14 to 22 % above the catalogues', so that lives are to be held against
 * each other only.
 *
 * @param tangent tan α of the cup's race
 * @param rollers Z
 * @param rollerDiameter Dw
 * @param rollerLength l
 * @param pitch Dpw
 * @param meanDiameter dm, (d + D)/2
 */
public record RollerBearing(
        double tangent, int rollers, double rollerDiameter, double rollerLength, double pitch, double meanDiameter) {

    private static final double FULL_OF_ROUND = 0.85;
    private static final double LINE_CONTACT = 8.06e4;
    /** λν of ISO/TS 16281: a roller does not press evenly along its length. */
    private static final double LOADED_ROUND = 0.83;

    private static final double RINGS = 1.038;

    public RollerBearing {
        if (!(tangent > 0.05 && tangent < 1.2)) {
            throw new OutOfRangeException(EnteredQuantity.TANGENT_OF_RACE_ANGLE, tangent, "0.05 to 1.2");
        }
        if (rollers < 5 || rollers > 100) {
            throw new OutOfRangeException(EnteredQuantity.ROLLERS, rollers, "5 to 100");
        }
        if (!(rollerDiameter > 0 && rollerLength > 0 && pitch > 2 * rollerDiameter && meanDiameter > 0)) {
            throw new OutOfRangeException(
                    EnteredQuantity.ROLLER, rollerDiameter + " × " + rollerLength, "smaller than its bearing");
        }
    }

    public static RollerBearing of(BearingSet set) {
        var inside = RollerGeometry.of(set);
        double pitch = set.bore().plus(set.outsideDiameter()).times(0.5).millimetres();
        int rollers = (int) Math.round(FULL_OF_ROUND * Math.PI * pitch / inside.rollerDiameter());
        return new RollerBearing(
                set.tangentOfRaceAngle(), rollers, inside.rollerDiameter(), inside.rollerLength(), pitch, pitch);
    }

    double sine() {
        return tangent / Math.hypot(1, tangent);
    }

    double cosine() {
        return 1 / Math.hypot(1, tangent);
    }

    /** Kn, N/mm^(10/9): of a roller between both races. */
    double stiffness() {
        return LINE_CONTACT * Math.pow(rollerLength, 8.0 / 9) / Math.pow(2, LoadZone.EXPONENT);
    }

    /** C, N. */
    public double dynamicRating() {
        return 1.1
                * fc(gamma())
                * Math.pow(rollerLength * cosine(), 7.0 / 9)
                * Math.pow(rollers, 0.75)
                * Math.pow(rollerDiameter, 29.0 / 27);
    }

    /** Qci, N: the heaviest roller's load that nine in ten cones bear a million turns, where every roller carries alike. */
    double coneRating() {
        return dynamicRating()
                / (LOADED_ROUND * 0.378 * rollers * cosine())
                * Math.pow(1 + Math.pow(RINGS * ringRatio(), 4.5), 2.0 / 9);
    }

    /** Qce, N: likewise of the cup. */
    double cupRating() {
        return dynamicRating()
                / (LOADED_ROUND * 0.364 * rollers * cosine())
                * Math.pow(1 + Math.pow(RINGS * ringRatio(), -4.5), 2.0 / 9);
    }

    private double ringRatio() {
        return Math.pow((1 - gamma()) / (1 + gamma()), 143.0 / 108);
    }

    /** fc of ISO 281 in closed form. */
    static double fc(double g) {
        double ratio = Math.pow((1 - g) / (1 + g), 143.0 / 108);
        return 207.9
                * 0.83
                * Math.pow(g, 2.0 / 9)
                * Math.pow(1 - g, 29.0 / 27)
                * Math.pow(1 + g, -0.25)
                * Math.pow(1 + Math.pow(1.04 * ratio, 4.5), -2.0 / 9);
    }

    /** C0, N. */
    public double staticRating() {
        return 44 * (1 - gamma()) * rollers * rollerLength * rollerDiameter * cosine();
    }

    /** Y of ISO 281. */
    public double axialFactor() {
        return 0.4 / tangent;
    }

    private double gamma() {
        return rollerDiameter * cosine() / pitch;
    }
}
