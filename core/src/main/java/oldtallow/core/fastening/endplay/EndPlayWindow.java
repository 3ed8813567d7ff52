package oldtallow.core.fastening.endplay;

import oldtallow.core.quantity.EnteredQuantity;
import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;

/**
 * The end play a wheel end may be left with, both ends inclusive. Below zero it is preload.
 *
 * <p>A window may be graded: good up to one figure, usable up to another. On light trailers the trade takes the next looser
 * slot, and one slot of a 1-14 nut is 12 thou: two out of three nuts cannot stop inside 1 to 5 thou.
 *
 * @param least −0.3 to 1 mm
 * @param most of what is good; not below {@code least}, at most 1 mm
 * @param usable of what may still be used; not below {@code most}, at most 1 mm, and the same where there is one grade only
 */
public record EndPlayWindow(Length least, Length most, Length usable) {

    /**
     * What most of the trade leaves on a wheel end without a maker's figure, 0.001 to 0.005 in: common practice, and the
     * acceptance step of recommended practice RP 618 (from memory).
     */
    public static final EndPlayWindow COMMON_PRACTICE =
            new EndPlayWindow(Length.ofThousandths(1), Length.ofThousandths(5));

    /** On light trailers: 1 to 5 thou good, to 10 thou usable at the loose end. Common practice. */
    public static final EndPlayWindow LIGHT_TRAILER =
            new EndPlayWindow(Length.ofThousandths(1), Length.ofThousandths(5), Length.ofThousandths(10));

    private static final double MOST_PRELOAD_MM = -0.3;
    private static final double MOST_PLAY_MM = 1;
    /** A nanometre: far below any reading, far above the rounding of inch figures; a stop on the edge is inside. */
    private static final double EDGE_METRES = 1e-9;

    public EndPlayWindow {
        if (!(least.millimetres() >= MOST_PRELOAD_MM && least.millimetres() <= MOST_PLAY_MM)) {
            throw new OutOfRangeException(
                    EnteredQuantity.LEAST_END_PLAY, least.millimetres() + " mm", "−0.3 to 1 mm (−12 to 39 thou)");
        }
        if (!(most.millimetres() <= MOST_PLAY_MM)) {
            throw new OutOfRangeException(
                    EnteredQuantity.MOST_END_PLAY, most.millimetres() + " mm", "1 mm (39 thou) or less");
        }
        if (least.compareTo(most) > 0) {
            throw new OutOfRangeException(
                    EnteredQuantity.END_PLAY_WINDOW,
                    least.millimetres() + " to " + most.millimetres() + " mm",
                    "given the right way up, least first");
        }
        if (!(usable.compareTo(most) >= 0 && usable.millimetres() <= MOST_PLAY_MM)) {
            throw new OutOfRangeException(
                    EnteredQuantity.MOST_USABLE_END_PLAY,
                    usable.millimetres() + " mm",
                    most.millimetres() + " to 1 mm (39 thou): not below what is good");
        }
    }

    /** One grade: what is good is all that may be used. */
    public EndPlayWindow(Length least, Length most) {
        this(least, most, most);
    }

    /** Whether there is something between good and too loose. */
    public boolean isGraded() {
        return usable.compareTo(most) > 0;
    }

    public EndPlayVerdict judge(Length endPlay) {
        if (endPlay.metres() < least.metres() - EDGE_METRES) {
            return endPlay.metres() < -EDGE_METRES ? EndPlayVerdict.PRELOAD : EndPlayVerdict.TOO_TIGHT;
        }
        if (endPlay.metres() <= most.metres() + EDGE_METRES) {
            return EndPlayVerdict.INSIDE;
        }
        return endPlay.metres() <= usable.metres() + EDGE_METRES ? EndPlayVerdict.USABLE : EndPlayVerdict.TOO_LOOSE;
    }

    /** From least to most of what is good. */
    public Length width() {
        return most.minus(least);
    }

    /** Whether it asks for preload anywhere; only a maker's figure may. */
    public boolean reachesPreload() {
        return least.isNegative();
    }
}
