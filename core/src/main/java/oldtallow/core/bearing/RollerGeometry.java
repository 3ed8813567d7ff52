package oldtallow.core.bearing;

import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.OutOfRangeException;

/**
 * The shape inside a set. Races and roller axis meet in one apex on the bearing's axis, so the rollers roll without sliding.
 * All lengths in mm, angles in radians; u runs along the axis from the cone's back face towards its small end.
 *
 * <pre>
 * Rm = (Dpw/2) / sin(α − ν)          tan ν = (Dw/2) / Rm          ν from both by iteration
 * cup race at α, roller axis at α − ν, cone race at α − 2ν; the roller is centred on the cup
 * Dpw = (d + D)/2     Dw = 0.51·(D − d)/2     Lw = 0.85·C
 * </pre>
 *
 * A steep race would leave the cup's thin lip with hardly any metal so: there Dpw is smaller, until 6 % of (D − d)/2 are left.
 * (31305, α 28.8°: ISO 355 has its cup's inside diameter E at 44.13 mm, which leaves 10 %; from memory.)
 *
 * Dpw, Dw and Lw are assumptions: no catalogue prints a set's internals. The proportions are those of the model hub's two
 * sets (product's own reference sheet: Dw 6.3 and 6.1 mm, Lw 10.0 and 9.2 mm on L68149/L68111 and L44649/L44610), so what is
 * drawn from them is to be shown as assumed.
 *
 * @param raceAngle α
 * @param halfRollerAngle ν
 * @param apex u of the common apex
 * @param pitchCone Rm, from the apex to the middle of the roller along its axis
 * @param rollerDiameter Dw at the middle
 * @param rollerLength Lw
 */
public record RollerGeometry(
        double raceAngle,
        double halfRollerAngle,
        double apex,
        double pitchCone,
        double rollerDiameter,
        double rollerLength) {

    private static final double ROLLER_OF_SPACE = 0.51;
    private static final double ROLLER_OF_CUP = 0.85;
    private static final double LEAST_LIP_OF_SPACE = 0.06;
    private static final int MOST_ROUNDS = 100;
    private static final double SETTLED = 1e-13;

    public static RollerGeometry of(BearingSet set) {
        double bore = set.bore().millimetres();
        double outside = set.outsideDiameter().millimetres();
        double diameter = ROLLER_OF_SPACE * (outside - bore) / 2;
        double length = ROLLER_OF_CUP * set.cupWidth().millimetres();
        double alpha = Math.atan(set.tangentOfRaceAngle());
        double middle = set.width().millimetres() - set.cupWidth().millimetres() / 2;
        double thinFace = set.width().millimetres() - set.cupWidth().millimetres();
        double most = outside / 2 - LEAST_LIP_OF_SPACE * (outside - bore) / 2;
        double pitchRadius = (bore + outside) / 4;
        RollerGeometry inside = round(alpha, diameter, length, pitchRadius, middle);
        for (int round = 0; round < MOST_ROUNDS; round++) {
            double over = inside.radiusAt(alpha, thinFace) - most;
            if (over <= SETTLED) {
                break;
            }
            pitchRadius -= over;
            inside = round(alpha, diameter, length, pitchRadius, middle);
        }
        return inside;
    }

    private static RollerGeometry round(
            double alpha, double diameter, double length, double pitchRadius, double middle) {
        double nu = halfRollerAngle(alpha, diameter, pitchRadius);
        double pitchCone = pitchRadius / Math.sin(alpha - nu);
        return new RollerGeometry(alpha, nu, middle + pitchCone * Math.cos(alpha - nu), pitchCone, diameter, length);
    }

    /** ν, by fixed point; throws {@link OutOfRangeException} where no roller of that size fits between the races. */
    static double halfRollerAngle(double alpha, double rollerDiameter, double pitchRadius) {
        double nu = 0;
        for (int round = 0; round < MOST_ROUNDS; round++) {
            double next = Math.atan(rollerDiameter / 2 * Math.sin(alpha - nu) / pitchRadius);
            if (!(next > 0 && 2 * next < alpha)) {
                break;
            }
            if (Math.abs(next - nu) < SETTLED) {
                return next;
            }
            nu = next;
        }
        throw new OutOfRangeException(
                EnteredQuantity.ROLLER_DIAMETER, rollerDiameter + " mm", "small enough for the race angle");
    }

    /** Radius of a straight line through the apex at an angle to the axis. */
    public double radiusAt(double angle, double u) {
        return (apex - u) * Math.tan(angle);
    }

    /** Angle of the roller's axis: α − ν. */
    public double rollerAngle() {
        return raceAngle - halfRollerAngle;
    }

    /** Angle of the cone's race: α − 2ν. */
    public double coneRaceAngle() {
        return raceAngle - 2 * halfRollerAngle;
    }
}
