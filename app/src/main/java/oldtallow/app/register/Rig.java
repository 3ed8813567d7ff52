package oldtallow.app.register;

import java.util.List;
import java.util.UUID;

/**
 * A rig in plan.
 *
 * @param yardNumber by which the workshop calls it, from 1
 * @param lengthMillimetres of the body, without drawbar
 * @param drawbarMillimetres coupling to body; 0 where it drives itself
 * @param axles from the front
 */
public record Rig(
        UUID id,
        int yardNumber,
        RigKind kind,
        String name,
        String plate,
        int lengthMillimetres,
        int widthMillimetres,
        int drawbarMillimetres,
        List<Axle> axles) {

    /**
     * An axle across the rig.
     *
     * @param position from the front, from 1
     * @param fromFrontMillimetres from the front of the body to the axle line
     */
    public record Axle(
            UUID id, int position, int fromFrontMillimetres, int trackMillimetres, List<WheelEnd> wheelEnds) {}
}
