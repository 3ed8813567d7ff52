package oldtallow.core.identify;

import oldtallow.core.bearing.BearingSet;
import oldtallow.core.bearing.BearingSet.Series;
import oldtallow.core.quantity.Length;

/**
 * Where a sound part lies about its nominal size: the middle of its tolerance, and a sixth of the width as one sigma.
 *
 * <pre>
 * inch, class 4     cone bore 0/+13 µm     cup outside 0/+25 µm     set width 0/+200 µm
 * metric, normal    cone bore −12/0 µm     cup outside −15/0 µm     set width 0/+200 µm
 * widths of cone and cup: −120/0 µm        spindle seat: 3 to 25 µm below the cone bore (slip fit g6)
 * </pre>
 *
 * Source: ABMA 19.2 class 4 and ISO 492 normal class, from memory; widths and seat common practice. Signs differ on purpose:
 * inch cups are oversize, metric ones undersize.
 *
 * @param offset of the middle from nominal
 * @param sigma one standard deviation
 */
record MakingTolerance(Length offset, Length sigma) {

    static MakingTolerance of(Measurand measurand, BearingSet set) {
        boolean inch = set.series() == Series.INCH;
        return switch (measurand) {
            case CONE_BORE -> inch ? between(0, 13) : between(-12, 0);
            case CUP_OUTSIDE -> inch ? between(0, 25) : between(-15, 0);
            case CUP_WIDTH, CONE_WIDTH -> between(-120, 0);
            case SET_WIDTH -> between(0, 200);
            case SPINDLE_SEAT -> between(-25, -3);
            // a seal's rim is pressed oversize, its lip stretched: the number on the box is nominal
            case SEAL_INSIDE, SEAL_OUTSIDE -> between(-300, 300);
        };
    }

    private static MakingTolerance between(double leastMicrometres, double mostMicrometres) {
        return new MakingTolerance(
                Length.ofMicrometres((leastMicrometres + mostMicrometres) / 2),
                Length.ofMicrometres((mostMicrometres - leastMicrometres) / 6));
    }
}
