package oldtallow.app.register;

/** Kinds of rig, as they are drawn in plan. */
public enum RigKind {
    UTILITY_TRAILER,
    BOAT_TRAILER,
    CAMPER,
    HORSE_TRAILER,
    WORK_TRAILER,
    CLASSIC_CAR,
    LIGHT_TRUCK,
    FOUR_WHEEL_DRIVE,
    HEAVY_TRAILER
}
