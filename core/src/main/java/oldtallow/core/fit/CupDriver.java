package oldtallow.core.fit;

import oldtallow.core.bearing.BearingSet;
import oldtallow.core.bearing.RollerGeometry;
import oldtallow.core.quantity.Length;

/**
 * What a cup is driven with. Going in, its thin edge looks out and is all that may be touched; coming out, the ledge of its
 * thick edge stands in the hub.
 *
 * <p>Edges from the assumed inside of the set (see {@link RollerGeometry}): estimate, measure the cup in hand. A driver stays
 * 0.4 mm clear of the bore and bears on half the edge at least; common practice.
 *
 * @param leastOutside a driver going in must be at least this wide, or it stands on the race
 * @param mostOutside and at most this wide, or it jams in the bore
 * @param thinEdge width of the edge that is driven going in
 * @param thickEdge width of the edge that is driven coming out
 */
public record CupDriver(Length leastOutside, Length mostOutside, Length thinEdge, Length thickEdge) {

    private static final double CLEAR_OF_BORE_MM = 0.4;
    private static final double OLD_CUP_CLEAR_MM = 0.05;

    public static CupDriver of(BearingSet set) {
        var inside = RollerGeometry.of(set);
        double outside = set.outsideDiameter().millimetres();
        double thinFace = set.width().minus(set.cupWidth()).millimetres();
        double mouth = 2 * inside.radiusAt(inside.raceAngle(), thinFace);
        double throat = 2 * inside.radiusAt(inside.raceAngle(), set.width().millimetres());
        return new CupDriver(
                Length.ofMillimetres((mouth + outside) / 2),
                Length.ofMillimetres(outside - CLEAR_OF_BORE_MM),
                Length.ofMillimetres((outside - mouth) / 2),
                Length.ofMillimetres((outside - throat) / 2));
    }

    /** Whether a driver or socket of this outside diameter will do. */
    public boolean takes(Length outside) {
        return outside.compareTo(leastOutside) >= 0 && outside.compareTo(mostOutside) <= 0;
    }

    /** How much to grind off the outside of the old cup, on diameter, so that it drives and does not stick. */
    public static Length grindOff(SizeRange oldCup, SizeRange bore) {
        Length off = oldCup.most().minus(bore.least()).plus(Length.ofMillimetres(OLD_CUP_CLEAR_MM));
        return off.isNegative() ? Length.ZERO : off;
    }
}
