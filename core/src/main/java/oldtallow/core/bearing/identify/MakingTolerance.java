package oldtallow.core.bearing.identify;

import oldtallow.core.bearing.BearingSet;
import oldtallow.core.bearing.RingTolerance;
import oldtallow.core.quantity.Length;

/**
 * Where a sound part lies about its nominal size: the middle of its tolerance, and a sixth of the width as one sigma.
 *
 * <pre>
 * bore, outside, width of the set: see {@link RingTolerance}
 * widths of cone and cup: −120/0 µm        spindle seat: 3 to 25 µm below the cone bore (slip fit g6)
 * </pre>
 *
 * Widths and seat are common practice.
 *
 * @param offset of the middle from nominal
 * @param sigma one standard deviation
 */
record MakingTolerance(Length offset, Length sigma) {

    static MakingTolerance of(Measurand measurand, BearingSet set) {
        return switch (measurand) {
            case CONE_BORE -> within(RingTolerance.ofBore(set.bore(), set.series()));
            case CUP_OUTSIDE -> within(RingTolerance.ofOutside(set.outsideDiameter(), set.series()));
            case CUP_WIDTH, CONE_WIDTH -> between(-120, 0);
            case SET_WIDTH -> within(RingTolerance.ofSetWidth());
            case SPINDLE_SEAT -> between(-25, -3);
            // a seal's rim is pressed oversize, its lip stretched: the number on the box is nominal
            case SEAL_INSIDE, SEAL_OUTSIDE -> between(-300, 300);
        };
    }

    private static MakingTolerance within(RingTolerance ring) {
        return between(ring.least().micrometres(), ring.most().micrometres());
    }

    private static MakingTolerance between(double leastMicrometres, double mostMicrometres) {
        return new MakingTolerance(
                Length.ofMicrometres((leastMicrometres + mostMicrometres) / 2),
                Length.ofMicrometres((mostMicrometres - leastMicrometres) / 6));
    }
}
