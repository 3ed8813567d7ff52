package oldtallow.app.register.model;

import java.util.UUID;

/**
 * What a wheel end is called.
 *
 * @param axleCount axles of its rig, which its name needs
 */
public record WheelEndName(UUID id, UUID rigId, String rigName, int axlePosition, int axleCount, Side side) {

    /** The name the trade uses: left, front left, middle right, axle 3 left. */
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
}
