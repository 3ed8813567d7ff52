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
        return axleCount == 1 ? across : axleName() + " " + across;
    }

    /** What its axle is called: front, middle, axle 3, rear; empty where it is the only one. */
    public String axleName() {
        if (axleCount == 1) {
            return "";
        }
        if (axlePosition == 1) {
            return "front";
        }
        if (axlePosition == axleCount) {
            return "rear";
        }
        return axleCount == 3 ? "middle" : "axle " + axlePosition;
    }
}
