package oldtallow.app.register.model;

/** Side of the rig, seen in the direction of travel. */
public enum Side {
    LEFT,
    RIGHT
}
