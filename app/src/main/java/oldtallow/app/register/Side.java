package oldtallow.app.register;

/** Side of the rig, seen in the direction of travel. */
public enum Side {
    LEFT,
    RIGHT
}
