package oldtallow.core.schedule.interval;

import java.util.Set;
import oldtallow.core.hub.Construction;

/**
 * The service a wheel end sees, from which its intervals follow: not the hub alone, but the rig it carries. Which practice holds
 * for which is common practice of the trade.
 */
public enum Duty {
    TRAILER("year-or-distance", Set.of()),
    BOAT_TRAILER("boat-trailer", Set.of()),
    /** A boat trailer that is launched in salt water. */
    SALT_BOAT_TRAILER("salt-season", Set.of(Severity.SALT_WATER)),
    TOURING_TRAILER("touring-trailer", Set.of()),
    /** A touring trailer that leaves the road. */
    REMOTE_CAMPER("remote-camper", Set.of(Severity.OFF_ROAD)),
    CLASSIC_CAR("classic-car", Set.of()),
    LIGHT_TRUCK("year-or-distance", Set.of()),
    FOUR_WHEEL_DRIVE("four-wheel-drive", Set.of()),
    HEAVY_TRAILER("heavy-trailer", Set.of());

    private final String practice;
    private final Set<Severity> allowsFor;

    Duty(String practice, Set<Severity> allowsFor) {
        this.practice = practice;
        this.allowsFor = allowsFor;
    }

    /** The practice in {@code interval-practices.csv} that is common practice for it. */
    String practice() {
        return practice;
    }

    /** Hard use that its practice was made for: that does not shorten it again. */
    public Set<Severity> allowsFor() {
        return allowsFor;
    }

    /**
     * Of a wheel end of such a rig. A heavy rig on greased hubs is kept like any trailer, since the heavy schedule speaks of
     * oil baths; a truck's driven hubs are kept like a four-wheel drive's.
     *
     * @param rig what the rig is, whatever it goes through
     * @param uses what it goes through
     */
    public static Duty at(Duty rig, Set<Severity> uses, Construction construction) {
        if (construction == Construction.OIL_BATH_HEAVY) {
            return HEAVY_TRAILER;
        }
        return switch (rig) {
            case BOAT_TRAILER -> uses.contains(Severity.SALT_WATER) ? SALT_BOAT_TRAILER : BOAT_TRAILER;
            case TOURING_TRAILER -> uses.contains(Severity.OFF_ROAD) ? REMOTE_CAMPER : TOURING_TRAILER;
            case LIGHT_TRUCK -> construction.isDriven() ? FOUR_WHEEL_DRIVE : LIGHT_TRUCK;
            case HEAVY_TRAILER -> TRAILER;
            case TRAILER, SALT_BOAT_TRAILER, REMOTE_CAMPER, CLASSIC_CAR, FOUR_WHEEL_DRIVE -> rig;
        };
    }
}
