package oldtallow.core.setting.nut;

import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;
import oldtallow.core.quantity.Turn;

/**
 * Where the nut stands now.
 *
 * @param mark number of the hole, tang or screw looked at, from 1
 * @param looser rotation from here until a slot (flat, ring hole) meets that mark; negative when the nut would have to be
 *     tightened; −1 to 1 turn
 * @param endPlay end play here: zero when set by feel, or as read on a dial indicator; 0 to 1 mm
 */
public record NutReading(int mark, Turn looser, Length endPlay) {

    private static final double MOST_END_PLAY_MM = 1;

    public NutReading {
        if (looser.compareTo(Turn.FULL) > 0 || looser.compareTo(Turn.FULL.negate()) < 0) {
            throw new OutOfRangeException(
                    EnteredQuantity.SLOT_TO_HOLE_ANGLE, looser.degrees() + "°", "between −360° and 360°");
        }
        if (!(endPlay.millimetres() >= 0 && endPlay.millimetres() <= MOST_END_PLAY_MM)) {
            throw new OutOfRangeException(
                    EnteredQuantity.END_PLAY_WHERE_NUT_STANDS,
                    endPlay.millimetres() + " mm",
                    "0 to 1 mm (0 to 39 thou)");
        }
    }

    /** Set by feel: this is zero play. */
    public static NutReading atZeroPlay(int mark, Turn looser) {
        return new NutReading(mark, looser, Length.ZERO);
    }
}
