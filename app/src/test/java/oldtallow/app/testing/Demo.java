package oldtallow.app.testing;

import java.nio.charset.StandardCharsets;
import java.util.UUID;

/** Where things are in the demo data. */
public final class Demo {

    /** Of every demo account. */
    public static final String PASSWORD = "tallow and tow";

    private Demo() {}

    /** The one-axle camper with a castle nut and two holes. */
    public static final UUID SHORT_CAMPER_LEFT = wheelEnd("Short camper", 1, "LEFT");

    public static final UUID SHORT_CAMPER_RIGHT = wheelEnd("Short camper", 1, "RIGHT");

    /** Two nuts with a tab washer; no setting on record. */
    public static final UUID BUSH_REAR_LEFT = wheelEnd("Old bush 4x4", 2, "LEFT");

    private static UUID wheelEnd(String rig, int axle, String side) {
        return id(id(rig(rig) + " axle " + axle) + " " + side);
    }

    public static UUID frontLeft(String rig) {
        return wheelEnd(rig, 1, "LEFT");
    }

    /** Of a rig with two axles. */
    public static UUID rearRight(String rig) {
        return wheelEnd(rig, 2, "RIGHT");
    }

    /** A rig of the demo. */
    public static UUID rig(String name) {
        return id("demo " + name);
    }

    /** The long camper's next trip: six legs, four of them far from help. */
    public static final UUID SALT_FLATS = id("demo Long camper Out to the salt flats");

    /** The job half done on the bench, on the long camper's left hub. */
    public static final UUID JOB = id("demo job Long camper");

    private static UUID id(String text) {
        return UUID.nameUUIDFromBytes(text.getBytes(StandardCharsets.UTF_8));
    }

    public static String settingsOf(UUID wheelEnd) {
        return "/api/v1/wheel-ends/" + wheelEnd + "/nut-settings";
    }

    /** A good setting of the short camper: 17° back to hole 2. */
    public static String goodSetting(UUID id) {
        return """
                {"id": "%s", "setAt": "2026-05-14T10:00:00Z", "procedure": "SEAT_AND_FINGER_TIGHT",
                 "reading": {"mark": 2, "looserDegrees": 17}, "backOffDegrees": 17,
                 "measuredEndPlay": {"number": 0.08, "unit": "MILLIMETRE"}}
                """.formatted(id);
    }
}
