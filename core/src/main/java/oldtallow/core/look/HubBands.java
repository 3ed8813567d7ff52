package oldtallow.core.look;

/**
 * Bands of the trade for a hub that was driven without braking, common practice without a source: to 50 °C, or 30 K over the
 * day, fine; to 70 °C warm; over 90 °C stop. 15 K between sides is more than sun and wind do.
 */
public final class HubBands {

    /** °C. */
    public static final double FINE = 50;
    /** °C. */
    public static final double WARM = 70;
    /** °C. */
    public static final double STOP = 90;
    /** K over the day. */
    public static final double FINE_RISE = 30;
    /** K between the sides of an axle. */
    public static final double SIDES_DIFFER = 15;

    private HubBands() {}
}
