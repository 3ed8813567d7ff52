package oldtallow.core.schedule.interval;

import java.util.Set;

/**
 * Use that shortens what the trade and the workshop go by. A maker's figure stands as it is: whoever uses a rig hard looks
 * for the maker's own hard-use schedule.
 *
 * <p>Half the distance with repeated water crossings and salt water every season are common practice; half of it off the road
 * is what campers are kept by there against those that tour; a quarter less for braked hills and for full loads is this
 * product's own.
 */
public enum Severity {
    WATER_CROSSINGS("repeated water crossings", 0.5),
    SALT_WATER("salt water", 0.5),
    OFF_ROAD("off the road", 0.5),
    BRAKED_HILLS("braked hills", 0.75),
    FULL_LOADS("full loads", 0.75);

    /** However hard: under a third nobody would keep to it. */
    private static final double LEAST = 1.0 / 3;

    private final String words;
    private final double factor;

    Severity(String words, double factor) {
        this.words = words;
        this.factor = factor;
    }

    public String words() {
        return words;
    }

    /** By how much all of these together shorten a distance, 1/3 to 1. */
    public static double factor(Set<Severity> uses) {
        double factor = 1;
        for (Severity use : uses) {
            factor *= use.factor;
        }
        return Math.max(LEAST, factor);
    }

    /** The trigger as hard use leaves it: distances of service shortened, everything else as it is. */
    public static Trigger shortened(DueAction action, Trigger trigger, Set<Severity> uses) {
        if (uses.isEmpty() || trigger.kind() != Trigger.Kind.KILOMETRES || action == DueAction.RETORQUE) {
            return trigger;
        }
        int shorter = (int) Math.round(trigger.number() * factor(uses));
        return trigger.kind().of(Math.max(trigger.kind().least(), shorter));
    }
}
