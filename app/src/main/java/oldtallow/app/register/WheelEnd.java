package oldtallow.app.register;

import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import oldtallow.core.endplay.Authority;
import oldtallow.core.endplay.EndPlayWindow;
import oldtallow.core.endplay.GoverningFigure;
import oldtallow.core.sequence.NutSchool;

/**
 * One end of an axle.
 *
 * @param axleCount axles of its rig, which its name needs
 * @param construction in the trade's words, such as stepped spindle, unbraked
 * @param school by which its nut is set unless the mechanic chooses another
 * @param windows figures on file for its end play, the maker's or the workshop's; without common practice
 */
public record WheelEnd(
        UUID id,
        UUID rigId,
        String rigName,
        int axlePosition,
        int axleCount,
        Side side,
        String construction,
        SpindleNut nut,
        NutSchool school,
        List<GoverningFigure<EndPlayWindow>> windows) {

    private static final GoverningFigure<EndPlayWindow> COMMON_PRACTICE = new GoverningFigure<>(
            EndPlayWindow.COMMON_PRACTICE, Authority.COMMON_PRACTICE, "common practice, 1 to 5 thou");

    /** The name the trade uses: left, front left, middle right, third left. */
    public String positionName() {
        String across = side == Side.LEFT ? "left" : "right";
        if (axleCount == 1) {
            return across;
        }
        if (axlePosition == 1) {
            return "front " + across;
        }
        if (axlePosition == axleCount) {
            return "rear " + across;
        }
        return (axleCount == 3 ? "middle " : "axle " + axlePosition + " ") + across;
    }

    /** The window that governs here. */
    public GoverningFigure<EndPlayWindow> window() {
        return GoverningFigure.governing(allWindows());
    }

    /** Figures on file and, below them, common practice. */
    public List<GoverningFigure<EndPlayWindow>> allWindows() {
        return Stream.concat(windows.stream(), Stream.of(COMMON_PRACTICE)).toList();
    }
}
