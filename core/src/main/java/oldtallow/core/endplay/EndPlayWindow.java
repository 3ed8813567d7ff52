package oldtallow.core.endplay;

import oldtallow.core.quantity.Length;
import oldtallow.core.quantity.OutOfRangeException;

/**
 * The end play a wheel end may be left with, both ends inclusive. Below zero it is preload.
 *
 * @param least −0.3 to 1 mm
 * @param most not below {@code least}, at most 1 mm
 */
public record EndPlayWindow(Length least, Length most) {

    /**
     * What most of the trade leaves on a wheel end without a maker's figure, 0.001 to 0.005 in: common practice, and the
     * acceptance step of recommended practice RP 618 (from memory).
     */
    public static final EndPlayWindow COMMON_PRACTICE =
            new EndPlayWindow(Length.ofThousandths(1), Length.ofThousandths(5));

    private static final double MOST_PRELOAD_MM = -0.3;
    private static final double MOST_PLAY_MM = 1;
    /** A nanometre: far below any reading, far above the rounding of inch figures; a stop on the edge is inside. */
    private static final double EDGE_METRES = 1e-9;

    public EndPlayWindow {
        if (!(least.millimetres() >= MOST_PRELOAD_MM && least.millimetres() <= MOST_PLAY_MM)) {
            throw new OutOfRangeException(
                    "least end play", least.millimetres() + " mm", "−0.3 to 1 mm (−12 to 39 thou)");
        }
        if (!(most.millimetres() <= MOST_PLAY_MM)) {
            throw new OutOfRangeException("most end play", most.millimetres() + " mm", "1 mm (39 thou) or less");
        }
        if (least.compareTo(most) > 0) {
            throw new OutOfRangeException(
                    "end play window",
                    least.millimetres() + " to " + most.millimetres() + " mm",
                    "given the right way up, least first");
        }
    }

    public EndPlayVerdict judge(Length endPlay) {
        if (endPlay.metres() < least.metres() - EDGE_METRES) {
            return endPlay.metres() < -EDGE_METRES ? EndPlayVerdict.PRELOAD : EndPlayVerdict.TOO_TIGHT;
        }
        return endPlay.metres() > most.metres() + EDGE_METRES ? EndPlayVerdict.TOO_LOOSE : EndPlayVerdict.INSIDE;
    }

    public Length width() {
        return most.minus(least);
    }

    /** Whether it asks for preload anywhere; only a maker's figure may. */
    public boolean reachesPreload() {
        return least.isNegative();
    }
}
