package oldtallow.core.fit;

import oldtallow.core.bearing.BearingSet;
import oldtallow.core.bearing.RollerGeometry;
import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;

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
    private static final double LEAST_BORE_MM = 15;
    private static final double MOST_BORE_MM = 400;
    private static final double MOST_APART_MM = 2;

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

    /** How a driver or socket goes with the cup. */
    public enum Suits {
        DOES("will do"),
        STANDS_ON_RACE("too small: it stands on the race"),
        JAMS_IN_BORE("too large: it jams in the bore");

        private final String words;

        Suits(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** How a driver or socket of this outside diameter goes with the cup. */
    public Suits suits(Length outside) {
        if (outside.compareTo(leastOutside) < 0) {
            return Suits.STANDS_ON_RACE;
        }
        return outside.compareTo(mostOutside) > 0 ? Suits.JAMS_IN_BORE : Suits.DOES;
    }

    /**
     * How much to grind off the outside of the old cup, on diameter, so that it drives and does not stick.
     *
     * @param oldCup as large as the bore, within 2 mm
     * @param bore of the hub, 15 to 400 mm
     */
    public static Length grindOff(SizeRange oldCup, SizeRange bore) {
        double apart = oldCup.middle().minus(bore.middle()).millimetres();
        double size = bore.middle().millimetres();
        if (!(size >= LEAST_BORE_MM && size <= MOST_BORE_MM)) {
            throw new OutOfRangeException(
                    EnteredQuantity.CUP_BORE_OF_HUB, size + " mm", "15 to 400 mm (0.6 to 15.7 in); is the unit right?");
        }
        if (!(Math.abs(apart) <= MOST_APART_MM)) {
            throw new OutOfRangeException(
                    EnteredQuantity.OLD_CUP,
                    oldCup.middle().millimetres() + " mm",
                    "within 2 mm of the bore of " + size + " mm");
        }
        Length off = oldCup.most().minus(bore.least()).plus(Length.ofMillimetres(OLD_CUP_CLEAR_MM));
        return off.isNegative() ? Length.ZERO : off;
    }
}
