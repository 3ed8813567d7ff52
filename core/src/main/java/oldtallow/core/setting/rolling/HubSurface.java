package oldtallow.core.setting.rolling;

import oldtallow.core.bearing.BearingSet;
import oldtallow.core.hub.HubDimension;
import oldtallow.core.hub.WheelEndShape;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;

/**
 * What of a hub the wind passes over.
 *
 * <pre>
 * hA = (10 + 6·v^0.78)·A      W/K, v in m/s
 * </pre>
 *
 * A body of air past a plate at road speeds, an order of magnitude (from memory). Barrel, end and both faces of the flange count;
 * the wheel bolted to it does not.
 *
 * @param squareMetres A, 0.002 to 2
 */
public record HubSurface(double squareMetres) {

    /** Hub outside its cup, of the cup's outside diameter; stud circle likewise. Usual on light hubs. */
    private static final double BARREL = 1.33;

    private static final double STUDS = 1.9;
    /** The flange goes on beyond its studs. */
    private static final double BEYOND_STUDS = 1.25;

    public HubSurface {
        if (!(squareMetres >= 0.002 && squareMetres <= 2)) {
            throw new OutOfRangeException(EnteredQuantity.SURFACE_OF_HUB, squareMetres + " m²", "0.002 to 2 m²");
        }
    }

    public static HubSurface of(WheelEndShape shape) {
        return of(
                shape.size(HubDimension.HUB_OUTSIDE_INBOARD),
                shape.size(HubDimension.HUB_OUTSIDE_OUTBOARD),
                shape.size(HubDimension.BACK_FACE_DISTANCE),
                shape.size(HubDimension.STUD_CIRCLE));
    }

    /** Of a pair alone, its hub as hubs of that size usually are. */
    public static HubSurface of(BearingSet inboard, BearingSet outboard, Length backFaces) {
        double inside = inboard.outsideDiameter().millimetres();
        double outside = outboard.outsideDiameter().millimetres();
        return of(BARREL * inside, BARREL * outside, backFaces.millimetres(), STUDS * Math.max(inside, outside));
    }

    private static HubSurface of(double inboard, double outboard, double length, double studCircle) {
        double barrel = Math.PI * (inboard + outboard) / 2 * length;
        double end = Math.PI / 4 * outboard * outboard;
        double rim = BEYOND_STUDS * studCircle;
        double flange = 2 * Math.PI / 4 * Math.max(0, rim * rim - inboard * inboard);
        return new HubSurface((barrel + end + flange) * 1e-6);
    }

    /** hA at a speed of 0 to 100 m/s, W/K. */
    public double cooling(double metresPerSecond) {
        if (!(metresPerSecond >= 0 && metresPerSecond <= 100)) {
            throw new OutOfRangeException(EnteredQuantity.SPEED, metresPerSecond + " m/s", "0 to 100 m/s");
        }
        return (10 + 6 * Math.pow(metresPerSecond, 0.78)) * squareMetres;
    }
}
